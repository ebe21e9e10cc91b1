import type { Film, JointChoice, Layering } from '../../../api/client';
import { cardsOf, edit, isLine, takeFilm, type Change, type Edit } from './edit';
import { plainLetter } from './letters';

export const withLayering = (change: Change<Layering>): Edit => edit(({ layering }) => change(layering));

/** Sets how two films meet, whichever is on top. */
export const withJoint = (film: string, other: string, change: Partial<JointChoice>): Edit =>
    withLayering((layering) => {
        const id = [film, other].sort().join(' ');
        const joint = layering.joints.find((one) => one.id === id) ?? { id, film, other, ...layering.usual };
        layering.joints = [...layering.joints.filter((one) => one.id !== id), { ...joint, ...change }];
    });

/** Reorders the films that are cut, top first; unused ones stay. */
export const withFilmOrder = (topFirst: readonly string[]): Edit =>
    edit((design) => {
        const ordered = [...topFirst].reverse().map((id) => design.films.find((film) => film.id === id));
        const moving = new Set(topFirst);
        const films = design.films.map((film) => (moving.has(film.id) ? ordered.shift() : film));
        design.films = films.filter((film): film is Film => film !== undefined);
    });

/** Assigns a film to every other letter of a line; the line's own film resets them. */
export const withAlternateFilm = (id: string, film: Film): Edit =>
    edit((design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        if (!line) {
            return;
        }
        takeFilm(design, film, 'above');
        const { lettering } = line;
        const seen = Array.from(lettering.words).flatMap((character, at) => (character.trim() === '' ? [] : [at]));
        const odd = new Set(film.id === line.film ? [] : seen.filter((_, number) => number % 2 === 1));
        const known = new Map(lettering.letters.map((letter) => [letter.at, letter]));
        lettering.letters = seen.flatMap((at) => {
            const letter = known.get(at);
            if (!letter && !odd.has(at)) {
                return [];
            }
            return [{ ...(letter ?? plainLetter(at)), film: odd.has(at) ? film.id : '' }];
        });
    });

/** Replaces a film throughout the design; a film already in use is swapped. */
export const withFilmsSwapped = (from: string, to: Film): Edit =>
    edit((design) => {
        if (from === to.id) {
            return;
        }
        const had = design.films.some(({ id }) => id === to.id);
        const swapped = (id: string) => (id === from ? to.id : id === to.id && had ? from : id);
        for (const card of cardsOf(design)) {
            if ('colours' in card) {
                [...card.colours, ...card.pieces].forEach((own) => (own.film = swapped(own.film)));
            } else {
                card.film = swapped(card.film);
            }
            if (isLine(card)) {
                card.lettering.letters.forEach((letter) => (letter.film = swapped(letter.film)));
            }
            const { outlines, shadow, inline, copies } = card.treatments;
            [...outlines, shadow, inline, copies].forEach((own) => (own.film = swapped(own.film)));
        }
        const at = design.films.findIndex(({ id }) => id === from);
        const other = design.films.findIndex(({ id }) => id === to.id);
        const film = design.films[at];
        if (had && film) {
            // The parts keep their press order, so the films swap places in it.
            design.films[at] = design.films[other] ?? to;
            design.films[other] = film;
        } else if (at >= 0) {
            design.films[at] = to;
        }
        for (const joint of design.layering.joints) {
            const [one, another] = [swapped(joint.film), swapped(joint.other)];
            Object.assign(joint, { film: one, other: another, id: [one, another].sort().join(' ') });
        }
    });
