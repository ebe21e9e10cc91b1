import type { Film, Letter, Line } from '../../../api/client';
import { defaults } from '../../../api/defaults';
import { edit, inTurn, takeFilm, type Change, type Edit } from './edit';
import { withLine, withWords } from './lines';

/** Stands for an ornament in the words; its glyph is set separately. */
export const ORNAMENT = '❧';

/** Assigns a film to letters, or resets them to their line's. */
export const withLetterFilm =
    (id: string, places: readonly number[], film: Film): Edit =>
    (design) => {
        const own = design.lines.find((line) => line.id === id)?.film === film.id;
        return inTurn(
            edit((now) => takeFilm(now, film, 'above')),
            withLetters(id, places, (letter) => (letter.film = own ? '' : film.id)),
        )(design);
    };

/** Inserts an ornament before a character. */
export const withOrnament =
    (id: string, at: number, glyph: number): Edit =>
    (design) => {
        const characters = Array.from(design.lines.find((line) => line.id === id)?.lettering.words ?? '');
        characters.splice(at, 0, ORNAMENT);
        return inTurn(
            withWords(id, characters.join('')),
            withLetter(id, at, (letter) => (letter.glyph = glyph)),
        )(design);
    };

/** Sets one letter; letters without settings are left out of the document. */
export const withLetter = (id: string, at: number, change: Change<Letter>): Edit =>
    withLine(id, ({ lettering }) => {
        const letter = { ...(lettering.letters.find((other) => other.at === at) ?? plainLetter(at)) };
        change(letter);
        const others = lettering.letters.filter((other) => other.at !== at);
        lettering.letters = isPlain(letter) ? others : [...others, letter].sort((a, b) => a.at - b.at);
    });

/** Sets several letters alike. */
export const withLetters = (id: string, places: readonly number[], change: Change<Letter>): Edit =>
    inTurn(...places.map((at) => withLetter(id, at, change)));

/** All places with the same character, including the given one. */
export function lettersAlike({ lettering }: Line, at: number): number[] {
    const characters = Array.from(lettering.words);
    return characters.flatMap((character, place) => (character === characters[at] ? [place] : []));
}

/** A letter without settings. */
export const plainLetter = (at: number): Letter => ({ ...defaults.letter, at });

const isPlain = ({ features, ...letter }: Letter) =>
    features.length === 0 &&
    Object.entries(defaults.letter).every(
        ([field, value]) => field === 'features' || letter[field as keyof typeof letter] === value,
    );
