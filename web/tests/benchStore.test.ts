// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { server } from '../src/api/client';
import { withLine, withRemoved } from '../src/bench/model/edits';
import { moveBy } from '../src/bench/model/pose';
import { viewOf } from '../src/bench/state/camera';
import { openCard } from '../src/bench/state/select';
import { benchOf, sheetOf, snag } from './support/bench';
import { random, withForms, withLines } from './support/designs';

const design = withForms(withLines({ words: 'TERN' }, { words: 'POINT' }), {});
const sizes = { 'line-1': { width: 200000, height: 40000 }, 'line-2': { width: 100000, height: 30000 } };
const seeds = Array.from({ length: 30 }, (_, at) => at + 1);

beforeEach(() => {
    vi.useFakeTimers();
});
afterEach(() => {
    vi.useRealTimers();
    vi.restoreAllMocks();
});

const settled = () => vi.advanceTimersByTimeAsync(1000);

describe('the draft', () => {
    it('is checked only when the checks of this very state are in', async () => {
        const store = benchOf(design, sheetOf(design, sizes, [snag(1, true, 'Too wide.')]));
        const end = store.getState().follow();
        expect(store.getState().checked).toBe(false);
        await settled();
        expect(store.getState().checked).toBe(true);
        store.getState().change(withLine('line-1', ({ lettering }) => (lettering.words = 'TERNS')));
        expect(store.getState().checked).toBe(false);
        await vi.advanceTimersByTimeAsync(100);
        expect(store.getState().saving.state).toBe('saved');
        expect(store.getState().checked).toBe(false);
        await settled();
        expect(store.getState().checked).toBe(true);
        end();
    });

    it('counts what was found at rest after the other snags, and drops it with the next change', async () => {
        const store = benchOf(design, sheetOf(design, sizes, [snag(1, true, 'Too wide.')]));
        vi.mocked(server.GET).mockImplementation(((path: string) =>
            Promise.resolve({
                data: path.endsWith('losses') ? { snags: [snag(1, true, 'Too thin.')], path: 'M0 0' } : { stamp: '' },
                response: new Response(),
            })) as never);
        const end = store.getState().follow();
        await settled();
        expect(store.getState().sheet.snags.map(({ number, message }) => [number, message])).toEqual([
            [1, 'Too wide.'],
            [2, 'Too thin.'],
        ]);
        expect(store.getState().lost).toBe('M0 0');
        store.getState().change(withLine('line-1', (line) => (line.hidden = true)));
        await vi.advanceTimersByTimeAsync(50);
        expect(store.getState().sheet.snags).toHaveLength(1);
        expect(store.getState().lost).toBe('');
        end();
    });

    it('looks again when the checks could not be had', async () => {
        const store = benchOf(design);
        vi.mocked(server.GET).mockRejectedValueOnce(new TypeError('away'));
        const end = store.getState().follow();
        await settled();
        expect(store.getState().checked).toBe(false);
        await vi.advanceTimersByTimeAsync(7000);
        expect(store.getState().checked).toBe(true);
        end();
    });

    it('shows what was moved where it was put, until the answer knows of it', async () => {
        const store = benchOf(design, sheetOf(design, sizes));
        const left = () => store.getState().sheet.parts.find(({ card }) => card === 'line-1')?.ink?.left ?? 0;
        const before = left();
        const pose = moveBy(5000, 0);
        const shift = withLine('line-1', ({ stacking }) => (stacking.shift += 5000));
        store.getState().carry(['line-1'], pose, shift);
        store.getState().carry(['line-1'], pose, shift);
        expect(left()).toBe(before + 10000);
        await settled();
        // This server says the same as before.
        expect(left()).toBe(before);
        // What changes nothing carries nothing.
        store.getState().carry(['line-1'], pose, (now) => now);
        expect(left()).toBe(before);
    });

    it('keeps the parts that an answer did not change, so that they are not drawn again', async () => {
        const store = benchOf(design, sheetOf(design, sizes));
        const before = store.getState().sheet.parts;
        store.getState().change(withLine('line-1', (line) => (line.locked = true)));
        await settled();
        expect(store.getState().sheet.parts[0]).toBe(before[0]);
    });
});

describe('what is chosen', () => {
    it('opens a card only where it is the only one, and forgets the letter of another', () => {
        const store = benchOf(design);
        const now = store.getState;
        now().look({ letter: 2 });
        now().choose('line-1');
        expect(now().letter).toBe(2);
        now().toggle('line-2');
        expect([now().chosen, openCard(now()), now().letter]).toEqual([['line-1', 'line-2'], null, null]);
        now().toggle('line-1');
        expect(openCard(now())).toBe('line-2');
        now().choose(null);
        expect(openCard(now())).toBeNull();
    });

    it('is there: removed cards are chosen no longer, and the one that is left of them is open', () => {
        const store = benchOf(design, sheetOf(design, sizes));
        const { chooseAll, change } = store.getState();
        chooseAll(['line-1', 'form-1']);
        change(withRemoved(['line-1'], store.getState().sheet));
        expect(store.getState().chosen).toEqual(['form-1']);
        expect(openCard(store.getState())).toBe('form-1');
        change(withLine('line-2', ({ lettering }) => (lettering.words = 'TERNS')));
        expect(store.getState().chosen).toEqual(['form-1']);
        change(withRemoved(['line-2', 'form-1'], store.getState().sheet));
        expect(store.getState().chosen).toEqual([]);
    });

    it('a snag brings its card and its place', () => {
        const store = benchOf(design, sheetOf(design, sizes));
        store.getState().resize({ width: 700, height: 600 });
        store.getState().showSnag({ ...snag(3, true, 'Here.'), card: 'line-2', x: 4000, y: 9000 });
        const now = store.getState();
        expect([now.chosen, now.snag]).toEqual([['line-2'], 3]);
        expect(viewOf(now)).toMatchObject({ x: 4000, y: 9000 });
    });
});

describe('the camera', () => {
    it.each(seeds)('zooms about the place under the pointer, and pans by screen pixels (%i)', (seed) => {
        const dice = random(seed);
        const store = benchOf(design, sheetOf(design, sizes));
        store.getState().resize({ width: dice.from(300, 900), height: dice.from(300, 900) });
        const [right, down] = [dice.from(-200, 200), dice.from(-200, 200)];
        const at = () => {
            const view = viewOf(store.getState());
            return view ? [view.x + right * view.pixel, view.y + down * view.pixel] : [];
        };
        const before = at();
        store.getState().zoom(dice.from(5, 40) / 10, right, down);
        expect(Math.abs((at()[0] ?? 0) - (before[0] ?? 1))).toBeLessThan(1e-3);
        expect(Math.abs((at()[1] ?? 0) - (before[1] ?? 1))).toBeLessThan(1e-3);
        const view = viewOf(store.getState());
        store.getState().pan(10, -20);
        const moved = viewOf(store.getState());
        expect((view?.x ?? 0) - (moved?.x ?? 0)).toBeCloseTo(10 * (view?.pixel ?? 0), 3);
        expect((moved?.y ?? 0) - (view?.y ?? 0)).toBeCloseTo(20 * (view?.pixel ?? 0), 3);
    });

    it('shows all of what it aims at, and nothing on a stage too small to judge', () => {
        const store = benchOf(design, sheetOf(design, sizes));
        store.getState().resize({ width: 740, height: 700 });
        for (const target of ['area', 'blank'] as const) {
            store.getState().aim(target);
            const view = viewOf(store.getState());
            const frame = store.getState().sheet[target];
            for (const [edge, middle, size] of [
                [frame.left, view?.x ?? NaN, 740],
                [frame.left + frame.width, view?.x ?? NaN, 740],
                [frame.top, view?.y ?? NaN, 700],
                [frame.top + frame.height, view?.y ?? NaN, 700],
            ] as const) {
                expect(Math.abs(edge - middle) / (view?.pixel ?? 1)).toBeLessThan(size / 2);
            }
        }
        store.getState().resize({ width: 100, height: 700 });
        expect(viewOf(store.getState())).toBeNull();
    });
});
