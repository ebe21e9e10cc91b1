import { LengthField } from '../../../ui/LengthField';
import { FilmChoice } from '../../shared/FilmChoice';
import { Off } from '../../shared/Off';
import { Row } from '../../shared/Row';
import { useBench } from '../../state/store';
import type { Treating } from '../card/useTreatments';

/** A line inside the strokes of the lettering. */
export function InlineRow({ treatments: { inline }, put }: Treating) {
    const unit = useBench((bench) => bench.design.unit);
    return (
        <>
            <Row name="Inline">
                <span className="flex w-full items-center gap-1">
                    <LengthField
                        label="Width of the inline"
                        field="inline"
                        slim
                        unit={unit}
                        least={50}
                        value={inline.width}
                        onChange={(width) => put((now) => (now.inline.width = width))}
                    />
                    <FilmChoice
                        label="Film of the inline"
                        value={inline.film}
                        none="cut out"
                        onChange={(next) => put((now) => (now.inline.film = next?.id ?? ''), next)}
                    />
                    <Off name="Remove the inline" onClick={() => put((now) => (now.inline.width = 0))} />
                </span>
            </Row>
            <Row name="From edge">
                <LengthField
                    label="Distance of the inline from the edge"
                    note="in"
                    unit={unit}
                    least={50}
                    value={inline.distance}
                    onChange={(distance) => put((now) => (now.inline.distance = distance))}
                />
            </Row>
        </>
    );
}
