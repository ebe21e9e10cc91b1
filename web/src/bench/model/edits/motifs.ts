import type { Blank, Film, Form, Frame, Motif, ReadArtwork } from '../../../api/client';
import { defaults } from '../../../api/defaults';
import { edit, takeFilm, type Change, type Edit } from './edit';

export const withMotif = (id: string, change: Change<Motif>): Edit =>
    edit((design) => {
        const motif = design.motifs.find((candidate) => candidate.id === id);
        if (motif) {
            change(motif);
        }
    });

/** Assigns a film to a colour of a motif; null leaves the colour out. */
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

/** What a new motif makes room for: the selection and the existing ink. */
interface Surroundings {
    on?: string | null;
    ink?: Frame | null;
}

/** Margin of a new motif, in µm. */
const EDGE = 8000;

/**
 * Artwork that was read, in proportion: inside the form that is chosen, to which it belongs then; else where the area has most room
 * beside the ink. Each of its colours gets the film that is most like it.
 */
export const withNewMotif = (
    id: string,
    name: string,
    artwork: ReadArtwork,
    rack: readonly Film[],
    { on = null, ink = null }: Surroundings = {},
): Edit =>
    edit((design) => {
        const form = design.forms.find((candidate) => candidate.id === on);
        const room = form ? insideOf(form) : roomBeside(design.blank.placement, ink);
        const factor = Math.min(room.width / artwork.width, room.height / artwork.height);
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
            place: {
                ...defaults.spot,
                across: Math.round(room.left + room.width / 2),
                down: Math.round(room.top + room.height / 2),
            },
            belongs: { ...defaults.belonging, to: form?.id ?? '' },
            depth: form?.depth ?? 0,
        });
    });

/** The largest upright square inside a form; in a ring, inside its hole. */
function insideOf({ shape: { kind, band }, size, place }: Form): Frame {
    const hole = kind === 'ring' ? 2 * band : 0;
    const round = kind === 'ring' || kind === 'circle' ? Math.SQRT1_2 : 0.8;
    const [width, height] = [(size.width - hole) * round * 0.95, (size.height - hole) * round * 0.95];
    return { left: place.across - width / 2, top: place.down - height / 2, width, height };
}

/** The taller strip above or below the ink in the area; half the area without ink or room. */
function roomBeside({ width, height }: Blank['placement'], ink: Frame | null): Frame {
    const half = Math.min(width, height) / 2;
    const middle = { left: -half / 2, top: (height - half) / 2, width: half, height: half };
    if (!ink) {
        return middle;
    }
    const below = Math.max(0, ink.top + ink.height);
    const strips = [
        { top: below + EDGE, height: height - below - 2 * EDGE },
        { top: EDGE, height: Math.min(height, ink.top) - 2 * EDGE },
    ].sort((a, b) => b.height - a.height);
    const [best] = strips;
    return best && best.height > height / 5
        ? { left: EDGE - width / 2, width: width - 2 * EDGE, top: best.top, height: Math.min(best.height, half) }
        : middle;
}

function nearestFilm(colour: string, films: readonly Film[]): Film | undefined {
    const channels = (hex: string) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
    const far = (film: Film) => {
        const [own, other] = [channels(colour), channels(film.colour)];
        return own.reduce((sum, value, at) => sum + (value - (other[at] ?? 0)) ** 2, 0);
    };
    return [...films].sort((a, b) => far(a) - far(b))[0];
}
