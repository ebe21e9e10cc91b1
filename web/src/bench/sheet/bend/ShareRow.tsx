import type { Line } from '../../../api/client';
import { NumberField } from '../../../ui/NumberField';
import { withLine } from '../../model/edits';
import { Row } from '../../shared/Row';
import { useBenchStore } from '../../state/store';

/** Share of the circle that a line fills; its size follows. */
export function ShareRow({ line }: { line: Line }) {
    const { change } = useBenchStore().getState();
    const { by, share } = line.size;
    return (
        <Row name="Fills">
            <NumberField
                label="Share of the circle, in percent"
                unit={by === 'share' ? '% of it' : '% if set'}
                least={1}
                most={100}
                digits={1}
                value={share}
                onChange={(next) =>
                    change(
                        withLine(line.id, ({ size }) => Object.assign(size, { by: 'share', share: next })),
                        `share:${line.id}`,
                    )
                }
            />
        </Row>
    );
}
