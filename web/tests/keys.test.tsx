// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { groups, keysOf } from '../src/bench/keys/benchKeys';
import { useKeys, type Key } from '../src/ui/keys';
import { benchOf, sheetOf } from './support/bench';
import { withForms, withLines } from './support/designs';

vi.setConfig({ testTimeout: 60_000 });

afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
});

describe('keys on a page', () => {
    const undo = vi.fn();
    const add = vi.fn();
    const next = vi.fn();
    const keys: Key[] = [
        { press: 'Ctrl+z', does: 'Undo', act: undo, undoes: true },
        { press: 'n', does: 'Add', act: add },
        { press: 'PageDown', does: 'Next', act: next, always: true },
    ];
    function Page() {
        useKeys(keys);
        return (
            <>
                <input aria-label="Words" defaultValue="TERN" />
                <button>Elsewhere</button>
                <div role="dialog">
                    <button>In a dialog</button>
                </div>
            </>
        );
    }

    beforeEach(() => {
        vi.clearAllMocks();
        render(<Page />);
    });

    it('go back in a field only once what was typed there is gone', async () => {
        const user = userEvent.setup();
        const words = screen.getByLabelText('Words');
        await user.click(words);
        await user.keyboard('{Control>}z{/Control}');
        expect(undo).toHaveBeenCalledTimes(1);
        await user.type(words, ' POINT');
        await user.keyboard('{Control>}z{/Control}');
        expect(undo).toHaveBeenCalledTimes(1);
        // Back to what it was: the next one is for the design again.
        await user.clear(words);
        await user.type(words, 'TERN');
        await user.keyboard('{Control>}z{/Control}');
        expect(undo).toHaveBeenCalledTimes(2);
    });

    it('take what Enter took as the state to go back to', async () => {
        const user = userEvent.setup();
        await user.type(screen.getByLabelText('Words'), ' BAY{Enter}');
        await user.keyboard('{Control>}z{/Control}');
        expect(undo).toHaveBeenCalledTimes(1);
    });

    it('are letters while something is typed, and nothing in a dialog', async () => {
        const user = userEvent.setup();
        await user.click(screen.getByLabelText('Words'));
        await user.keyboard('n{PageDown}');
        expect([add.mock.calls.length, next.mock.calls.length]).toEqual([0, 1]);
        await user.click(screen.getByText('In a dialog'));
        await user.keyboard('n{PageDown}');
        expect([add.mock.calls.length, next.mock.calls.length]).toEqual([0, 1]);
        await user.click(screen.getByText('Elsewhere'));
        await user.keyboard('n');
        expect(add).toHaveBeenCalledTimes(1);
    });
});

describe('the keys of the Bench', () => {
    const design = withForms(withLines({ words: 'TERN' }, { words: 'POINT' }), {});
    const sizes = { 'line-1': { width: 200000, height: 40000 }, 'line-2': { width: 100000, height: 30000 } };
    const bench = () => {
        const store = benchOf(design, sheetOf(design, sizes));
        const keys = keysOf(store);
        return {
            keys,
            now: store.getState,
            press: (...presses: string[]) =>
                presses.forEach((press) => keys.find((key) => key.press === press)?.act?.()),
        };
    };

    it('are each listed once in a group of what one is doing', () => {
        const { keys } = bench();
        expect(keys.filter(({ group }) => !groups.some((own) => own === group))).toEqual([]);
        expect(new Set(keys.map(({ press }) => press)).size).toBe(keys.length);
    });

    it('choose one after the other, several, all and none', () => {
        const { press, now } = bench();
        press('PageDown');
        expect(now().chosen).toEqual(['line-2']);
        press('Shift+PageDown');
        expect(now().chosen).toEqual(['line-2', 'form-1']);
        press('PageDown');
        expect(now().chosen).toEqual(['line-1']);
        press('Ctrl+a');
        expect(now().chosen).toHaveLength(3);
        press('Escape');
        expect(now().chosen).toEqual([]);
    });

    it('move all that are chosen, in one step of the history', () => {
        const { press, now } = bench();
        press('PageDown', 'Shift+PageDown');
        const before = now().design.forms[0]?.place.across ?? 0;
        press('ArrowRight', 'ArrowRight', 'Shift+ArrowRight');
        expect(now().design.forms[0]?.place.across).toBe(before + 2100);
        expect(now().design.lines[1]?.stacking.shift).toBe(2100);
        expect(now().design.lines[0]?.stacking.shift).toBe(0);
    });

    it('line up, keep together, hide, lock, copy and remove several', () => {
        const { press, now } = bench();
        press('Ctrl+a', 'Alt+l');
        expect(now().design.forms[0]?.place.across).toBe(-100000 + (now().design.forms[0]?.size.width ?? 0) / 2);
        press('g');
        expect(now().design.lines[0]?.treatments.group).toBe('group 1');
        press('v', 'l');
        expect(now().design.lines.every(({ hidden, locked }) => hidden && locked)).toBe(true);
        press('Delete');
        expect(now().design.lines).toHaveLength(2);
        press('l', 'd');
        expect(now().design.lines).toHaveLength(4);
        expect(now().chosen).toEqual(['line-3', 'line-4', 'form-2']);
        press('Delete');
        expect(now().design.lines).toHaveLength(2);
    });

    it('order, turn and size the open card, and open its drawers', () => {
        const { press, now } = bench();
        press('Ctrl+ArrowDown');
        expect(now().design.lines.map(({ id }) => id)).toEqual(['line-2', 'line-1']);
        press(']', ']', '[');
        expect(now().design.lines[1]?.place.turn).toBe(1);
        const { by, length } = now().design.lines[1]?.size ?? { by: '', length: 0 };
        press('>');
        expect(now().design.lines[1]?.size.by).toBe(by);
        expect(now().design.lines[1]?.size.length).not.toBe(length);
        press('Alt+2');
        expect(now().drawer).toBe('bend');
        press('Alt+2');
        expect(now().drawer).toBeNull();
        press('PageDown', 'Alt+1');
        expect(now().drawer).toBe('shape');
    });

    it('nudge and kern the chosen letter instead of the line', () => {
        const { press, now } = bench();
        now().look({ letter: 1 });
        press('ArrowRight', 'Shift+ArrowUp', '.', '.', ',');
        expect(now().design.lines[0]?.lettering.letters).toEqual([
            expect.objectContaining({ at: 1, along: 5, across: 0.5, kern: 5 }),
        ]);
        expect(now().design.lines[0]?.stacking.shift).toBe(0);
    });
});
