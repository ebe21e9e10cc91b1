import { LengthField } from '../../ui/LengthField';
import { NumberField } from '../../ui/NumberField';
import { Segments } from '../../ui/Segments';
import { FilmChoice } from '../FilmChoice';
import { Row } from '../Row';
import { Off } from './Off';
import type { Treating } from './Treating';

/** The shadow behind a card. */
export function ShadowRow({ treatments: { shadow }, put, design }: Treating) {
    const { unit } = design;
    return (
        <Row name="Shadow">
            <Segments
                label="Kind of shadow"
                small
                value={shadow.kind}
                options={[
                    { value: 'shifted', show: 'shifted' },
                    { value: 'block', show: 'block' },
                ]}
                onChange={(kind) => put((now) => (now.shadow.kind = kind))}
            />
            <FilmChoice
                label="Film of the shadow"
                value={shadow.film}
                design={design}
                onChange={(next) => next && put((now) => (now.shadow.film = next.id), next)}
            />
            <LengthField
                label="Length of the shadow"
                note="long"
                unit={unit}
                least={0}
                value={shadow.length}
                onChange={(length) => put((now) => (now.shadow.length = length))}
            />
            <NumberField
                label="Angle of the shadow in degrees, clockwise from the right"
                unit="°"
                least={-360}
                most={360}
                value={shadow.angle}
                onChange={(angle) => put((now) => (now.shadow.angle = angle))}
            />
            <LengthField
                label="Gap between the shadow and the lettering"
                note="clear"
                unit={unit}
                least={0}
                value={shadow.gap}
                onChange={(gap) => put((now) => (now.shadow.gap = gap))}
            />
            <Segments
                label="What casts the shadow"
                small
                value={shadow.around}
                options={[
                    { value: 'own', show: 'this' },
                    { value: 'group', show: 'group' },
                    { value: 'all', show: 'all' },
                ]}
                onChange={(around) => put((now) => (now.shadow.around = around))}
            />
            <Off name="Remove the shadow" onClick={() => put((now) => (now.shadow.kind = 'none'))} />
        </Row>
    );
}
