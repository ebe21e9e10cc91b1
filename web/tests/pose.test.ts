import { describe, expect, it } from 'vitest';
import type { Sheet, SheetPart, Size } from '../src/api/client';
import { withLine } from '../src/bench/model/edits';
import { carried } from '../src/bench/model/carried';
import {
    boundsUnder,
    corner,
    moveBy,
    posed,
    resized,
    scaleAbout,
    turnAbout,
    under,
    type Pose,
} from '../src/bench/model/pose';
import { inTurns } from '../src/bench/model/edits';
import { snap } from '../src/bench/model/snap';
import { area, random, sheet, withForms, withLines } from './support/designs';

const identity = moveBy(0, 0);

/** The points of a path, read by rules of its own: M and l alone, as the server writes them. */
function points(path: string): [number, number][] {
    const found: [number, number][] = [];
    let [x, y] = [0, 0];
    for (const [, command, numbers] of path.matchAll(/([Ml])([^Mlz]*)/g)) {
        const values = (numbers ?? '')
            .trim()
            .split(/[ ,]+|(?<=\d)(?=-)/)
            .map(Number);
        for (let at = 0; at < values.length; at += 2) {
            const [a, b] = [values[at] ?? 0, values[at + 1] ?? 0];
            [x, y] = command === 'M' ? [a, b] : [x + a, y + b];
            found.push([x, y]);
        }
    }
    return found;
}

function somePose(seed: number): Pose {
    const dice = random(seed);
    const [x, y] = [dice.from(-50000, 50000), dice.from(0, 90000)];
    return dice.one([
        moveBy(dice.from(-9000, 9000), dice.from(-9000, 9000)),
        turnAbout(x, y, dice.from(-180, 180)),
        scaleAbout(x, y, dice.from(20, 300) / 100, dice.from(20, 300) / 100, dice.from(-90, 90)),
    ]);
}

describe('maps on the stage', () => {
    const path = 'M-40000 10000l80000 0-20000 30000-60000-7zM0 15000l5000 5000-10000 0z';

    it.each([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12])('a shape goes where its points go (%i)', (seed) => {
        const pose = somePose(seed);
        const [before, after] = [points(path), points(posed(path, pose))];
        expect(after).toHaveLength(before.length);
        for (const [at, [x, y]] of before.entries()) {
            const to = under(x, y, pose);
            expect(Math.hypot((after[at]?.[0] ?? 0) - to.x, (after[at]?.[1] ?? 0) - to.y)).toBeLessThan(0.75);
        }
        const bounds = boundsUnder(path, pose);
        const own = boundsUnder(posed(path, pose), identity);
        expect(Math.abs((bounds?.left ?? 0) - (own?.left ?? 9))).toBeLessThan(1);
        expect(Math.abs((bounds?.height ?? 0) - (own?.height ?? 9))).toBeLessThan(1.5);
    });

    it('what only moves keeps its shape to the last digit', () => {
        expect(posed(path, moveBy(1000, -500))).toBe(
            'M-39000 9500l80000 0-20000 30000-60000-7zM1000 14500l5000 5000-10000 0z',
        );
        expect(boundsUnder('', identity)).toBeNull();
    });

    it('the corner opposite to the hand stays, however the part is turned', () => {
        const part = { middleX: 3000, middleY: 40000, width: 60000, height: 20000 } as SheetPart;
        for (const turn of [0, 30, -75, 180]) {
            const fixed = corner(part, turn, -1, -1);
            const pose = scaleAbout(fixed.x, fixed.y, 1.5, 2, turn);
            const still = under(fixed.x, fixed.y, pose);
            expect([still.x, still.y].map(Math.round)).toEqual([fixed.x, fixed.y].map(Math.round));
            const before = corner(part, turn, 1, -1);
            const across = under(before.x, before.y, pose);
            expect(Math.hypot(across.x - fixed.x, across.y - fixed.y)).toBeCloseTo(90000, 3);
            const far = corner(part, turn, -1, 1);
            const down = under(far.x, far.y, pose);
            expect(Math.hypot(down.x - fixed.x, down.y - fixed.y)).toBeCloseTo(40000, 3);
        }
    });

    it('turns are told between −180 and 180 degrees', () => {
        expect([190, -190, 540, 360, -360, 45.5].map(inTurns)).toEqual([-170, 170, -180, 0, 0, 45.5]);
    });
});

describe('sizing by hand', () => {
    const part = { width: 120000, height: 40000, letterHeight: 30000 } as SheetPart;
    const made = (along: number, across: number, size: Partial<Size>) =>
        withLine('line-1', resized(part, along, across))(withLines({ words: 'A', size })).lines[0];

    it.each([
        [
            { by: 'width', length: 120000 },
            { by: 'width', length: 180000 },
        ],
        [
            { by: 'area', length: 1 },
            { by: 'width', length: 180000 },
        ],
        [
            { by: 'height', length: 40000 },
            { by: 'height', length: 60000 },
        ],
        [
            { by: 'letter', length: 30000 },
            { by: 'letter', length: 45000 },
        ],
    ] as const)('keeps the proportions: %o', (size, expected) => {
        expect(made(1.5, 1.5, size)?.size).toMatchObject({ ...expected, stretch: 100 });
    });

    it('puts what is not in proportion into the stretch, within its limits', () => {
        const size = { by: 'letter', length: 30000 } as const;
        expect(made(3, 1.5, size)?.size).toMatchObject({ by: 'letter', length: 45000, stretch: 200 });
        expect(made(90, 1, size)?.size.stretch).toBe(1000);
        expect(made(0.001, 1, size)?.size.stretch).toBe(10);
    });

    it('stretches a line of a width and a height to both', () => {
        const size = { by: 'both', length: 120000, high: 40000 } as const;
        expect(made(2, 0.5, size)?.size).toMatchObject({ by: 'both', length: 240000, high: 20000, stretch: 100 });
    });

    it('an arc grows with its letters', () => {
        expect(made(2, 2, {})?.follows.arc).toMatchObject({ rise: 40000, radius: 300000 });
    });
});

describe('snapping', () => {
    const design = withForms(withLines({ words: 'A', align: 'left', gap: 10000 }), {
        across: 50000,
        down: 150000,
        width: 40000,
        height: 30000,
    });
    const now = sheet(design, { 'line-1': { width: 60000, height: 20000 } });
    const part = { cards: ['form-1'], ink: { left: 30000, top: 135000, width: 40000, height: 30000 } };

    it('goes to the nearest of edges and middles, within the reach', () => {
        // The form's middle comes near the area's middle, its top near the line's bottom.
        expect(snap(part, { dx: -50900, dy: -104000 }, now, 2000)).toEqual({
            dx: -50000,
            dy: -105000,
            guides: [
                { across: false, at: 0 },
                { across: true, at: 30000 },
            ],
        });
        expect(snap(part, { dx: -50900, dy: -104000 }, now, 800).guides).toEqual([]);
    });

    it('never to itself, nor to what moves with it', () => {
        const alone = { ...now, parts: now.parts.filter(({ card }) => card === 'form-1') };
        expect(snap(part, { dx: 100, dy: 5000 }, alone, 500)).toEqual({ dx: 100, dy: 5000, guides: [] });
        expect(snap({ ...part, cards: ['form-1', 'line-1'] }, { dx: -50900, dy: -104000 }, now, 2000).guides).toEqual([
            { across: false, at: 0 },
        ]);
    });
});

describe('parts that are carried to where they were put', () => {
    const design = withForms(withLines({ words: 'A', gap: 10000 }), {
        across: 10000,
        down: 150000,
        width: 40000,
        height: 30000,
    });
    const now = sheet(design, { 'line-1': { width: 60000, height: 20000 } });
    const find = (from: Sheet, card: string) => from.parts.find((part) => part.card === card);

    it('moved: all of it by the same, the others not at all', () => {
        const moved = carried(now, ['form-1'], moveBy(-7000, 3000));
        expect(find(moved, 'line-1')).toBe(find(now, 'line-1'));
        expect(find(moved, 'form-1')).toMatchObject({
            ink: { left: -17000, top: 138000, width: 40000, height: 30000 },
            middleX: 3000,
            middleY: 153000,
            width: 40000,
            height: 30000,
            turn: 0,
        });
    });

    it('sized and turned: its measures are along its baseline', () => {
        const turned = carried(now, ['line-1'], turnAbout(0, 20000, 90));
        expect(find(turned, 'line-1')).toMatchObject({
            width: 60000,
            height: 20000,
            middleX: 0,
            middleY: 20000,
            ink: { left: -10000, top: -10000, width: 20000, height: 60000 },
        });
        expect(find(turned, 'line-1')?.turn).toBeCloseTo(90, 6);
        const larger = carried(turned, ['line-1'], scaleAbout(0, 20000, 2, 3, 90));
        expect(find(larger, 'line-1')).toMatchObject({ width: 120000, height: 60000, letterHeight: 60000, em: 120000 });
        expect(find(larger, 'line-1')?.turn).toBeCloseTo(90, 6);
    });

    it('twice in a row is once by both', () => {
        const [one, other] = [moveBy(4000, 1000), turnAbout(20000, 90000, 37)];
        const both = find(carried(carried(now, ['form-1'], one), ['form-1'], other), 'form-1');
        const ink = find(now, 'form-1')?.ink ?? area;
        const to = under(ink.left + ink.width / 2 + 4000, ink.top + ink.height / 2 + 1000, other);
        expect([both?.middleX, both?.middleY]).toEqual([Math.round(to.x), Math.round(to.y)]);
        expect(both?.turn).toBeCloseTo(37, 6);
    });
});
