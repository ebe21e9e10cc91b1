import { Button } from '../../../ui/Button';
import { Off } from '../../shared/Off';
import { Row } from '../../shared/Row';
import type { Treating } from '../card/useTreatments';

/** Erased pieces, each restorable. */
export function ErasedRows({ treatments: { erased }, put }: Pick<Treating, 'treatments' | 'put'>) {
    return erased.map(({ id, hidden }, at) => (
        <Row key={id} name={at === 0 ? 'Erased' : ''}>
            <span className="text-xs" data-field={at === 0 ? 'erased' : undefined} tabIndex={at === 0 ? -1 : undefined}>
                piece {at + 1}
            </span>
            <Button
                look="words"
                small
                onClick={() =>
                    put((now) => now.erased.filter((own) => own.id === id).forEach((own) => (own.hidden = !own.hidden)))
                }
            >
                {hidden ? 'Erase again' : 'Restore'}
            </Button>
            <Off
                name={`Forget piece ${at + 1}`}
                onClick={() => put((now) => (now.erased = now.erased.filter((own) => own.id !== id)))}
            />
        </Row>
    ));
}
