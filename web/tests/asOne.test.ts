import { describe, expect, it } from 'vitest';
import type { Design, Frame } from '../src/api/client';
import { cardsOf, inTurn, withCard, withOwner, withTheirs } from '../src/bench/model/edits';
import { asOne, frameRound, poseOf, withAsOne, type AsOne } from '../src/bench/model/posed';
import { under } from '../src/bench/model/pose';
import { laid, random, sheet, withForms, withLines } from './support/designs';

const sizes = { 'line-1': { width: 100_000, height: 20_000 }, 'line-2': { width: 40_000, height: 10_000 } };
const design = withForms(
    withLines(
        { words: 'TERN', gap: 10_000, size: { by: 'width', length: 100_000 } },
        { words: 'crew', gap: 5000, size: { by: 'width', length: 40_000 } },
    ),
    { across: 0, down: 150_000, width: 80_000, height: 60_000 },
    { across: 20_000, down: 160_000, width: 20_000, height: 20_000 },
    { across: -60_000, down: 40_000, width: 12_000, height: 6_000 },
);
const owned: Design = withOwner('form-2', 'form-1', sheet(design, sizes))(design);
const middle = ({ left, top, width, height }: Frame) => ({ x: left + width / 2, y: top + height / 2 });

/** The sizes that the server would find: those that are typed. */
const sized = (now: Design, scale: number) =>
    Object.fromEntries(
        now.lines.map(({ id, size }) => [
            id,
            {
                width: size.length,
                height: (sizes[id as 'line-1'].height * scale * size.length) / (sizes[id as 'line-1'].width * scale),
            },
        ]),
    );

describe('several cards sized and turned as one', () => {
    it('lie to each other as before, what belongs to them too', () => {
        const chance = random(5);
        for (let turn = 0; turn < 40; turn += 1) {
            const all = cardsOf(owned).map(({ id }) => id);
            const chosen = all.filter(() => chance.from(0, 1) === 0);
            const change: AsOne =
                turn % 2 === 0
                    ? {
                          x: chance.from(-50_000, 50_000),
                          y: chance.from(0, 200_000),
                          scale: chance.from(50, 200) / 100,
                          turn: 0,
                      }
                    : { x: 0, y: 100_000, scale: 1, turn: chance.from(-179, 179) };
            const next = withAsOne(withTheirs(owned, chosen), change, sheet(owned, sizes))(owned);
            const [before, after] = [laid(owned, sizes), laid(next, sized(next, change.scale))];
            const moved = withTheirs(owned, chosen);
            for (const id of all.filter((one) => change.turn === 0 || !one.startsWith('line'))) {
                const from = middle(before[id] as Frame);
                const to = moved.includes(id) ? under(from.x, from.y, poseOf(change)) : from;
                const there = middle(after[id] as Frame);
                expect(Math.hypot(there.x - to.x, there.y - to.y), `${id} of ${chosen.join(' ')}`).toBeLessThan(3);
                const scale = moved.includes(id) ? change.scale : 1;
                expect(Math.abs((after[id] as Frame).width - (before[id] as Frame).width * scale), id).toBeLessThan(3);
            }
            for (const { id, place } of cardsOf(next)) {
                expect(place.turn).toBe(moved.includes(id) ? change.turn : 0);
            }
        }
    });

    it('stay as they are where they are locked', () => {
        const locked = withCard('form-3', (card) => (card.locked = true))(design);
        const change = { x: 0, y: 0, scale: 2, turn: 0 };
        expect(withAsOne(['form-3'], change, sheet(locked, sizes))(locked)).toBe(locked);
    });

    it('that were fitted to the area have a width of their own then', () => {
        const fitted = inTurn(withCard('line-1', (card) => Object.assign(card.size, { by: 'area', length: 5000 })))(
            design,
        );
        const next = withAsOne(['line-1', 'line-2'], { x: 0, y: 0, scale: 0.5, turn: 0 }, sheet(fitted, sizes))(fitted);
        expect(next.lines[0]?.size).toMatchObject({ by: 'width', length: 50_000 });
    });
});

describe('the frame round several', () => {
    const frame = { left: -50_000, top: 100_000, width: 100_000, height: 50_000 };

    it('goes round the ink of all of them', () => {
        expect(frameRound(['form-1', 'form-3'], sheet(design, sizes))).toEqual({
            left: -66_000,
            top: 37_000,
            width: 106_000,
            height: 143_000,
        });
        expect(frameRound([], sheet(design, sizes))).toBeNull();
    });

    it.each([
        [1, 1, [50_000, 150_000], [150_000, 200_000], { x: -50_000, y: 100_000, scale: 2 }],
        [-1, -1, [-50_000, 100_000], [0, 125_000], { x: 50_000, y: 150_000, scale: 0.5 }],
        [1, -1, [50_000, 100_000], [-900_000, 900_000], { x: -50_000, y: 150_000, scale: 0.02 }],
    ] as const)('is sized by the corner %d %d from the opposite one', (right, down, [x, y], [toX, toY], expected) => {
        expect(asOne(frame, { kind: 'corner', right, down }, { x, y }, { x: toX, y: toY }, false)).toEqual({
            ...expected,
            turn: 0,
        });
    });

    it.each([
        ['stops at steps of 15°', [99_000, 125_000], false, 90],
        ['goes freely with Alt', [99_000, 126_000], true, 90.6],
        ['goes freely between the steps', [100_000, 90_000], false, 70.7],
    ] as const)('its thread %s', (_, [x, y], free, turn) => {
        expect(asOne(frame, { kind: 'thread' }, { x: 0, y: 50_000 }, { x, y }, free)).toEqual({
            x: 0,
            y: 125_000,
            scale: 1,
            turn,
        });
    });
});
