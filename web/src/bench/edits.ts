import type { Blank, Design, Film, Line, Sheet } from '../api/client';

/** Changes to a design: each takes one and gives the next. */

export const withLine =
    (id: string, change: Partial<Line>) =>
    (design: Design): Design => ({
        ...design,
        lines: design.lines.map((line) => (line.id === id ? { ...line, ...change } : line)),
    });

export const withoutLine =
    (id: string) =>
    (design: Design): Design => ({ ...design, lines: design.lines.filter((line) => line.id !== id) });

export const withBlank =
    (blank: Partial<Blank>) =>
    (design: Design): Design => ({ ...design, blank: { ...design.blank, ...blank } });

/** Puts a line on a film of the rack; the design takes the film in, on top of those it has. */
export const withFilm =
    (lineId: string, film: Film) =>
    (design: Design): Design => {
        const films = design.films.some((known) => known.id === film.id) ? design.films : [...design.films, film];
        return withLine(lineId, { film: film.id })({ ...design, films });
    };

/**
 * Moves a line across and down from where the sheet has it; the other lines stay in their places. Lines
 * that stood in the middle or at the bottom are measured from the area's top from then on.
 */
export const withMove =
    (id: string, dx: number, dy: number, sheet: Sheet) =>
    (design: Design): Design => {
        const shifted = design.lines.map((line) => (line.id === id ? { ...line, shift: line.shift + dx } : line));
        if (dy === 0) {
            return dx === 0 ? design : { ...design, lines: shifted };
        }
        let above = sheet.area.top;
        const lines = shifted.map((line) => {
            const ink = sheet.parts.find((part) => part.line === line.id)?.ink;
            if (!ink) {
                return line;
            }
            const top = ink.top + (line.id === id ? dy : 0);
            const gap = top - above;
            above = top + ink.height;
            return { ...line, gap };
        });
        return { ...design, stack: 'top', lines };
    };

/** A new line at the end, in the way of the last one. */
export const withNewLine =
    (id: string) =>
    (design: Design): Design => {
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
            shift: 0,
        };
        return { ...design, lines: [...design.lines, line] };
    };

/** A copy of a line, right below it. */
export const withCopy =
    (id: string, copyId: string) =>
    (design: Design): Design => ({
        ...design,
        lines: design.lines.flatMap((line) => (line.id === id ? [line, { ...line, id: copyId, gap: 8000 }] : [line])),
    });

export function freeId(design: Design): string {
    const taken = new Set(design.lines.map((line) => line.id));
    let number = design.lines.length + 1;
    while (taken.has(`line-${number}`)) {
        number += 1;
    }
    return `line-${number}`;
}
