import type { Form, Motif, Unit } from '../api/client';
import { LengthField } from '../ui/LengthField';
import { Row } from './Row';

interface Props {
    what: string;
    card: Form | Motif;
    unit: Unit;
    onWidth: (width: number) => void;
    onHeight: (height: number) => void;
}

/** The width and height of a form or motif. */
export function SizeRow({ what, card, unit, onWidth, onHeight }: Props) {
    return (
        <Row name="Size">
            <LengthField
                label={`Width of the ${what}`}
                note="wide"
                unit={unit}
                least={500}
                value={card.width}
                onChange={onWidth}
            />
            <LengthField
                label={`Height of the ${what}`}
                note="high"
                atRight
                unit={unit}
                least={500}
                value={card.height}
                onChange={onHeight}
            />
        </Row>
    );
}
