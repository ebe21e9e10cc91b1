import { LengthField } from '../../ui/LengthField';
import { FilmChoice } from '../FilmChoice';
import { Row } from '../Row';
import { Off } from './Off';
import type { Treating } from './Treating';

/** A line inside the lettering. */
export function InlineRow({ treatments: { inline }, put, design }: Treating) {
    const { unit } = design;
    return (
        <Row name="Inline">
            <LengthField
                label="Width of the inline"
                note="wide"
                unit={unit}
                least={50}
                value={inline.width}
                onChange={(width) => put((now) => (now.inline.width = width))}
            />
            <LengthField
                label="Distance of the inline from the edge"
                note="in"
                atRight
                unit={unit}
                least={50}
                value={inline.distance}
                onChange={(distance) => put((now) => (now.inline.distance = distance))}
            />
            <FilmChoice
                label="Film of the inline"
                value={inline.film}
                design={design}
                none="cut out"
                onChange={(next) => put((now) => (now.inline.film = next?.id ?? ''), next)}
            />
            <Off name="Remove the inline" onClick={() => put((now) => (now.inline.width = 0))} />
        </Row>
    );
}
