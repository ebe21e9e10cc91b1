import type { Film, Line } from '../../api/client';
import { level, straight } from '../follows';
import { untreated } from '../treatments';
import type { Edit } from './edit';

export const withLine =
    (id: string, change: Partial<Line>): Edit =>
    (design) => ({
        ...design,
        lines: design.lines.map((line) => (line.id === id ? { ...line, ...change } : line)),
    });

export const withoutLine =
    (id: string): Edit =>
    (design) => ({ ...design, lines: design.lines.filter((line) => line.id !== id) });

/** Puts a line on a film of the rack; the design takes the film in, on top of those it has. */
export const withFilm =
    (lineId: string, film: Film): Edit =>
    (design) => {
        const films = design.films.some((known) => known.id === film.id) ? design.films : [...design.films, film];
        return withLine(lineId, { film: film.id })({ ...design, films });
    };

/** Other words: what is set for single letters stays with those that are left. */
export const withWords =
    (id: string, words: string): Edit =>
    (design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        if (!line) {
            return design;
        }
        const [before, after] = [Array.from(line.words), Array.from(words)];
        let head = 0;
        while (head < before.length && head < after.length && before[head] === after[head]) {
            head += 1;
        }
        let tail = 0;
        while (
            tail < before.length - head &&
            tail < after.length - head &&
            before[before.length - 1 - tail] === after[after.length - 1 - tail]
        ) {
            tail += 1;
        }
        const letters = line.letters.flatMap((letter) => {
            if (letter.at < head) {
                return [letter];
            }
            return letter.at >= before.length - tail
                ? [{ ...letter, at: letter.at + after.length - before.length }]
                : [];
        });
        return withLine(id, { words, letters })(design);
    };

/** Puts a card elsewhere in the order of its kind. The gaps of lines stay where they are in the stack. */
export const withOrder =
    (id: string, to: number): Edit =>
    (design) => {
        const lines = moved(design.lines, id, to);
        return {
            ...design,
            lines: lines.map((line, at) => ({ ...line, gap: design.lines[at]?.gap ?? line.gap })),
            forms: moved(design.forms, id, to),
            motifs: moved(design.motifs, id, to),
        };
    };

function moved<Card extends { id: string }>(cards: Card[], id: string, to: number): Card[] {
    const card = cards.find((candidate) => candidate.id === id);
    if (!card || to < 0 || to >= cards.length) {
        return cards;
    }
    const others = cards.filter((candidate) => candidate !== card);
    return [...others.slice(0, to), card, ...others.slice(to)];
}

/** All lines as wide as one of them, by their ink. */
export const withEqualWidths =
    (width: number): Edit =>
    (design) => ({
        ...design,
        lines: design.lines.map((line) =>
            line.locked ? line : { ...line, size: { by: 'width', length: width }, shift: 0 },
        ),
    });

/** A new line at the end, in the way of the last one. */
export const withNewLine =
    (id: string): Edit =>
    (design) => {
        const last = design.lines.at(-1);
        const film = last?.film ?? design.films[0]?.id ?? '';
        const line: Line = {
            id,
            words: '',
            font: last?.font ?? 'lobster',
            film,
            size: last && last.size.by !== 'area' ? last.size : { by: 'letter', length: 20000 },
            spacing: 0,
            align: last?.align ?? 'centre',
            gap: last ? 8000 : 0,
            tight: false,
            shift: 0,
            alignTo: 'area',
            turn: 0,
            stretch: 100,
            hidden: false,
            locked: false,
            language: last?.language ?? '',
            features: [],
            wordForms: false,
            joins: 'auto',
            letters: [],
            follows: straight,
            fills: level,
            treatments: untreated,
        };
        return { ...design, lines: [...design.lines, line] };
    };

/** A copy of a line, right below it. */
export const withCopy =
    (id: string, copyId: string): Edit =>
    (design) => ({
        ...design,
        lines: design.lines.flatMap((line) =>
            line.id === id ? [line, { ...line, id: copyId, gap: 8000, locked: false }] : [line],
        ),
    });
