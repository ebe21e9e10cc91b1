import type { Line } from '../../../api/client';
import { NumberField } from '../../../ui/NumberField';
import { withLine } from '../../model/edits';
import { Row } from '../../shared/Row';
import { useBenchStore } from '../../state/store';

/** Turns of the spiral that a line fills; its size follows. */
export function TurnsRow({ line }: { line: Line }) {
    const { change } = useBenchStore().getState();
    const { by, turns } = line.size;
    return (
        <Row name="Turns">
            <NumberField
                label="Number of turns of the spiral"
                unit={by === 'turns' ? 'turns' : 'turns if set'}
                least={0.25}
                most={40}
                step={0.25}
                digits={2}
                value={turns}
                onChange={(next) =>
                    change(
                        withLine(line.id, ({ size }) => Object.assign(size, { by: 'turns', turns: next })),
                        `turns:${line.id}`,
                    )
                }
            />
        </Row>
    );
}
