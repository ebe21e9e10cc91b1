import { LengthField } from '../../../ui/LengthField';
import { NumberField } from '../../../ui/NumberField';
import { Segments } from '../../../ui/Segments';
import { FilmChoice } from '../../shared/FilmChoice';
import { Off } from '../../shared/Off';
import { Row } from '../../shared/Row';
import { useBench } from '../../state/store';
import type { Treating } from '../card/useTreatments';

/** A card's shadow. */
export function ShadowRows({ treatments: { shadow }, put }: Treating) {
    const unit = useBench((bench) => bench.design.unit);
    return (
        <>
            <Row name="Shadow">
                <span className="flex w-full items-center gap-1">
                    <LengthField
                        label="Length of the shadow"
                        field="shadow"
                        slim
                        unit={unit}
                        least={0}
                        value={shadow.length}
                        onChange={(length) => put((now) => (now.shadow.length = length))}
                    />
                    <FilmChoice
                        label="Film of the shadow"
                        value={shadow.film}
                        onChange={(next) => next && put((now) => (now.shadow.film = next.id), next)}
                    />
                    <Off name="Remove the shadow" onClick={() => put((now) => (now.shadow.kind = 'none'))} />
                </span>
            </Row>
            <Row name="Kind">
                <Segments
                    label="Kind of shadow"
                    small
                    value={shadow.kind}
                    options={[
                        { value: 'all round', show: 'all round' },
                        { value: 'block', show: 'block' },
                        { value: 'shifted', show: 'shifted' },
                    ]}
                    onChange={(kind) => put((now) => (now.shadow.kind = kind))}
                />
            </Row>
            {shadow.kind !== 'all round' && (
                <Row name="Angle">
                    <NumberField
                        label="Angle of the shadow in degrees, clockwise from the right"
                        unit="°"
                        least={-360}
                        most={360}
                        value={shadow.angle}
                        onChange={(angle) => put((now) => (now.shadow.angle = angle))}
                    />
                </Row>
            )}
            <Row name="Gap">
                <LengthField
                    label="Gap between the shadow and the lettering"
                    note="clear"
                    unit={unit}
                    least={0}
                    value={shadow.gap}
                    onChange={(gap) => put((now) => (now.shadow.gap = gap))}
                />
            </Row>
            <Row name="Cast by">
                <Segments
                    label="Shadow cast by"
                    small
                    value={shadow.around}
                    options={[
                        { value: 'own', show: 'this' },
                        { value: 'group', show: 'its group' },
                        { value: 'all', show: 'all' },
                    ]}
                    onChange={(around) => put((now) => (now.shadow.around = around))}
                />
            </Row>
        </>
    );
}
