// @vitest-environment jsdom
import { describe, expect, it } from 'vitest';
import type { Frame, SheetPart } from '../src/api/client';
import { distancesOf, offMiddle } from '../src/bench/model/distances';
import { withForm, withLine, type Card } from '../src/bench/model/edits';
import { movedWith } from '../src/bench/model/hand';
import { knotsOf } from '../src/bench/model/knots';
import { isInside, within, type Point } from '../src/bench/model/lasso';
import { withGroup } from '../src/bench/model/arrange';
import { newRim } from '../src/bench/model/treatments';
import { hitOf } from '../src/bench/stage/hit';
import { area, random, sheet, withForms, withLines } from './support/designs';

const seeds = Array.from({ length: 40 }, (_, at) => at + 1);
const loop = (left: number, top: number, right: number, bottom: number): Point[] => [
    { x: left, y: top },
    { x: right, y: top },
    { x: right, y: bottom },
    { x: left, y: bottom },
];

describe('a lasso', () => {
    const design = withForms(
        withLines(),
        { across: -60000, down: 50000, width: 40000, height: 40000 },
        { across: 60000, down: 50000, width: 40000, height: 40000 },
    );
    const now = sheet(design, {});

    it.each([
        { round: 'one', ring: loop(-90000, 20000, -30000, 80000), found: ['form-1'] },
        { round: 'both', ring: loop(-90000, 20000, 90000, 80000), found: ['form-1', 'form-2'] },
        { round: 'a corner', ring: loop(-90000, 20000, -75000, 35000), found: ['form-1'] },
        { round: 'inside one', ring: loop(55000, 45000, 65000, 55000), found: ['form-2'] },
        { round: 'beside them', ring: loop(-20000, 20000, 20000, 80000), found: [] },
        { round: 'nothing', ring: [], found: [] },
    ])('drawn round $round takes $found', ({ ring, found }) => {
        expect(within(ring, now)).toEqual(found);
    });

    it('does not take what lies in the hole of a shape', () => {
        const [part] = now.parts;
        const ring = {
            ...part,
            path: 'M0 0l90000 0 0 90000 -90000 0zM30000 30000l0 30000 30000 0 0 -30000z',
            ink: area,
        } as SheetPart;
        expect(within(loop(40000, 40000, 50000, 50000), { ...now, parts: [ring] })).toEqual([]);
        expect(within(loop(10000, 10000, 20000, 20000), { ...now, parts: [ring] })).toHaveLength(1);
    });

    it.each(seeds)('knows inside from outside, as the angles round a point do (%i)', (seed) => {
        const dice = random(seed);
        const ring = Array.from({ length: dice.from(3, 9) }, (_, at, count = 9) => {
            const angle = (2 * Math.PI * at) / count;
            const far = dice.from(20, 100);
            return { x: far * Math.cos(angle), y: far * Math.sin(angle) };
        });
        const point = { x: dice.from(-100, 100) + 0.137, y: dice.from(-100, 100) + 0.291 };
        const turns = ring.reduce((sum, a, at) => {
            const b = ring[(at + 1) % ring.length] ?? a;
            const [from, to] = [Math.atan2(a.y - point.y, a.x - point.x), Math.atan2(b.y - point.y, b.x - point.x)];
            return sum + ((((to - from + 3 * Math.PI) % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI)) - Math.PI;
        }, 0);
        expect(isInside(point, ring)).toBe(Math.abs(turns) > Math.PI);
    });
});

describe('distances while moving', () => {
    const around = (ink: Frame, ...others: Frame[]) =>
        distancesOf(ink, ['own'], {
            area,
            parts: others.map((frame, at) => ({ card: `card-${at}`, ink: frame })),
        } as unknown as Parameters<typeof distancesOf>[2]).map(({ across, length }) => [across, length]);
    const ink = { left: -50000, top: 100000, width: 100000, height: 40000 };

    it('are those to the edges where nothing is beside', () => {
        expect(around(ink)).toEqual([
            [true, 90000],
            [true, 90000],
            [false, 100000],
            [false, 190000],
        ]);
    });

    it('are those to the nearest neighbour that is level with it', () => {
        const above = { left: -140000, top: 20000, width: 280000, height: 60000 };
        const beside = { left: 70000, top: 90000, width: 20000, height: 30000 };
        const aside = { left: 60000, top: 300000, width: 20000, height: 20000 };
        expect(around(ink, above, beside, aside)).toEqual([
            [true, 90000],
            [true, 20000],
            [false, 20000],
            [false, 190000],
        ]);
    });

    it('leave out the side on which it is beyond the area, and what overlaps', () => {
        const over = { left: -20000, top: 110000, width: 40000, height: 10000 };
        expect(around({ ...ink, left: -160000 }, over)).toHaveLength(3);
    });

    it('say how far from the middle', () => {
        expect(offMiddle(ink, area)).toEqual({ right: 0, down: -45000 });
    });
});

describe('what moves along', () => {
    const design = withGroup(['line-1', 'form-1'], 'crest')(withForms(withLines({ words: 'A' }, { words: 'B' }), {}));

    it.each([
        { taken: 'line-2', chosen: [], moves: ['line-2'] },
        { taken: 'line-1', chosen: ['line-1'], moves: ['line-1', 'form-1'] },
        { taken: 'line-2', chosen: ['line-1', 'line-2'], moves: ['line-1', 'form-1', 'line-2'] },
        // What lies under the pointer is taken, not what was chosen before.
        { taken: 'line-2', chosen: ['line-1'], moves: ['line-2'] },
    ])('with $taken of $chosen: $moves', ({ taken, chosen, moves }) => {
        expect(movedWith(design, taken, chosen)).toEqual(moves);
    });
});

/** A part whose frame is a card's own. */
const partOf = (card: Card): SheetPart => {
    const { width, height } = 'shape' in card ? card.size : { width: 120000, height: 40000 };
    const [middleX, middleY] = 'shape' in card ? [card.place.across, card.place.down] : [0, 60000];
    return {
        card: card.id,
        ink: { left: middleX - width / 2, top: middleY - height / 2, width, height },
        width,
        height,
        middleX,
        middleY,
        turn: card.place.turn,
        handles: null,
    } as unknown as SheetPart;
};

describe('knots', () => {
    it.each(seeds)('of a shadow end where the hand lets go (%i)', (seed) => {
        const dice = random(seed);
        const design = withLine('line-1', ({ treatments }) => {
            Object.assign(treatments.shadow, { kind: 'block', angle: dice.from(-170, 170), length: 4000 });
        })(withLines({ words: 'A' }));
        const [line] = design.lines;
        if (!line) {
            throw new Error('No line.');
        }
        const part = partOf(line);
        const [knot] = knotsOf(line, part, design, 'outlines');
        const to = { x: dice.from(-150000, 150000), y: dice.from(120000, 260000) };
        const after = withLine('line-1', knot?.to(to.x, to.y) ?? (() => {}))(design).lines[0];
        const [moved] = after ? knotsOf(after, part, design, 'outlines') : [];
        const { angle, length } = after?.treatments.shadow ?? { angle: 0, length: 0 };
        // It falls in the direction of the hand, to a degree, or to the nearest 45 degrees.
        const wanted = (Math.atan2(to.y - part.middleY, to.x - part.middleX) * 180) / Math.PI;
        expect(Math.abs(wanted - angle)).toBeLessThan(4.01);
        expect(length).toBeGreaterThanOrEqual(0);
        if (length > 0) {
            const far = Math.hypot((moved?.x ?? 0) - to.x, (moved?.y ?? 0) - to.y);
            expect(far).toBeLessThan(0.075 * Math.hypot(to.x - part.middleX, to.y - part.middleY));
        }
        expect(knot?.measure(after ?? line, 'mm')).toMatch(/^shadow [\d.]+ mm at -?\d+°$/);
    });

    it('of outlines are where their edges are, and only while that drawer is open', () => {
        const design = withLine('line-1', ({ treatments }) =>
            treatments.outlines.push({ ...newRim('chalk'), width: 3000 }, { ...newRim('buoy'), width: 2000 }),
        )(withLines({ words: 'A' }));
        const [line] = design.lines;
        const part = line && partOf(line);
        const knots = line && part ? knotsOf(line, part, design, 'outlines') : [];
        expect(knots.map(({ name, x, y }) => [name, x, y])).toEqual([
            ['outline 1', -63000, 60000],
            ['outline 2', -65000, 60000],
        ]);
        const next = withLine('line-1', knots[1]?.to(-67500, 0) ?? (() => {}))(design).lines[0];
        expect(next?.treatments.outlines.map(({ width }) => width)).toEqual([3000, 4500]);
        expect(next && knots[1]?.measure(next, 'mm')).toBe('outline 4.5 mm');
        expect(line && knotsOf(line, part, design, 'letters')).toEqual([]);
    });

    it.each(seeds)('of a form are measured along its own sides, however it is turned (%i)', (seed) => {
        const dice = random(seed);
        const kind = dice.one(['rectangle', 'ring'] as const);
        const name = kind === 'ring' ? 'band' : 'corner radius';
        const design = withForms(withLines(), {
            width: 80000,
            height: 60000,
            across: dice.from(-20000, 20000),
            turn: dice.from(-180, 180),
        });
        const shaped = withForm('form-1', ({ shape }) => Object.assign(shape, { kind, corner: 9000, band: 9000 }))(
            design,
        );
        const [form] = shaped.forms;
        if (!form) {
            throw new Error('No form.');
        }
        const part = partOf(form);
        const knot = knotsOf(form, part, shaped, 'shape').find((own) => own.name === name);
        const by = dice.from(-6000, 12000);
        const turn = (form.place.turn * Math.PI) / 180;
        const next = withForm(
            'form-1',
            knot?.to(knot.x - by * Math.cos(turn), knot.y - by * Math.sin(turn)) ?? (() => {}),
        )(shaped);
        const { corner, band } = next.forms[0]?.shape ?? { corner: 0, band: 0 };
        expect(Math.abs((kind === 'ring' ? band : corner) - 9000 - by)).toBeLessThanOrEqual(1);
        expect(knotsOf({ ...form, locked: true }, part, shaped, 'shape')).toEqual([]);
    });

    it('keep a corner from growing over the form, and a band from vanishing', () => {
        const design = withForms(withLines(), { width: 80000, height: 60000 });
        const [form] = design.forms;
        const knot = form && knotsOf(form, partOf(form), design, 'shape')[0];
        const corner = (x: number) => withForm('form-1', knot?.to(x, 0) ?? (() => {}))(design).forms[0]?.shape.corner;
        expect(corner(-900000)).toBe(30000);
        expect(corner(900000)).toBe(0);
    });
});

describe('what is under the pointer', () => {
    const under = (html: string) => {
        document.body.innerHTML = `<svg>${html}</svg>`;
        return hitOf(document.querySelector('[data-here]'));
    };

    it.each([
        ['<path data-here data-line="club">', { kind: 'card', card: 'club' }],
        ['<rect data-here data-ground="club">', { kind: 'card', card: 'club' }],
        ['<g data-grip="corner -1 1"><circle data-here></g>', { kind: 'corner', right: -1, down: 1 }],
        ['<g data-grip="thread"><circle data-here></g>', { kind: 'thread' }],
        ['<g data-grip="top middle"><circle data-here></g>', { kind: 'knot', name: 'top middle' }],
        ['<g data-grip="corner radius"><circle data-here></g>', { kind: 'knot', name: 'corner radius' }],
        ['<rect data-here data-part="letter" data-grip="letter">', { kind: 'letter' }],
        ['<rect data-here data-part="letter">', { kind: 'cloth' }],
        ['<g data-pin="3"><text data-here></g>', { kind: 'pin', number: 3 }],
        ['<rect data-here data-part="erase">', { kind: 'draw' }],
        ['<image data-here>', { kind: 'cloth' }],
    ])('%s', (html, hit) => {
        expect(under(html)).toEqual(hit);
    });
});
