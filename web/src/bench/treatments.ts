import type { Design, Film, Rim, Treatments } from '../api/client';
import { defaults } from '../api/defaults';

export const newRim = (film: string): Rim => ({ ...defaults.rim, film });

/** The film that something behind a card would be cut from: another one than its own, from the design or the rack. */
export const behind = (film: string, design: Design, rack: readonly Film[]): Film | undefined =>
    [...design.films, ...rack].find(({ id }) => id !== film) ?? design.films[0];

/** What is done to a card, in a few words; empty where nothing is. */
export function treatmentWords({ outlines, shadow, inline, setInto, cutFrom, copies, erased }: Treatments): string {
    const words = [
        outlines.length > 0 && `outline ${outlines.map(({ width }) => width / 1000).join(' + ')}`,
        shadow.kind !== 'none' && `${shadow.kind} shadow`,
        inline.width > 0 && 'inline',
        setInto.card && 'set in',
        cutFrom.card && 'cut out',
        copies.kind !== 'none' && `copies: ${copies.kind}`,
        erased.length > 0 && `${erased.length} taken out`,
    ];
    return words.filter(Boolean).join(' · ');
}
