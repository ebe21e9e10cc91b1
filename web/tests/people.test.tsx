// @vitest-environment jsdom
import { cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { server, type Line, type PersonRow } from '../src/api/client';
import { filled, lettersOf, nudged, ownOf, withOwn, wordsOf } from '../src/bench/model/own';
import { People } from '../src/bench/people/People';
import { PeopleStrip } from '../src/bench/people/PeopleStrip';
import { benchOf, renderOn, sheetOf } from './support/bench';
import { withLines } from './support/designs';
import { asInABrowser } from './support/page';

vi.setConfig({ testTimeout: 60_000 });
beforeEach(asInABrowser);
afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
});

const person = (id: string, values: Record<string, string>, own: object = {}): PersonRow =>
    ({ id, values, own, state: 'to cut', changed: false }) as PersonRow;
const design = withLines({ id: 'name', words: '⟨name⟩' });
const name = design.lines[0] as Line;
const bo = person('b', { name: ' Bo ', number: '4' });

describe('what is set for one only', () => {
    it.each([
        ['⟨name⟩', 'Bo'],
        ['Seat ⟨number⟩, ⟨name⟩', 'Seat 4, Bo'],
        ['⟨year⟩!', '!'],
        ['no field', 'no field'],
    ])('fills %s', (words, expected) => expect(filled(words, bo.values)).toBe(expected));

    it('is kept beside what is set for others, and goes with the last of it', () => {
        expect(wordsOf(bo, name)).toBe('Bo');
        const named = withOwn(bo, 'name', { lettering: { words: 'Mrs Bo' } });
        expect(wordsOf(named, name)).toBe('Mrs Bo');
        const sized = withOwn(named, 'name', { size: { by: 'letter', length: 30_000 } });
        expect(ownOf(sized, 'name')).toEqual({
            lettering: { words: 'Mrs Bo' },
            size: { by: 'letter', length: 30_000 },
        });
        const other = withOwn(sized, 'seat', { lettering: { words: '5' } });
        expect(Object.keys(other.own)).toEqual(['name', 'seat']);
        const without = withOwn(other, 'name', { lettering: { words: undefined }, size: undefined });
        expect(without.own).toEqual({ seat: { lettering: { words: '5' } } });
    });

    it('moves a letter, and forgets one that is back in its place', () => {
        const up = nudged(bo, name, 1, { across: 40 });
        const both = nudged(up, name, 0, { features: ['salt'] });
        expect(lettersOf(both, name)).toEqual([
            { at: 0, features: ['salt'] },
            { at: 1, across: 40 },
        ]);
        expect(lettersOf(nudged(both, name, 1, { turn: 5 }), name)[1]).toEqual({ at: 1, across: 40, turn: 5 });
        const back = nudged(nudged(both, name, 1, { across: 0 }), name, 0, { features: [] });
        expect(back.own).toEqual({});
    });
});

const people = [bo, person('i', { name: 'Ines', size: 'S' }), person('none', {})];

/** The strip over a list, whose server makes a sheet of its own for each person. */
function strip(list: PersonRow[] = people) {
    const store = benchOf(design);
    const asked: (string | undefined)[] = [];
    let roster = { version: 3, columns: [], people: list, doubts: [], sizes: [], designs: [] };
    vi.spyOn(server, 'GET').mockImplementation(((
        path: string,
        options: { params: { query?: { person?: string } } },
    ) => {
        const whose = options.params.query?.person;
        const said = (data: unknown) => Promise.resolve({ data, response: new Response() });
        if (path.endsWith('/names')) {
            return said(roster);
        }
        if (path === '/api/designs/{id}') {
            asked.push(whose);
            return said({ ...store.getState().opened, sheet: { ...sheetOf(design), toWeed: whose ? 7 : 1 } });
        }
        return said(path.endsWith('losses') ? { snags: [], path: '' } : []);
    }) as never);
    const put = vi.spyOn(server, 'PUT').mockImplementation(((
        _: string,
        { body }: { body: { people: PersonRow[] } },
    ) => {
        roster = { ...roster, version: roster.version + 1, people: body.people };
        return Promise.resolve({ data: roster, response: new Response() });
    }) as never);
    renderOn(store, <People />);
    return { store, asked, put };
}

describe('the people on the Bench', () => {
    it('are stepped through by buttons and keys, with the sample between the last and the first', async () => {
        const user = userEvent.setup();
        const { store, asked } = strip();
        const shown = () =>
            screen.getByRole<HTMLSelectElement>('combobox', { name: 'Person shown' }).selectedOptions[0]?.text;
        await waitFor(() => expect(shown()).toBe('Sample'));
        expect(screen.queryByRole('button', { name: /Only this one/ })).toBeNull();
        await user.click(screen.getByRole('button', { name: 'Next person' }));
        expect(shown()).toMatch(/^1\. +Bo$/);
        expect(store.getState().person).toBe('b');
        await waitFor(() => expect(store.getState().sheet.toWeed).toBe(7));
        await user.keyboard('{Alt>}{PageDown}{/Alt}');
        expect([store.getState().person, shown()]).toEqual(['i', '2. Ines · S']);
        expect(screen.getByText('2 of 2')).toBeDefined();
        await user.keyboard('{Alt>}{PageDown}{/Alt}');
        expect(store.getState().person).toBeNull();
        await waitFor(() => expect(store.getState().sheet.toWeed).toBe(1));
        await user.keyboard('{Alt>}{PageUp}{/Alt}');
        expect(store.getState().person).toBe('i');
        expect(asked).toEqual(['b', 'i', undefined, 'i']);
    });

    it('have words, height and letters of their own, saved into the list as it is then', async () => {
        const user = userEvent.setup();
        const { store, asked, put } = strip();
        await user.selectOptions(await screen.findByRole('combobox', { name: 'Person shown' }), '2. Ines · S');
        await user.click(screen.getByRole('button', { name: 'Only this one' }));
        const panel = within(screen.getByRole('region', { name: 'Only for Ines' }));
        await user.clear(panel.getByRole('textbox', { name: 'Words' }));
        await user.type(panel.getByRole('textbox', { name: 'Words' }), 'Inès{Enter}');
        await waitFor(() => expect(put).toHaveBeenCalledTimes(1));
        const bodies = () =>
            put.mock.calls.map(
                (call) => (call as unknown as [string, { body: { version: number; people: PersonRow[] } }])[1].body,
            );
        expect(bodies()[0]).toMatchObject({
            version: 3,
            people: [people[0], { own: { name: { lettering: { words: 'Inès' } } } }, people[2]],
        });
        await waitFor(() => expect(asked.at(-1)).toBe('i'));
        await user.click(await panel.findByRole('button', { name: 'Letter 3: è' }));
        const up = panel.getByRole('textbox', { name: /Up of this letter/ });
        await user.clear(up);
        await user.type(up, '40{Enter}');
        await waitFor(() =>
            expect(bodies()[1]?.people[1]?.own).toEqual({
                name: { lettering: { words: 'Inès', letters: [{ at: 2, across: 40 }] } },
            }),
        );
        expect(bodies()[1]?.version).toBe(4);
        await user.click(await panel.findByRole('button', { name: 'Same as everyone again' }));
        await waitFor(() => expect(bodies()[2]?.people[1]?.own).toEqual({}));
        expect(store.getState().design.lines[0]?.lettering.words).toBe('⟨name⟩');
    });

    it('are asked for where the list is empty, and only where a line takes from it', async () => {
        strip([]);
        expect((await screen.findByRole('link', { name: 'Type the names' })).getAttribute('href')).toBe(
            '/jobs/crew-shirts/names',
        );
        cleanup();
        renderOn(benchOf(withLines({ id: 'plain', words: 'ROW' })), <PeopleStrip />);
        expect(screen.queryByRole('group')).toBeNull();
    });
});
