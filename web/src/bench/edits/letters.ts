import type { Film, Letter } from '../../api/client';
import type { Edit } from './edit';
import { withLine, withWords } from './lines';

/** What stands in the words for an ornament, whose glyph was chosen by sight. */
export const ORNAMENT = '❧';

/** Puts a letter on a film of the rack, or back on that of its line. */
export const withLetterFilm =
    (id: string, at: number, film: Film): Edit =>
    (design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        const films = design.films.some((known) => known.id === film.id) ? design.films : [...design.films, film];
        return withLetter(id, at, { film: film.id === line?.film ? '' : film.id })({ ...design, films });
    };

/** An ornament put into the words of a line before the given character. */
export const withOrnament =
    (id: string, at: number, glyph: number): Edit =>
    (design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        if (!line) {
            return design;
        }
        const characters = Array.from(line.words);
        characters.splice(at, 0, ORNAMENT);
        return withLetter(id, at, { glyph })(withWords(id, characters.join(''))(design));
    };

/** What is set for one letter; a letter that nothing is set for is left out. */
export const withLetter =
    (id: string, at: number, change: Partial<Letter>): Edit =>
    (design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        const letter = { ...(line?.letters.find((other) => other.at === at) ?? plainLetter(at)), ...change };
        const others = line?.letters.filter((other) => other.at !== at) ?? [];
        const letters = isPlain(letter) ? others : [...others, letter].sort((a, b) => a.at - b.at);
        return withLine(id, { letters })(design);
    };

export const plainLetter = (at: number): Letter => ({
    at,
    kern: 0,
    along: 0,
    across: 0,
    turn: 0,
    scale: 100,
    features: [],
    glyph: -1,
    film: '',
});

const isPlain = ({ kern, along, across, turn, scale, features, glyph, film }: Letter) =>
    kern === 0 &&
    along === 0 &&
    across === 0 &&
    turn === 0 &&
    scale === 100 &&
    features.length === 0 &&
    glyph < 0 &&
    film === '';
