// @vitest-environment jsdom
import { afterEach, describe, expect, it, vi } from 'vitest';
import { withLine, withTreatments } from '../src/bench/model/edits';
import { newRim } from '../src/bench/model/treatments';
import { frameRound } from '../src/bench/model/posed';
import { handsOn } from '../src/bench/stage/hands';
import type { Hit } from '../src/bench/stage/hit';
import { benchOf, sheetOf, snag } from './support/bench';
import { area, withForms, withLines } from './support/designs';

const plain = withForms(withLines({ words: 'TERN' }, { words: 'POINT' }), { across: 0, down: 200000 });
const sizes = { 'line-1': { width: 200000, height: 40000 }, 'line-2': { width: 100000, height: 30000 } };

afterEach(() => {
    vi.restoreAllMocks();
});

/** Hands on a stage whose pixels are millimetres from the middle of the area's top edge. */
function onStage(design = plain, keys: { altKey?: boolean; shiftKey?: boolean } = {}) {
    const store = benchOf(design, sheetOf(design, sizes, [snag(1, true, 'Here.')]));
    store.getState().resize({ width: 700, height: 600 });
    const hands = handsOn(store, ({ clientX, clientY }) => ({ x: 1000 * clientX, y: 1000 * clientY }));
    const held = { altKey: true, shiftKey: false, ...keys };
    const at = (x: number, y: number) => ({ clientX: x, clientY: y, ...held });
    return {
        now: store.getState,
        hands,
        press: (hit: Hit, x = 0, y = 0) => hands.press(hit, at(x, y)),
        click: (hit: Hit) => {
            hands.press(hit, at(0, 0));
            hands.click(held);
        },
        drag: (hit: Hit, ...points: [number, number][]) => {
            const [first = [0, 0], ...rest] = points;
            hands.press(hit, at(...first));
            hands.take();
            for (const point of rest) {
                hands.move(at(...point), [1, 2], held);
            }
            hands.drop(at(...(rest.at(-1) ?? first)), held);
        },
    };
}

const card = (id: string): Hit => ({ kind: 'card', card: id });

describe('a click', () => {
    it('chooses what it is on, a pin its snag, and beside everything nothing', () => {
        const { click, now } = onStage();
        click(card('line-2'));
        expect(now().chosen).toEqual(['line-2']);
        click({ kind: 'pin', number: 1 });
        expect(now().snag).toBe(1);
        click({ kind: 'cloth' });
        expect([now().chosen, now().snag]).toEqual([[], null]);
    });

    it('with Shift chooses one more, or one less, and beside everything changes nothing', () => {
        const { click, now } = onStage(plain, { shiftKey: true });
        click(card('line-2'));
        click(card('form-1'));
        expect(now().chosen).toEqual(['line-1', 'line-2', 'form-1']);
        click(card('line-1'));
        expect(now().chosen).toEqual(['line-2', 'form-1']);
        click({ kind: 'cloth' });
        expect(now().chosen).toHaveLength(2);
    });

    it('on one of several makes it the only one, but only when it was no drag', () => {
        const { press, click, now } = onStage();
        now().chooseAll(['line-1', 'line-2']);
        press(card('line-2'));
        expect(now().chosen).toEqual(['line-1', 'line-2']);
        click(card('line-2'));
        expect(now().chosen).toEqual(['line-2']);
    });

    it('on the open line takes the letter there, where its letters are shown', () => {
        const { now, hands } = onStage();
        const frames = [0, 1].map((at) => ({ at, frame: { left: 30000 * at, top: 0, width: 40000, height: 40000 } }));
        now()
            .sheet.parts.filter(({ card }) => card === 'line-1')
            .forEach((part) => (part.letters = frames));
        const clickAt = (x: number, id = 'line-1') => {
            hands.press(card(id), { clientX: x, clientY: 10, altKey: false, shiftKey: false });
            hands.click({ altKey: false, shiftKey: false });
            return now().letter;
        };
        expect(clickAt(5)).toBeNull();
        now().open('letters');
        expect(clickAt(5)).toBe(0);
        // Where two frames lie on one another, the one whose middle is nearer.
        expect([clickAt(33), clickAt(37), clickAt(99)]).toEqual([0, 1, 1]);
        // Another line is chosen first.
        expect(clickAt(5, 'line-2')).toBeNull();
        expect(now().chosen).toEqual(['line-2']);
    });

    it('after a finger has rested leaves the menu and what it is of', () => {
        const { press, hands, now } = onStage();
        press(card('line-2'));
        hands.menu(card('line-2'), 40, 50);
        hands.click({ altKey: false, shiftKey: false });
        expect([now().chosen, now().menu]).toEqual([['line-2'], { x: 40, y: 50, card: 'line-2' }]);
        press({ kind: 'cloth' });
        expect(now().menu).toBeNull();
    });
});

describe('a drag', () => {
    it('moves what lies under the pointer, not what was chosen before', () => {
        const { drag, now } = onStage();
        drag(card('form-1'), [0, 200], [10, 205], [25, 210]);
        expect(now().design.forms[0]?.place).toMatchObject({ across: 25000, down: 210000 });
        expect(now().design.lines[0]?.stacking.shift).toBe(0);
        expect([now().chosen, now().gesture]).toEqual([['form-1'], null]);
    });

    it('moves all that are chosen with it', () => {
        const { drag, now } = onStage();
        now().chooseAll(['line-2', 'form-1']);
        drag(card('form-1'), [0, 200], [7, 200]);
        expect(now().design.forms[0]?.place.across).toBe(7000);
        expect(now().design.lines[1]?.stacking.shift).toBe(7000);
        expect(now().chosen).toHaveLength(2);
    });

    it('leaves a locked card where it is, and moves the view instead', () => {
        const locked = withLine('line-1', (line) => (line.locked = true))(plain);
        const { drag, now } = onStage(locked);
        drag(card('line-1'), [0, 10], [30, 40]);
        expect(now().design).toBe(locked);
        expect(now().free).not.toBeNull();
    });

    it('of a corner sizes the open card, of the thread turns it', () => {
        const { drag, now } = onStage();
        now().choose('form-1');
        const { width } = now().design.forms[0]?.size ?? { width: 0 };
        drag({ kind: 'corner', right: 1, down: 1 }, [width / 2000, 200], [width / 1000, 200]);
        expect(now().design.forms[0]?.size.width).toBeGreaterThan(width * 1.2);
        drag({ kind: 'thread' }, [0, 0], [120, 200]);
        expect(now().design.forms[0]?.place.turn).not.toBe(0);
    });

    it('of a knot changes the shape while it goes, with its measure beside the hand until it is let go', () => {
        const rimmed = withTreatments('line-1', ({ outlines }) => outlines.push({ ...newRim('chalk'), width: 3000 }))(
            plain,
        );
        const { hands, press, now } = onStage(rimmed);
        now().look({ drawer: 'outlines' });
        press({ kind: 'knot', name: 'outline 1' }, -103, 20);
        hands.take();
        hands.move({ clientX: -105, clientY: 20 }, [0, 0], { altKey: false, shiftKey: false });
        expect(now().design.lines[0]?.treatments.outlines[0]?.width).toBe(5000);
        expect(now().measured?.text).toBe('outline 5.0 mm');
        hands.drop({ clientX: -105, clientY: 20 }, { altKey: false, shiftKey: false });
        expect(now().measured).toBeNull();
    });

    it('of a corner or the thread round several sizes and turns them as one', () => {
        const { drag, now } = onStage();
        now().chooseAll(['line-1', 'form-1']);
        const { left, top, width, height } = frameRound(['line-1', 'form-1'], now().sheet) ?? area;
        const before = now().design.forms[0]?.size.width ?? 0;
        const [x, y] = [(left + width) / 1000, (top + height) / 1000];
        drag({ kind: 'corner', right: 1, down: 1 }, [x, y], [x + width / 2000, y + height / 2000]);
        expect(now().design.forms[0]?.size.width).toBe(Math.round(1.5 * before));
        drag({ kind: 'thread' }, [0, 0], [300, 150]);
        const turns = [now().design.lines[0]?.place.turn, now().design.forms[0]?.place.turn];
        expect(turns[0]).not.toBe(0);
        expect(turns[0]).toBe(turns[1]);
        expect(now().design.lines[1]?.place.turn).toBe(0);
    });

    it('of the chosen letter nudges it in thousandths of the em', () => {
        const { drag, now } = onStage();
        now().look({ letter: 1 });
        // The em is 80 mm here.
        drag({ kind: 'letter' }, [0, 0], [8, -4]);
        expect(now().design.lines[0]?.lettering.letters).toEqual([
            expect.objectContaining({ at: 1, along: 100, across: 50 }),
        ]);
    });

    it('beside everything moves the view, with Shift draws a lasso', () => {
        const view = onStage();
        view.drag({ kind: 'cloth' }, [0, 0], [5, 5]);
        expect(view.now().free).not.toBeNull();
        const lasso = onStage(plain, { shiftKey: true });
        lasso.drag({ kind: 'cloth' }, [-200, 150], [200, 150], [200, 320], [-200, 320]);
        expect(lasso.now().chosen).toEqual(['line-1', 'form-1']);
        expect([lasso.now().drawn, lasso.now().free]).toEqual([[], null]);
    });

    it.each(['rectangle', 'freehand'] as const)('erases a piece (%s), and then is an ordinary hand again', (shape) => {
        const { drag, now } = onStage();
        now().look({ erasing: { card: 'form-1', shape } });
        drag({ kind: 'draw' }, [-10, 190], [10, 195], [12, 210], [-12, 212]);
        const [piece] = now().design.forms[0]?.treatments.erased ?? [];
        expect(piece?.points.slice(0, 2)).toEqual(shape === 'rectangle' ? [-10000, -10000] : [10000, -5000]);
        expect(piece?.points).toHaveLength(shape === 'rectangle' ? 8 : 6);
        expect(now().erasing).toBeNull();
    });

    it('that is let go of in between leaves everything as it was', () => {
        const { hands, press, now } = onStage();
        press(card('form-1'), 0, 200);
        hands.take();
        hands.move({ clientX: 40, clientY: 240 }, [0, 0], { altKey: true, shiftKey: false });
        expect(now().gesture?.cards).toEqual(['form-1']);
        hands.letGo();
        expect([now().gesture, now().design]).toEqual([null, plain]);
    });
});

describe('a double click', () => {
    it('edits the words of a line, not those of a locked one, and nothing on the cloth', () => {
        const { hands, now } = onStage();
        hands.edit(card('line-2'));
        expect(now().edited).toBe('line-2');
        now().look({ edited: null });
        hands.edit(card('form-1'));
        hands.edit({ kind: 'cloth' });
        expect(now().edited).toBeNull();
        now().change(withLine('line-2', (line) => (line.locked = true)));
        hands.edit(card('line-2'));
        expect(now().edited).toBeNull();
    });
});
