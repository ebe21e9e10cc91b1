import type { Unit } from '../api/client';
import { LengthField } from '../ui/LengthField';
import { NumberField } from '../ui/NumberField';
import { Row } from './Row';

interface Place {
    across: number;
    down: number;
    turn: number;
}

interface Props {
    what: string;
    place: Place;
    unit: Unit;
    onChange: (next: Partial<Place>, what?: string) => void;
}

/** Where a form or a motif stands and how it is turned: rows of its open card. */
export function PlaceRows({ what, place, unit, onChange }: Props) {
    return (
        <>
            <Row name="Stands">
                <LengthField
                    label="How far right of the area’s middle"
                    note="right"
                    unit={unit}
                    value={place.across}
                    onChange={(across) => onChange({ across })}
                />
                <LengthField
                    label="How far below the area’s edge"
                    note="down"
                    atRight
                    unit={unit}
                    value={place.down}
                    onChange={(down) => onChange({ down })}
                />
            </Row>
            <Row name="Turned">
                <NumberField
                    label={`Turn of the ${what} in degrees, clockwise`}
                    unit="°"
                    least={-180}
                    most={180}
                    digits={1}
                    value={place.turn}
                    onChange={(turn) => onChange({ turn }, 'turn')}
                />
            </Row>
        </>
    );
}
