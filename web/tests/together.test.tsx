// @vitest-environment jsdom
import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import { edit } from '../src/bench/model/edits';
import { BuildSheet } from '../src/bench/sheet/BuildSheet';
import { benchOf, renderOn, sheetOf } from './support/bench';
import { withForms, withLines } from './support/designs';
import { asInABrowser } from './support/page';

vi.setConfig({ testTimeout: 60_000 });
beforeAll(asInABrowser);
afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
});

const onNavy = edit(({ blank }) =>
    Object.assign(blank, {
        size: 'M',
        fabric: { name: 'Navy', colour: '#2B3350' },
        placement: { ...blank.placement, name: 'Full back', from: [] },
    }),
);
const design = onNavy(
    withForms(
        withLines(
            { words: 'TERN', film: 'chalk', size: { by: 'width', length: 200000 } },
            { words: 'crew', film: 'chalk', gap: -30000, size: { by: 'width', length: 100000 } },
        ),
        { across: 0, down: 30000, width: 90000, height: 60000 },
    ),
);
const sizes = { 'line-1': { width: 200000, height: 40000 }, 'line-2': { width: 100000, height: 30000 } };

/** The sheet with a card open, in one of its drawers. */
async function opened(card: string, drawer: string | null) {
    const store = benchOf(design, sheetOf(design, sizes));
    renderOn(store, <BuildSheet />);
    const user = userEvent.setup();
    store.getState().choose(card);
    await screen.findByRole('group', { name: 'Drawers' });
    if (drawer) {
        await user.click(within(screen.getByRole('group', { name: 'Drawers' })).getByRole('button', { name: drawer }));
        await screen.findByRole('region', { name: `Drawer: ${drawer}` });
    }
    const pick = async (list: string, option: string) => {
        await user.click(screen.getByRole('button', { name: list }));
        await user.click(await screen.findByRole('option', { name: option }));
    };
    const type = async (field: string, value: string) => {
        const box = screen.getByRole('textbox', { name: field });
        await user.clear(box);
        await user.type(box, `${value}{Enter}`);
    };
    const { getState } = store;
    return {
        user,
        pick,
        type,
        line: (at: number) => getState().design.lines[at],
        form: () => getState().design.forms[0],
    };
}

describe('a card that is set into another', () => {
    it('belongs to it from then on, where it lies, and is measured from it', async () => {
        const { pick, user, line } = await opened('line-2', 'Inset');
        await pick('Set into', 'TERN');
        expect(line(1)?.treatments.setInto).toMatchObject({ into: 'cards', cards: ['line-1'] });
        // From the middle of TERN at 20 mm down to that of crew at 25.
        expect(line(1)?.belongs).toEqual({ to: 'line-1', across: 0, down: 5000, scale: 100 });
        expect(
            screen.getByRole('textbox', { name: /^Offset of the card from the middle of TERN, down/ }),
        ).toHaveProperty('value', '5.0');
        await pick('Set into another card too', 'Rectangle');
        expect(line(1)?.treatments.setInto.cards).toEqual(['line-1', 'form-1']);
        const [first] = screen.getAllByRole('button', { name: 'Remove the inset' });
        await user.click(first as HTMLElement);
        expect(line(1)?.treatments.setInto.cards).toEqual(['form-1']);
        await user.click(screen.getByRole('button', { name: 'Remove the inset' }));
        expect(line(1)?.treatments.setInto).toMatchObject({ into: 'none', cards: [] });
        expect(line(1)?.belongs.to).toBe('');
    });

    it('may be set into all that it lies on, and let go', async () => {
        const { user, line } = await opened('line-2', 'Inset');
        await user.click(screen.getByRole('button', { name: 'all it lies on' }));
        expect(line(1)?.treatments.setInto.into).toBe('all');
        // The lowest of those: the form.
        expect(line(1)?.belongs.to).toBe('form-1');
        await user.click(screen.getByRole('button', { name: 'Let go' }));
        expect(line(1)?.belongs.to).toBe('');
        expect(line(1)?.treatments.setInto.into).toBe('all');
    });

    it('keeps its size until it is asked to fit', async () => {
        const { user, pick, line } = await opened('line-2', 'Inset');
        await pick('Belongs to', 'Rectangle');
        expect(line(1)?.belongs.scale).toBe(100);
        await user.click(screen.getByRole('button', { name: 'Shrink to fit' }));
        // Four fifths of 90 mm.
        expect(line(1)?.belongs.scale).toBe(72);
        expect(line(1)?.size.length).toBe(100000);
        await user.click(screen.getByRole('button', { name: 'As typed' }));
        expect(line(1)?.belongs.scale).toBe(100);
    });
});

describe('a line', () => {
    it('has a width and a height with the chain open, and one of them with it closed', async () => {
        const { user, type, line } = await opened('line-1', null);
        await user.click(screen.getByRole('button', { name: 'Keep the proportions' }));
        expect(line(0)?.size).toMatchObject({ by: 'both', length: 200000, high: 40000 });
        await type('Ink height', '55');
        expect(line(0)?.size).toMatchObject({ by: 'both', length: 200000, high: 55000 });
        await user.click(screen.getByRole('button', { name: 'Keep the proportions' }));
        expect(line(0)?.size).toMatchObject({ by: 'width', length: 200000 });
    });

    it('gets another row by Enter, and what rows have', async () => {
        const { user, line, type } = await opened('line-1', 'Letters');
        expect(screen.queryByRole('radiogroup', { name: 'Widths of the rows' })).toBeNull();
        await user.type(
            within(screen.getByRole('region', { name: 'Line: TERN' })).getByLabelText('Words'),
            '{Enter}POINT',
        );
        expect(line(0)?.lettering.words).toBe('TERN\nPOINT');
        await user.click(screen.getByRole('radio', { name: 'by spacing' }));
        await type('Row spacing, in percent of cap height', '165');
        expect(line(0)?.lettering.rows).toEqual({ spacing: 165, widths: 'by spacing' });
    });

    it('takes both edges in one step, and each by itself', async () => {
        const { pick, line } = await opened('line-1', 'Bend');
        await pick('Both edges', 'pinched');
        expect([line(0)?.fills.top.shape, line(0)?.fills.bottom.shape]).toEqual(['dipped', 'arched']);
        await pick('Shape of the top edge', 'wave');
        expect(screen.getByRole('button', { name: 'Both edges' }).textContent).toContain('each by itself');
        await pick('Both edges', 'those of a form');
        expect(line(0)?.fills).toMatchObject({ form: 'form-1', top: { shape: 'form' }, bottom: { shape: 'form' } });
    });
});

describe('copies', () => {
    it('may be turned in their ring, and every third is of another film', async () => {
        const { user, pick, type, form } = await opened('form-1', 'Copies');
        await user.click(screen.getByRole('radio', { name: 'ring' }));
        await type('Turn of the ring of copies in degrees, clockwise', '15');
        await type('Interval of copies in another film', '3');
        await pick('Film of every second copy', 'Sun-up');
        expect(form()?.treatments.copies).toMatchObject({ kind: 'around', turn: 15, every: 3, film: 'sunup' });
    });
});

describe('letters that are alike', () => {
    it('are chosen, set and put back together, the others stay', async () => {
        const line = onNavy(withLines({ words: 'tern to tern', film: 'chalk', size: { by: 'width', length: 200000 } }));
        const store = benchOf(line, sheetOf(line, sizes));
        renderOn(store, <BuildSheet />);
        const user = userEvent.setup();
        store.getState().choose('line-1');
        await user.click(
            within(await screen.findByRole('group', { name: 'Drawers' })).getByRole('button', { name: 'Letters' }),
        );
        const letters = () => store.getState().design.lines[0]?.lettering.letters.map(({ at, scale }) => [at, scale]);
        await user.click(await screen.findByRole('button', { name: 'Letter 3: r' }));
        await user.click(screen.getByRole('radio', { name: 'all 2 alike' }));
        expect(screen.getByRole('button', { name: 'Letter 11: r' }).getAttribute('aria-pressed')).toBe('true');
        const size = screen.getByRole('textbox', { name: 'Size of the letter in percent' });
        await user.clear(size);
        await user.type(size, '140{Enter}');
        expect(letters()).toEqual([
            [2, 140],
            [10, 140],
        ]);
        // One that has no twin has nothing to choose.
        await user.click(screen.getByRole('button', { name: 'Letter 7: o' }));
        expect(screen.queryByRole('radio', { name: /alike/ })).toBeNull();
        await user.click(screen.getByRole('button', { name: 'Letter 11: r' }));
        await user.click(screen.getByRole('radio', { name: 'all 2 alike' }));
        await user.click(screen.getByRole('button', { name: 'Reset the letters' }));
        expect(letters()).toEqual([]);
    });
});
