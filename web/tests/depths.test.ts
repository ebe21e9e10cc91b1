import { describe, expect, it } from 'vitest';
import type { Design } from '../src/api/client';
import { bottomUp, withDepth, withDepthStep } from '../src/bench/model/edits/depths';
import { withFix } from '../src/bench/model/edits/fixes';
import { random, sheet, withForms, withLines } from './support/designs';

const ids = (design: Design) => bottomUp(design).map(({ id }) => id);

/** Two lines and three forms, all of which lie on one another. */
const design = withForms(
    withLines({ words: 'TERN', gap: 0 }, { words: 'POINT', gap: -20_000 }),
    { across: 0, down: 10_000, width: 90_000, height: 40_000 },
    { across: 20_000, down: 10_000, width: 30_000, height: 30_000 },
    { across: 0, down: 300_000, width: 20_000, height: 20_000 },
);
const sizes = { 'line-1': { width: 100_000, height: 20_000 }, 'line-2': { width: 90_000, height: 20_000 } };
const steps = (now: Design, card: string, way: 'forward' | 'back') =>
    withDepthStep([card], way, sheet(now, sizes))(now);

describe('what lies on what', () => {
    it('is forms, then lines, where nothing else is said', () => {
        expect(ids(design)).toEqual(['form-1', 'form-2', 'form-3', 'line-1', 'line-2']);
    });

    it('is as it was asked for after any number of cards were put anywhere', () => {
        const chance = random(16);
        let now = design;
        let order = ids(design);
        for (let turn = 0; turn < 300; turn += 1) {
            const card = chance.one(order);
            const others = order.filter((id) => id !== card);
            const [other, where] = [chance.one(others), chance.one(['above', 'beneath'] as const)];
            now = withDepth(card, where, other)(now);
            order = [...others];
            order.splice(others.indexOf(other) + (where === 'above' ? 1 : 0), 0, card);
            expect(ids(now)).toEqual(order);
        }
        // Depths are not driven up by being changed often.
        expect(Math.max(...bottomUp(now).map(({ depth }) => Math.abs(depth)))).toBeLessThan(300);
    });

    it('changes one card where that is enough', () => {
        const next = withDepth('line-1', 'beneath', 'form-1')(design);
        expect(bottomUp(next).filter(({ depth }) => depth !== 0)).toMatchObject([{ id: 'line-1', depth: -1 }]);
    });

    it('stays where a card is put upon itself or on one that is gone', () => {
        expect(withDepth('line-1', 'above', 'line-1')(design)).toBe(design);
        expect(withDepth('line-1', 'above', 'gone')(design)).toBe(design);
    });

    it('goes forward past the next card that lies there, and back again', () => {
        const forward = steps(design, 'form-1', 'forward');
        expect(ids(forward)).toEqual(['form-2', 'form-1', 'form-3', 'line-1', 'line-2']);
        // Past form-3, which lies elsewhere.
        const twice = steps(forward, 'form-1', 'forward');
        expect(ids(twice)).toEqual(['form-2', 'form-3', 'line-1', 'form-1', 'line-2']);
        expect(ids(steps(twice, 'form-1', 'back'))).toEqual(['form-2', 'form-3', 'form-1', 'line-1', 'line-2']);
    });

    it('has an end on top and at the bottom', () => {
        expect(steps(design, 'line-2', 'forward')).toBe(design);
        expect(steps(design, 'form-1', 'back')).toBe(design);
        expect(steps(design, 'form-3', 'forward')).toBe(design);
    });

    it('keeps several cards that go together in their order', () => {
        const next = withDepthStep(['form-1', 'form-2'], 'forward', sheet(design, sizes))(design);
        expect(ids(next)).toEqual(['form-3', 'line-1', 'form-1', 'form-2', 'line-2']);
        expect(ids(withDepthStep(['form-1', 'form-2'], 'back', sheet(next, sizes))(next))).toEqual(
            ids(design).toSpliced(0, 3, 'form-3', 'form-1', 'form-2'),
        );
    });

    it('is changed by what a snag offers', () => {
        const none = {
            say: '',
            letterHeight: null,
            spacing: null,
            heft: null,
            islands: null,
            into: null,
            crosses: null,
            settles: false,
        };
        expect(ids(withFix('form-1', { ...none, above: 'line-1' }, sheet(design, sizes))(design))).toEqual([
            'form-2',
            'form-3',
            'line-1',
            'form-1',
            'line-2',
        ]);
    });
});
