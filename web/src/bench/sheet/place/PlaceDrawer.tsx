import type { Line } from '../../../api/client';
import { Segments } from '../../../ui/Segments';
import { isLine, withLine, type Card, type Change } from '../../model/edits';
import { Row, Rows } from '../../shared/Row';
import { useBench, useBenchStore } from '../../state/store';

/** Rare position settings of a stacked line. */
export function PlaceDrawer({ card }: { card: Card }) {
    return isLine(card) ? <PlaceOf line={card} /> : null;
}

function PlaceOf({ line }: { line: Line }) {
    const first = useBench(({ design }) => design.lines[0]?.id === line.id);
    const { change } = useBenchStore().getState();
    const set = (next: Change<Line['stacking']>) => change(withLine(line.id, ({ stacking }) => next(stacking)));
    return first ? (
        <p className="text-xs text-quiet">
            The first line is measured from the area. Where all lines begin is set with the blank: Change, above.
        </p>
    ) : (
        <Rows>
            <Row name="Aligned to">
                <Segments
                    label="Align to"
                    field="alignTo"
                    small
                    value={line.stacking.alignTo}
                    options={[
                        { value: 'area', show: 'the area' },
                        { value: 'above', show: 'the line above' },
                    ]}
                    onChange={(alignTo) => set((now) => Object.assign(now, { alignTo, shift: 0 }))}
                />
            </Row>
            <Row name="Gap from">
                <Segments
                    label="Measure the gap from"
                    field="tight"
                    small
                    value={line.stacking.tight ? 'shapes' : 'lines'}
                    options={[
                        { value: 'lines', show: 'lowest ink' },
                        { value: 'shapes', show: 'nearest ink' },
                    ]}
                    onChange={(to) => set((now) => (now.tight = to === 'shapes'))}
                />
            </Row>
        </Rows>
    );
}
