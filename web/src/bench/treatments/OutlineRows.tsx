import type { Film, Rim } from '../../api/client';
import { LengthField } from '../../ui/LengthField';
import { Segments } from '../../ui/Segments';
import { FilmChoice } from '../FilmChoice';
import { Row } from '../Row';
import { Off } from './Off';
import type { Treating } from './Treating';

/** The outlines of a card, from the inside out. */
export function OutlineRows({ treatments: { outlines }, put, design }: Treating) {
    const { unit } = design;
    const rim = (at: number, next: Partial<Rim>, also?: Film | null) =>
        put((now) => now.outlines[at] && Object.assign(now.outlines[at], next), also);
    return outlines.map((own, at) => (
        <Row key={at} name={at === 0 ? 'Outline' : 'and'}>
            <LengthField
                label={`Width of outline ${at + 1}`}
                note="wide"
                unit={unit}
                least={50}
                value={own.width}
                onChange={(width) => rim(at, { width })}
            />
            <FilmChoice
                label={`Film of outline ${at + 1}`}
                value={own.film}
                design={design}
                onChange={(next) => next && rim(at, { film: next.id }, next)}
            />
            <Segments
                label={`Corners of outline ${at + 1}`}
                small
                value={own.corner}
                options={[
                    { value: 'round', show: 'round' },
                    { value: 'pointed', show: 'pointed' },
                    { value: 'flat', show: 'flat' },
                ]}
                onChange={(corner) => rim(at, { corner })}
            />
            <Segments
                label={`Holes of outline ${at + 1}`}
                small
                value={own.holes}
                options={[
                    { value: 'keep', show: 'holes' },
                    { value: 'small', show: 'large ones' },
                    { value: 'fill', show: 'filled' },
                ]}
                onChange={(holes) => rim(at, { holes })}
            />
            {own.holes === 'small' && (
                <LengthField
                    label={`Smallest hole of outline ${at + 1}`}
                    note="across"
                    unit={unit}
                    least={0}
                    value={own.smallest}
                    onChange={(smallest) => rim(at, { smallest })}
                />
            )}
            <Segments
                label={`What outline ${at + 1} goes round`}
                small
                value={own.around}
                options={[
                    { value: 'own', show: 'this' },
                    { value: 'group', show: 'its group' },
                    { value: 'all', show: 'all' },
                ]}
                onChange={(around) => rim(at, { around })}
            />
            <Segments
                label={`Where outline ${at + 1} nearly touches`}
                small
                value={own.near}
                options={[
                    { value: 'join', show: 'joined' },
                    { value: 'apart', show: 'apart' },
                    { value: 'as is', show: 'as it is' },
                ]}
                onChange={(near) => rim(at, { near })}
            />
            <Off name={`Remove outline ${at + 1}`} onClick={() => put((now) => now.outlines.splice(at, 1))} />
        </Row>
    ));
}
