import type { Form, Motif, Unit } from '../api/client';
import { LengthField } from '../ui/LengthField';
import type { Put } from './edits';
import { Row } from './Row';

interface Props {
    what: string;
    card: Form | Motif;
    unit: Unit;
    set: Put<Form | Motif>;
}

/** The width and height of a form or motif. */
export function SizeRow({ what, card: { size }, unit, set }: Props) {
    // In proportion the other measure goes along.
    const sized = (side: 'width' | 'height', other: 'width' | 'height', length: number) =>
        set(({ size }) => {
            size[other] = size.proportional ? Math.round((size[other] * length) / size[side]) : size[other];
            size[side] = length;
        });

    return (
        <Row name="Size">
            <LengthField
                label={`Width of the ${what}`}
                note="wide"
                unit={unit}
                least={500}
                value={size.width}
                onChange={(width) => sized('width', 'height', width)}
            />
            <LengthField
                label={`Height of the ${what}`}
                note="high"
                atRight
                unit={unit}
                least={500}
                value={size.height}
                onChange={(height) => sized('height', 'width', height)}
            />
        </Row>
    );
}
