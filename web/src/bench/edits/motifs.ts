import type { Film, Motif, ReadArtwork } from '../../api/client';
import { untreated } from '../treatments';
import type { Edit } from './edit';

export const withMotif =
    (id: string, change: Partial<Motif>): Edit =>
    (design) => ({
        ...design,
        motifs: design.motifs.map((motif) => (motif.id === id ? { ...motif, ...change } : motif)),
    });

export const withoutMotif =
    (id: string): Edit =>
    (design) => ({ ...design, motifs: design.motifs.filter((motif) => motif.id !== id) });

/** A copy of a motif, somewhat to the right and below it. */
export const withMotifCopy =
    (id: string, copyId: string): Edit =>
    (design) => ({
        ...design,
        motifs: design.motifs.flatMap((motif) =>
            motif.id === id
                ? [motif, { ...motif, id: copyId, across: motif.across + 8000, down: motif.down + 8000, locked: false }]
                : [motif],
        ),
    });

/** Artwork that was read, in the middle of the area; each of its colours gets the film that is most like it. */
export const withNewMotif =
    (id: string, name: string, artwork: ReadArtwork, rack: readonly Film[]): Edit =>
    (design) => {
        const { width, height } = design.blank.placement;
        const factor = (0.5 * Math.min(width, height)) / Math.max(artwork.width, artwork.height);
        const known = rack.length > 0 ? rack : design.films;
        const chosen = artwork.colours.map(({ colour }) => nearestFilm(colour, known));
        const added = chosen.filter(
            (film, at) =>
                film && chosen.indexOf(film) === at && !design.films.some((candidate) => candidate.id === film.id),
        ) as Film[];
        const motif: Motif = {
            id,
            name: name.slice(0, 80) || 'Motif',
            width: Math.max(500, Math.round(artwork.width * factor)),
            height: Math.max(500, Math.round(artwork.height * factor)),
            colours: artwork.colours.map((colour, at) => ({ ...colour, film: chosen[at]?.id ?? '' })),
            across: 0,
            down: Math.round(height / 2),
            turn: 0,
            proportional: true,
            hidden: false,
            locked: false,
            treatments: untreated,
        };
        return { ...design, films: [...design.films, ...added], motifs: [...design.motifs, motif] };
    };

function nearestFilm(colour: string, films: readonly Film[]): Film | undefined {
    const channels = (hex: string) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
    const far = (film: Film) => {
        const [own, other] = [channels(colour), channels(film.colour)];
        return own.reduce((sum, value, at) => sum + (value - (other[at] ?? 0)) ** 2, 0);
    };
    return [...films].sort((a, b) => far(a) - far(b))[0];
}
