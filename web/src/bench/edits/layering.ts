import type { Design, Film, JointKind, Layering } from '../../api/client';
import type { Edit } from './edit';
import { plainLetter } from './letters';

export const withLayering =
    (change: Partial<Layering>): Edit =>
    (design) => ({ ...design, layering: { ...design.layering, ...change } });

/** How two films meet, whichever of them lies above. */
export const withJoint =
    (film: string, other: string, change: { kind?: JointKind; width?: number }): Edit =>
    (design) => {
        const id = [film, other].sort().join(' ');
        const { joints, usual } = design.layering;
        const joint = { ...(joints.find((one) => one.id === id) ?? { id, film, other, ...usual }), ...change };
        return withLayering({ joints: [...joints.filter((one) => one.id !== id), joint] })(design);
    };

/** Films in another order, given those that are cut, the top one first; those that are not cut stay where they are. */
export const withFilmOrder =
    (topFirst: readonly string[]): Edit =>
    (design) => {
        const ordered = [...topFirst].reverse().map((id) => design.films.find((film) => film.id === id));
        const moving = new Set(topFirst);
        const films = design.films.map((film) => (moving.has(film.id) ? ordered.shift() : film));
        return { ...design, films: films.filter((film): film is Film => film !== undefined) };
    };

/** Every other letter of a line in another film; the line's own film puts them all back. */
export const withAlternateFilm =
    (id: string, film: Film): Edit =>
    (design: Design) => {
        const films = design.films.some((known) => known.id === film.id) ? design.films : [...design.films, film];
        const lines = design.lines.map((line) => {
            if (line.id !== id) {
                return line;
            }
            const seen = Array.from(line.words).flatMap((character, at) => (character.trim() === '' ? [] : [at]));
            const odd = new Set(film.id === line.film ? [] : seen.filter((_, number) => number % 2 === 1));
            const known = new Map(line.letters.map((letter) => [letter.at, letter]));
            const letters = seen.flatMap((at) => {
                const letter = known.get(at);
                if (!letter && !odd.has(at)) {
                    return [];
                }
                return [{ ...(letter ?? plainLetter(at)), film: odd.has(at) ? film.id : '' }];
            });
            return { ...line, letters };
        });
        return { ...design, films, lines };
    };
