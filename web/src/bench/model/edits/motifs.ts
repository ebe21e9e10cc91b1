import type { Film, Motif, ReadArtwork } from '../../../api/client';
import { defaults } from '../../../api/defaults';
import { edit, takeFilm, type Change, type Edit } from './edit';

export const withMotif = (id: string, change: Change<Motif>): Edit =>
    edit((design) => {
        const motif = design.motifs.find((candidate) => candidate.id === id);
        if (motif) {
            change(motif);
        }
    });

/** A film of the rack for a colour of a motif, or none where it is left out. */
export const withMotifFilm = (id: string, at: number, film: Film | null): Edit =>
    edit((design) => {
        const colour = design.motifs.find((candidate) => candidate.id === id)?.colours[at];
        if (colour) {
            colour.film = film?.id ?? '';
            if (film) {
                takeFilm(design, film, 'beneath');
            }
        }
    });

/** Artwork that was read, in the middle of the area; each of its colours gets the film that is most like it. */
export const withNewMotif = (id: string, name: string, artwork: ReadArtwork, rack: readonly Film[]): Edit =>
    edit((design) => {
        const { width, height } = design.blank.placement;
        const factor = (0.5 * Math.min(width, height)) / Math.max(artwork.width, artwork.height);
        const known = rack.length > 0 ? rack : design.films;
        const colours = artwork.colours.map((colour) => {
            const film = nearestFilm(colour.colour, known);
            if (film) {
                takeFilm(design, film, 'above');
            }
            return { ...colour, film: film?.id ?? '' };
        });
        design.motifs.push({
            ...defaults.motif,
            id,
            name: name.slice(0, 80) || 'Motif',
            colours,
            size: {
                ...defaults.dimensions,
                width: Math.max(500, Math.round(artwork.width * factor)),
                height: Math.max(500, Math.round(artwork.height * factor)),
            },
            place: { ...defaults.spot, down: Math.round(height / 2) },
        });
    });

function nearestFilm(colour: string, films: readonly Film[]): Film | undefined {
    const channels = (hex: string) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
    const far = (film: Film) => {
        const [own, other] = [channels(colour), channels(film.colour)];
        return own.reduce((sum, value, at) => sum + (value - (other[at] ?? 0)) ** 2, 0);
    };
    return [...films].sort((a, b) => far(a) - far(b))[0];
}
