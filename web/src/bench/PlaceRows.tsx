import type { Form, Motif, Unit } from '../api/client';
import { LengthField } from '../ui/LengthField';
import { NumberField } from '../ui/NumberField';
import type { Put } from './edits';
import { Row } from './Row';

interface Props {
    what: string;
    place: Form['place'];
    unit: Unit;
    set: Put<Form | Motif>;
}

/** Where a form or a motif stands and how it is turned: rows of its open card. */
export function PlaceRows({ what, place, unit, set }: Props) {
    return (
        <>
            <Row name="Stands">
                <LengthField
                    label="How far right of the area’s middle"
                    note="right"
                    unit={unit}
                    value={place.across}
                    onChange={(across) => set((now) => (now.place.across = across))}
                />
                <LengthField
                    label="How far below the area’s edge"
                    note="down"
                    atRight
                    unit={unit}
                    value={place.down}
                    onChange={(down) => set((now) => (now.place.down = down))}
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
                    onChange={(turn) => set((now) => (now.place.turn = turn), 'turn')}
                />
            </Row>
        </>
    );
}
