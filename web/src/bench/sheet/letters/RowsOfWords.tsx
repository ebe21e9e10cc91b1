import type { Line } from '../../../api/client';
import { NumberField } from '../../../ui/NumberField';
import { Segments } from '../../../ui/Segments';
import { ownerOf, withLine } from '../../model/edits';
import { isPlaced } from '../../model/follows';
import { Row } from '../../shared/Row';
import { rowsOf } from '../../shared/rows';
import { useBench, useBenchStore } from '../../state/store';

/** Spacing, alignment and widths of a line's rows. */
export function RowsOfWords({ line }: { line: Line }) {
    const { change } = useBenchStore().getState();
    const { rows, words } = line.lettering;
    const placed = useBench(({ design }) => isPlaced(line) || ownerOf(design, line.id) !== undefined);
    return rowsOf(words) < 2 ? null : (
        <>
            <Row name="Rows">
                <NumberField
                    label="Row spacing, in percent of cap height"
                    field="rows"
                    unit="%"
                    least={50}
                    most={1000}
                    step={5}
                    value={rows.spacing}
                    onChange={(spacing) =>
                        change(
                            withLine(line.id, ({ lettering }) => (lettering.rows.spacing = spacing)),
                            `rows:${line.id}`,
                        )
                    }
                />
                {placed && <Aligned line={line} />}
            </Row>
            <Row name="All as wide">
                <Segments
                    label="Widths of the rows"
                    small
                    value={rows.widths}
                    options={[
                        { value: 'own', show: 'no' },
                        { value: 'by size', show: 'by size' },
                        { value: 'by spacing', show: 'by spacing' },
                    ]}
                    onChange={(widths) =>
                        change(withLine(line.id, ({ lettering }) => (lettering.rows.widths = widths)))
                    }
                />
            </Row>
        </>
    );
}

/** For a line without an alignment of its own. */
function Aligned({ line }: { line: Line }) {
    const { change } = useBenchStore().getState();
    return (
        <Segments
            label="Row alignment"
            small
            value={line.place.align}
            options={[
                { value: 'left', show: 'left' },
                { value: 'centre', show: 'mid' },
                { value: 'right', show: 'right' },
            ]}
            onChange={(align) => change(withLine(line.id, ({ place }) => (place.align = align)))}
        />
    );
}
