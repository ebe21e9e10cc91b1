import type { Line, Size } from '../../../api/client';
import { sizeTheirs } from './belongings';
import { edit, type Change, type Edit } from './edit';

export const withLine = (id: string, change: Change<Line>): Edit =>
    edit((design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        if (line) {
            change(line);
        }
    });

/** Changes the words; letters that remain keep their settings. */
export const withWords = (id: string, words: string): Edit =>
    withLine(id, ({ lettering }) => {
        const [before, after] = [Array.from(lettering.words), Array.from(words)];
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
        lettering.words = words;
        lettering.letters = lettering.letters.flatMap((letter) => {
            if (letter.at < head) {
                return [letter];
            }
            return letter.at >= before.length - tail
                ? [{ ...letter, at: letter.at + after.length - before.length }]
                : [];
        });
    });

/** Reorders a card among its kind; the gaps between lines stay in place. */
export const withOrder = (id: string, to: number): Edit =>
    edit((design) => {
        const gaps = design.lines.map(({ stacking }) => stacking.gap);
        for (const cards of [design.lines, design.forms, design.motifs]) {
            move(cards, id, to);
        }
        design.lines.forEach((line, at) => (line.stacking.gap = gaps[at] ?? line.stacking.gap));
    });

function move(cards: { id: string }[], id: string, to: number): void {
    const at = cards.findIndex((candidate) => candidate.id === id);
    if (at >= 0 && to >= 0 && to < cards.length) {
        cards.splice(to, 0, ...cards.splice(at, 1));
    }
}

/** Makes all lines equally wide, by their ink. */
export const withEqualWidths = (width: number): Edit =>
    edit((design) => {
        for (const line of design.lines.filter(({ locked }) => !locked)) {
            Object.assign(line.size, { by: 'width', length: width });
            line.stacking.shift = 0;
        }
    });

/** Sets a line's size, and scales its belongings by the given factors along and across. */
export const withLineSize = (id: string, next: Partial<Size>, along: number, across = along): Edit =>
    edit((design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        if (line) {
            Object.assign(line.size, next);
            line.belongs.scale = 100;
            sizeTheirs(design, id, along, across);
        }
    });
