import type { Design, Film, Rim, Treatments } from '../api/client';

/** Nothing done to a card; what is set for treatments that are off is kept. */
export const untreated: Treatments = {
    group: '',
    erased: [],
    copies: { kind: 'none', across: 2, down: 1, gap: 5000, count: 6, radius: 60000 },
    outlines: [],
    shadow: { kind: 'none', angle: 45, length: 5000, gap: 0, film: '', around: 'own' },
    inline: { width: 0, distance: 1500, film: '' },
    setInto: { card: '', clearance: 1000, corner: 'round', keep: true },
    cutFrom: { card: '', islands: 'keep', bridge: 1500 },
};

export const newRim = (film: string): Rim => ({
    width: 2000,
    film,
    corner: 'round',
    holes: 'keep',
    smallest: 3000,
    near: 'join',
    around: 'own',
});

/** The film that something behind a card would be cut from: another one than its own, from the design or the rack. */
export const behind = (film: string, design: Design, rack: readonly Film[]): Film | undefined =>
    [...design.films, ...rack].find(({ id }) => id !== film) ?? design.films[0];

/** The film of the rack in a design, beneath those of its cards if it is new there. */
export const withFilmBeneath = (design: Design, film: Film): Design =>
    design.films.some(({ id }) => id === film.id) ? design : { ...design, films: [film, ...design.films] };

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
