import { describe, expect, it } from 'vitest';
import type { Frame, Line, Sheet, SheetPart } from '../src/api/client';
import { lettersAlike, withLetter, withOwner } from '../src/bench/model/edits';
import { withLetterAt } from '../src/bench/model/edits/letterPlace';
import { joined } from '../src/bench/model/pose';
import { laid, sheet, withForms, withLines } from './support/designs';

const sizes = { 'line-1': { width: 90000, height: 30000 }, 'line-2': { width: 60000, height: 20000 } };

/** The first line in three letters of 30 mm. */
const lettered = (now: Sheet): { part: SheetPart; there: Sheet } => {
    const [own, ...others] = now.parts;
    if (!own?.ink) {
        throw new Error('There is no line.');
    }
    const { left, top } = own.ink;
    const letters = [0, 1, 2].map((at) => ({
        at,
        frame: { left: left + 30000 * at, top, width: 28000, height: 30000 },
    }));
    const part = {
        ...own,
        letters: letters.map((letter, at) =>
            at === 2 ? { ...letter, frame: { ...letter.frame, width: 30000 } } : letter,
        ),
    };
    return { part, there: { ...now, parts: [part, ...others] } };
};

const cases = (['left', 'centre', 'right'] as const).flatMap((align) =>
    (['top', 'middle', 'bottom'] as const).flatMap((stack) =>
        [
            [0, 9000, -4000],
            [2, 12000, 6000],
            [1, 3000, -20000],
        ].map(([at = 0, right = 0, down = 0]) => ({ align, stack, at, right, down })),
    ),
);

describe('a letter that is dragged', () => {
    it.each(cases)(
        'ends where it was let go, and all else stays: $align, $stack, letter $at',
        ({ align, stack, at, right, down }) => {
            const design = {
                ...withLines(
                    { words: 'ABC', align, gap: 10000, size: { by: 'width', length: 90000 } },
                    { words: 'crew', align, gap: 5000, size: { by: 'width', length: 60000 } },
                ),
                stack,
            };
            const { part, there } = lettered(sheet(design, sizes));
            const line = design.lines[0] as Line;
            const next = withLetterAt(line, [at], { along: 5, across: 7 }, part, right, down, there)(design);
            const expected = joined(
                part.letters.map(({ at: place, frame }): Frame =>
                    place === at ? { ...frame, left: frame.left + right, top: frame.top + down } : frame,
                ),
            );
            expect(next.lines[0]?.lettering.letters).toMatchObject([{ at, along: 5, across: 7 }]);
            expect(next.lines[0]?.size).toMatchObject({ by: 'width', length: expected.width });
            const after = laid(next, { ...sizes, 'line-1': expected });
            const before = laid(design, sizes);
            expect(after['line-1']).toEqual(expected);
            expect(after['line-2']).toEqual(before['line-2']);
        },
    );

    it('takes those that are alike along, each from where it was', () => {
        const design = withLines({ words: 'AAB', size: { by: 'width', length: 90000 } });
        const { part, there } = lettered(sheet(design, sizes));
        const line = withLetter('line-1', 1, (now) => (now.along = 50))(design).lines[0] as Line;
        const next = withLetterAt(
            line,
            lettersAlike(line, 0),
            { along: 5, across: 7 },
            part,
            1000,
            -4000,
            there,
        )(design);
        expect(next.lines[0]?.lettering.letters).toMatchObject([
            { at: 0, along: 5, across: 7 },
            { at: 1, along: 55, across: 7 },
        ]);
        // The third letter stays where it was: 4 mm of room above it.
        expect(next.lines[0]?.size).toMatchObject({ by: 'width', length: 89000 });
    });

    it('on a line that belongs to a card moves that line’s middle on it', () => {
        const plain = withForms(withLines({ words: 'ABC', size: { by: 'both', length: 90000, high: 30000 } }), {
            across: 0,
            down: 90000,
        });
        const design = withOwner('line-1', 'form-1', sheet(plain, sizes))(plain);
        const { part, there } = lettered(sheet(design, sizes));
        const before = design.lines[0] as Line;
        const next = withLetterAt(before, [2], { along: 0, across: 0 }, part, 10000, -6000, there)(design).lines[0];
        expect(next?.belongs).toMatchObject({ across: before.belongs.across + 5000, down: before.belongs.down - 3000 });
        expect(next?.size).toMatchObject({ by: 'both', length: 100000, high: 36000 });
    });

    it('on a bent or turned line is only nudged', () => {
        const design = withLines({ words: 'ABC', size: { by: 'letter', length: 20000 } });
        const { part, there } = lettered(sheet(design, sizes));
        const line = design.lines[0] as Line;
        const next = withLetterAt(line, [0], { along: 9, across: 0 }, { ...part, turn: 10 }, 9000, 0, there)(design);
        expect(next.lines[0]?.stacking).toEqual(line.stacking);
        expect(next.lines[0]?.lettering.letters).toMatchObject([{ at: 0, along: 9 }]);
    });
});
