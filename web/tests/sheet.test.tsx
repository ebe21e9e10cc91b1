// @vitest-environment jsdom
import { act, cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import { edit, withTreatments } from '../src/bench/model/edits';
import { newRim } from '../src/bench/model/treatments';
import { Several } from '../src/bench/several/Several';
import { BuildSheet } from '../src/bench/sheet/BuildSheet';
import { SnagLine } from '../src/bench/sheet/SnagLine';
import { Tape } from '../src/bench/tape/Tape';
import { benchOf, renderOn, sheetOf, snag } from './support/bench';
import { withForms, withLines } from './support/designs';
import { asInABrowser } from './support/page';

vi.setConfig({ testTimeout: 60_000 });

const plain = edit(({ blank }) =>
    Object.assign(blank, {
        size: 'M',
        fabric: { name: 'Navy', colour: '#22243A' },
        placement: { ...blank.placement, name: 'Full back', from: [] },
    }),
)(withForms(withLines({ words: 'TERN', film: 'chalk' }, { words: 'POINT', film: 'chalk' }), {}));
const design = withTreatments('line-1', ({ outlines }) => outlines.push({ ...newRim('buoy'), width: 2600 }))(plain);
const sizes = { 'line-1': { width: 200000, height: 40000 }, 'line-2': { width: 100000, height: 30000 } };

beforeAll(asInABrowser);
afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
});

const opened = () => {
    const store = benchOf(design, sheetOf(design, sizes));
    renderOn(store, <BuildSheet />);
    return { store, user: userEvent.setup(), now: () => store.getState().design };
};
const card = (name: string) => screen.getByRole('region', { name });
const drawer = (name: string) => screen.findByRole('region', { name: `Drawer: ${name}` });
const strip = () => screen.getByRole('group', { name: 'Drawers' });

describe('the open card', () => {
    it('shows at rest what is used most, and what is set leads to its field', async () => {
        const { user } = opened();
        const open = within(card('Line: TERN'));
        for (const field of ['Words', 'Ink width', 'Ink height', 'Gap below the area’s edge']) {
            expect(open.getByRole('textbox', { name: field })).toBeTruthy();
        }
        expect(open.getByRole('button', { name: 'Font' })).toBeTruthy();
        expect(open.queryByRole('region', { name: /^Drawer/ })).toBeNull();
        await user.click(open.getByRole('button', { name: /^outline 2.6/ }));
        await drawer('Outlines');
        await waitFor(() => expect(document.activeElement).toBe(screen.getByLabelText('Width of outline 1')));
    });

    it('parts width and height only once the lettering is there', () => {
        const sheet = sheetOf(design, sizes);
        const parts = sheet.parts.map((part) => ({ ...part, ink: null }));
        renderOn(benchOf(design, { ...sheet, parts }), <BuildSheet />);
        const chain = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Keep the proportions' });
        expect(chain().disabled).toBe(true);
        cleanup();
        opened();
        expect(chain().disabled).toBe(false);
    });

    it('has one drawer open at a time, and marks those in which something is set', async () => {
        const { user } = opened();
        await user.click(within(strip()).getByRole('button', { name: 'Bend' }));
        await drawer('Bend');
        await user.click(within(strip()).getByRole('button', { name: 'Letters' }));
        await drawer('Letters');
        expect(screen.queryByRole('region', { name: 'Drawer: Bend' })).toBeNull();
        await user.click(within(strip()).getByRole('button', { name: 'Letters' }));
        expect(screen.queryByRole('region', { name: 'Drawer: Letters' })).toBeNull();
        const marked = within(strip())
            .getAllByRole('button')
            .filter((button) => button.title.includes('something is set'));
        expect(marked.map(({ textContent }) => textContent)).toEqual(['Outlines']);
    });

    it.each([
        { drawer: 'Letters', label: /^Letter spacing/, typed: '12', path: () => 12, of: 'spacing' },
        { drawer: 'Outlines', label: /^Width of outline 1/, typed: '3', path: () => 3000, of: 'outline' },
    ])('$drawer: $of is typed', async ({ drawer: name, label, typed, path, of }) => {
        const { user, now } = opened();
        await user.click(within(strip()).getByRole('button', { name }));
        await drawer(name);
        const field = screen.getByLabelText(label);
        await user.clear(field);
        await user.type(field, `${typed}{Enter}`);
        const { lettering, treatments } = now().lines[0] ?? { lettering: null, treatments: null };
        expect(of === 'spacing' ? lettering?.spacing : treatments?.outlines[0]?.width).toBe(path());
    });

    it('is the same for a form, with what differs', async () => {
        const { user, store, now } = opened();
        await user.click(screen.getByRole('button', { name: 'Rectangle' }));
        const names = within(strip())
            .getAllByRole('button')
            .map(({ textContent }) => textContent);
        expect(names).toEqual(['Shape', 'Outlines', 'Inset', 'Copies']);
        await user.click(within(strip()).getByRole('button', { name: 'Shape' }));
        await user.click(within(await drawer('Shape')).getByLabelText('guide only'));
        expect(now().forms[0]?.guide).toBe(true);
        // A guide is neither outlined nor copied.
        expect(within(strip()).getAllByRole('button')).toHaveLength(1);
        const width = screen.getByRole('textbox', { name: 'Width of the form' });
        await user.clear(width);
        await user.type(width, '80{Enter}');
        expect(now().forms[0]?.size).toMatchObject({ width: 80000 });
        expect(store.getState().chosen).toEqual(['form-1']);
    });

    it('puts words above or below an outline, and copies of a form round its middle', async () => {
        const { user, now } = opened();
        await user.click(card('Form: Rectangle'));
        await user.click(screen.getByRole('button', { name: 'Line round it' }));
        await waitFor(() => expect(now().lines).toHaveLength(3));
        await user.click(within(strip()).getByRole('button', { name: 'Bend' }));
        const bend = within(await drawer('Bend'));
        const upright = () => [
            bend.getByRole<HTMLInputElement>('radio', { name: 'outside' }).checked,
            bend.getByRole<HTMLInputElement>('radio', { name: 'at the top' }).checked,
        ];
        expect(upright()).toEqual([true, true]);
        await user.click(bend.getByRole('radio', { name: 'at the bottom' }));
        expect(upright()).toEqual([true, false]);
        expect(now().lines[2]?.follows).toMatchObject({
            sits: 'top',
            lift: -3000,
            outline: { side: 'inside', start: 50 },
        });
        await user.click(bend.getByRole('radio', { name: 'inside' }));
        expect(upright()).toEqual([false, false]);
        await user.click(bend.getByRole('button', { name: 'More' }));
        const distance = bend.getByRole<HTMLInputElement>('textbox', { name: 'Distance from the path' });
        expect(distance.value).toBe('3.0');
        await user.clear(distance);
        await user.type(distance, '4{Enter}');
        expect(now().lines[2]?.follows).toMatchObject({ sits: 'baseline', lift: 4000 });

        const place = now().forms[0]?.place;
        await user.click(card('Form: Rectangle'));
        await user.click(within(strip()).getByRole('button', { name: 'Copies' }));
        const copies = within(await drawer('Copies'));
        await user.click(copies.getByRole('radio', { name: 'ring' }));
        expect(now().forms[0]?.place.down).toBe((place?.down ?? 0) - (now().forms[0]?.treatments.copies.radius ?? 0));
        await user.click(copies.getByRole('radio', { name: 'grid' }));
        await user.click(copies.getByRole('radio', { name: 'none' }));
        expect(now().forms[0]?.place).toEqual(place);
    });

    it('its menu hides, locks, copies and removes', async () => {
        const { user, now } = opened();
        const pick = async (name: string) => {
            await user.click(screen.getByRole('button', { name: 'More for this card' }));
            await user.click(await screen.findByRole('menuitem', { name }));
        };
        await pick('Lock');
        expect(now().lines[0]?.locked).toBe(true);
        expect(within(card('Line: TERN')).getByLabelText<HTMLInputElement>('Words').matches(':disabled')).toBe(true);
        await pick('Unlock');
        await pick('Hide');
        expect(now().lines[0]?.hidden).toBe(true);
        await pick('Remove');
        expect(now().lines.map(({ id }) => id)).toEqual(['line-2']);
    });
});

describe('closed cards', () => {
    it('take a film with one click, and stay closed', async () => {
        const { user, store, now } = opened();
        await user.click(within(card('Line: POINT')).getByRole('button', { name: 'Film' }));
        await user.click(await screen.findByRole('option', { name: 'Sun-up' }));
        expect(now().lines[1]?.film).toBe('sunup');
        expect(store.getState().chosen).toEqual(['line-1']);
    });

    it('are chosen besides with Shift', async () => {
        const { user, store } = opened();
        await user.keyboard('{Shift>}');
        await user.click(within(card('Line: POINT')).getByLabelText('Words'));
        await user.keyboard('{/Shift}');
        expect(store.getState().chosen).toEqual(['line-1', 'line-2']);
        expect(screen.queryByRole('group', { name: 'Drawers' })).toBeNull();
    });

    it('change places by arrow keys on their grips, which is told', async () => {
        const { user, store, now } = opened();
        screen.getByRole('button', { name: /^Place of POINT/ }).focus();
        await user.keyboard('{ArrowUp}');
        expect(now().lines.map(({ id }) => id)).toEqual(['line-2', 'line-1']);
        expect(store.getState().said).toBe('POINT is put at place 1 of 2.');
        await user.keyboard('{ArrowUp}');
        expect(now().lines.map(({ id }) => id)).toEqual(['line-2', 'line-1']);
    });
});

describe('the snags', () => {
    const shown = (...snags: ReturnType<typeof snag>[]) => {
        const store = benchOf(design, sheetOf(design, sizes, snags));
        renderOn(store, <SnagLine />);
        return store;
    };

    it('never say that all is well while a check runs', async () => {
        vi.useFakeTimers();
        const store = shown();
        const end = store.getState().follow();
        expect(screen.queryByText(/ready to cut/)).toBeNull();
        expect(screen.getByText('Checking…')).toBeTruthy();
        await act(() => vi.advanceTimersByTimeAsync(1000));
        expect(screen.getByText('No problems: ready to cut.')).toBeTruthy();
        act(() => store.getState().change(edit((now) => (now.name = 'Another'))));
        expect(screen.queryByText(/ready to cut/)).toBeNull();
        end();
        vi.useRealTimers();
    });

    it('are one line until they are opened, the worst first', async () => {
        const store = shown(snag(1, false, 'Look.'), snag(2, true, 'Mend.'), snag(3, false, 'Look too.'));
        expect(screen.queryByText('Mend.')).toBeNull();
        const line = screen.getByRole('button', { name: /1 to mend ?· 2 to look at/ });
        await userEvent.click(line);
        const items = screen.getAllByRole('listitem').map(({ textContent }) => textContent.slice(0, 1));
        expect(items).toEqual(['2', '1', '3']);
        await userEvent.click(screen.getByText('Mend.'));
        expect(store.getState().snag).toBe(2);
    });
});

describe('the tape', () => {
    it.each([
        ['worth a look', [snag(1, false, 'Look.')], '1 snag', false],
        ['to be mended', [snag(1, false, 'Look.'), snag(2, true, 'Mend.')], '2 snags', true],
    ])('counts the snags, red only where one is %s', (_, snags, said, red) => {
        renderOn(benchOf(design, sheetOf(design, sizes, snags)), <Tape />);
        expect(screen.getByText(said).classList.contains('text-madder')).toBe(red);
    });
});

describe('the strip for several', () => {
    const chosen = () => {
        const store = benchOf(design, sheetOf(design, sizes));
        const all = ['line-1', 'line-2', 'form-1'];
        store.getState().chooseAll(all);
        renderOn(store, <Several chosen={all} />);
        return { store, user: userEvent.setup(), now: () => store.getState().design };
    };

    it('lines up, keeps together and lets go, changes the film', async () => {
        const { user, now } = chosen();
        await user.click(screen.getByRole('button', { name: 'Line up left' }));
        expect(now().forms[0]?.place.across).toBe(-100000 + (now().forms[0]?.size.width ?? 0) / 2);
        await user.click(screen.getByRole('button', { name: 'Keep together' }));
        expect(now().lines.map(({ treatments }) => treatments.group)).toEqual(['group 1', 'group 1']);
        await user.click(screen.getByRole('button', { name: 'Let go' }));
        expect(now().lines[0]?.treatments.group).toBe('');
        await user.click(screen.getByRole('button', { name: 'Film of the chosen cards' }));
        await user.click(await screen.findByRole('option', { name: 'Sun-up' }));
        expect([...now().lines, ...now().forms].map(({ film }) => film)).toEqual(['sunup', 'sunup', 'sunup']);
    });

    it('hides, locks and removes all of them', async () => {
        const { user, store, now } = chosen();
        await user.click(screen.getByRole('button', { name: 'Hide' }));
        expect(now().lines.every(({ hidden }) => hidden)).toBe(true);
        await user.click(screen.getByRole('button', { name: 'Show' }));
        expect(now().lines.some(({ hidden }) => hidden)).toBe(false);
        await user.click(screen.getByRole('button', { name: 'Duplicate' }));
        expect(now().lines).toHaveLength(4);
        await user.click(screen.getByRole('button', { name: 'Remove' }));
        expect([now().lines.length, now().forms.length, store.getState().chosen]).toEqual([2, 1, []]);
    });
});
