import { Row } from '../Row';
import { Off } from './Off';
import type { Treating } from './Treating';

/** Pieces taken out of a card, each to be brought back. */
export function TakenOutRows({ treatments: { erased }, put }: Treating) {
    return erased.map((piece, at) => (
        <Row key={piece.id} name={at === 0 ? 'Taken out' : ''}>
            <span className="text-xs">piece {at + 1}</span>
            <button
                className="text-xs font-semibold text-indigo hover:underline"
                onClick={() =>
                    put((now) =>
                        now.erased.filter(({ id }) => id === piece.id).forEach((own) => (own.hidden = !own.hidden)),
                    )
                }
            >
                {piece.hidden ? 'Take out' : 'Bring back'}
            </button>
            <Off
                name={`Forget piece ${at + 1}`}
                onClick={() => put((now) => (now.erased = now.erased.filter(({ id }) => id !== piece.id)))}
            />
        </Row>
    ));
}
