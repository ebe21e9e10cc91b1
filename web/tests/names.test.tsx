// @vitest-environment jsdom
import { cleanup, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { type ContactPerson, type Line, type PersonRow, type ReadTable } from '../src/api/client';
import { mended, pieces, put, withField } from '../src/bench/shared/fields';
import { Contact } from '../src/names/Contact';
import { NamesGrid } from '../src/names/NamesGrid';
import { newPerson, shownColumns, withTable, withValue, without, type Names } from '../src/names/people';
import { SizeRules } from '../src/names/SizeRules';
import { TableDialog } from '../src/names/TableDialog';

vi.setConfig({ testTimeout: 60_000 });
beforeEach(() => {
    // Rows are only drawn where they can be seen.
    vi.spyOn(Element.prototype, 'clientHeight', 'get').mockReturnValue(600);
    vi.spyOn(HTMLElement.prototype, 'offsetHeight', 'get').mockReturnValue(31);
});
afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
});

const person = (id: string, values: Record<string, string>): PersonRow => ({
    id,
    values,
    own: {},
    state: 'to cut',
    changed: false,
});
const list = (...people: PersonRow[]): Names => ({ columns: ['year'], people });

describe('fields in words', () => {
    it('are the pieces between ⟨ and ⟩', () => {
        expect(pieces('Seat ⟨number⟩, ⟨name⟩')).toEqual([
            { text: 'Seat ', isField: false },
            { text: '⟨number⟩', isField: true },
            { text: ', ', isField: false },
            { text: '⟨name⟩', isField: true },
        ]);
        expect(pieces('⟨⟩ <name>')).toEqual([{ text: '⟨⟩ <name>', isField: false }]);
    });

    it.each([
        ['', '⟨name⟩'],
        ['Seat', 'Seat ⟨name⟩'],
        ['Seat ', 'Seat ⟨name⟩'],
    ])('are put in behind “%s”', (words, after) => expect(withField(words, 'name')).toBe(after));

    it('are put in place of what is marked', () => expect(put('Seat one', 5, 8, 'number')).toBe('Seat ⟨number⟩'));

    it.each([
        ['Seat ⟨number⟩', 'Seat ⟨number', 'Seat '],
        ['Seat ⟨number⟩!', 'Seat number⟩!', 'Seat !'],
        ['⟨name⟩ ⟨name⟩', '⟨name⟩ ⟨name', '⟨name⟩ '],
        ['⟨name⟩ ⟨name⟩', 'name⟩ ⟨name⟩', ' ⟨name⟩'],
        ['⟨name⟩', '', ''],
        ['⟨name⟩', '⟨name⟩ B', '⟨name⟩ B'],
        ['name', 'nam', 'nam'],
    ])('are taken out whole: “%s” typed to “%s”', (before, after, words) => expect(mended(before, after)).toBe(words));
});

describe('a list', () => {
    it('is typed into, and grows behind its last row', () => {
        const two = list(person('a', { name: 'Bo' }), person('b', { name: 'Ines' }));
        expect(withValue(two, 1, 'size', 'S').people[1]?.values).toEqual({ name: 'Ines', size: 'S' });
        expect(withValue(two, 2, 'name', 'Juno').people[2]?.values).toEqual({ name: 'Juno' });
        expect(withValue(two, 2, 'name', '').people).toHaveLength(2);
        expect(without(two, 'a').people.map(({ id }) => id)).toEqual(['b']);
        expect(newPerson().id).toMatch(/^[A-Za-z0-9-]{1,40}$/);
    });

    it('takes a table in, with the columns it lacks', () => {
        const one = list(person('a', { name: 'Bo' }));
        const rows = [
            ['Ines', '5', 'x', 'cox'],
            ['Juno', '', 'y', ''],
        ];
        const added = withTable(one, ['name', 'number', '', 'role'], rows, false);
        expect(added.columns).toEqual(['year', 'role']);
        expect(added.people.map(({ values }) => values)).toEqual([
            { name: 'Bo' },
            { name: 'Ines', number: '5', role: 'cox' },
            { name: 'Juno' },
        ]);
        expect(withTable(one, ['name', 'number', '', 'role'], rows, true).people).toHaveLength(2);
    });

    it('shows columns that are used, asked for or the shop’s own', () => {
        expect(shownColumns(list(person('a', { blank: 'Crew tee', note: '' })), ['quantity'])).toEqual([
            'name',
            'number',
            'size',
            'blank',
            'quantity',
            'year',
        ]);
    });
});

/** The grid with a list that changes, as the page has it. */
function Grid({ first, onPaste = () => {} }: { first: Names; onPaste?: (table: ReadTable) => void }) {
    const [names, setNames] = useState(first);
    const work = { mark: () => {}, again: () => {}, sent: [], wrong: null };
    const doubts = [{ person: 'b', column: 'size', message: 'no size' }];
    return (
        <>
            <NamesGrid
                names={names}
                rows={first.people}
                fits={{ of: () => undefined, unit: 'mm' }}
                work={work}
                doubts={doubts}
                sizes={['S', 'M']}
                chosen={null}
                onChoose={() => {}}
                onChange={(change) => setNames(change)}
                onPaste={onPaste}
            />
            <output>{JSON.stringify(names.people.map(({ values }) => values))}</output>
        </>
    );
}

describe('the grid', () => {
    const first = list(person('a', { name: 'Bo', size: 'S' }), person('b', { name: 'Ines' }));

    it('is typed in and walked by keys, and says what is doubtful', async () => {
        const user = userEvent.setup();
        render(<Grid first={first} />);
        expect(await screen.findByText('no size')).toBeDefined();
        expect(screen.getByLabelText('Size, row 2').getAttribute('aria-invalid')).toBe('true');
        await user.click(screen.getByLabelText('Name, row 2'));
        await user.keyboard('{Control>}a{/Control}Tamsin{Enter}');
        await waitFor(() => expect(document.activeElement).toBe(screen.getByLabelText('Name, row 3')));
        await user.keyboard('Ludo{Tab}7{ArrowUp}');
        await waitFor(() => expect(document.activeElement).toBe(screen.getByLabelText('Number, row 2')));
        expect(screen.getByRole('status').textContent).toBe(
            JSON.stringify([{ name: 'Bo', size: 'S' }, { name: 'Tamsin' }, { name: 'Ludo', number: '7' }]),
        );
        await user.click(screen.getByLabelText('Name, row 1'));
        await user.keyboard('x{Escape}{Tab}');
        expect(screen.getByRole('status').textContent).toContain('"Bo"');
        await user.click(screen.getByRole('button', { name: 'Remove Bo' }));
        expect(screen.getByRole('status').textContent).not.toContain('"Bo"');
    });

    it('takes cells that are pasted as a table, and a word as a word', async () => {
        const user = userEvent.setup();
        const table: ReadTable = { titles: [], columns: ['name', 'number'], rows: [['Juno', '7']] };
        const asked = vi.fn(() => Promise.resolve(new Response(JSON.stringify(table))));
        vi.stubGlobal('fetch', asked);
        const onPaste = vi.fn();
        render(<Grid first={first} onPaste={onPaste} />);
        await user.click(await screen.findByLabelText('Name, row 3'));
        await user.paste('Juno\t7\n');
        await waitFor(() => expect(onPaste).toHaveBeenCalledWith(table));
        expect(asked).toHaveBeenCalledOnce();
        await user.paste('Odile');
        await user.keyboard('{Enter}');
        await waitFor(() => expect(screen.getByRole('status').textContent).toContain('"Odile"'));
    });

    it('gets a column of the shop’s naming, or one that every list has', async () => {
        const user = userEvent.setup();
        render(<Grid first={first} />);
        await user.click(screen.getByRole('button', { name: 'Add a column' }));
        await user.type(await screen.findByLabelText('Custom column, such as year or role'), 'Year{Tab}');
        expect(screen.getByRole('alert').textContent).toBe('There is such a column already.');
        await user.clear(screen.getByRole('textbox', { name: /^Custom column/ }));
        await user.type(screen.getByRole('textbox', { name: /^Custom column/ }), 'role{Tab}');
        await user.click(screen.getByRole('button', { name: 'Add it' }));
        expect(await screen.findByRole('columnheader', { name: 'role' })).toBeDefined();
        await user.click(screen.getByRole('button', { name: 'Add a column' }));
        await user.click(screen.getByRole('button', { name: 'Quantity' }));
        expect(await screen.findByRole('columnheader', { name: 'Quantity' })).toBeDefined();
    });
});

describe('a table before it is taken', () => {
    const table: ReadTable = { titles: ['Player', 'Crew'], columns: ['name', ''], rows: [['Juno', 'red']] };

    it('says which column is which, and is not taken with two of one kind', async () => {
        const user = userEvent.setup();
        const onTake = vi.fn();
        render(<TableDialog table={table} names={list(person('a', {}))} onClose={() => {}} onTake={onTake} />);
        await user.selectOptions(screen.getByLabelText('Crew is'), 'name');
        expect(screen.getByRole('alert').textContent).toContain('Two columns are Name');
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Add 1 person' }).disabled).toBe(true);
        await user.selectOptions(screen.getByLabelText('Crew is'), 'Crew');
        await user.click(screen.getByRole('button', { name: 'Add 1 person' }));
        expect(onTake).toHaveBeenCalledWith(['name', 'Crew'], false);
        await user.click(screen.getByRole('button', { name: 'Replace the 1 in the list' }));
        expect(onTake).toHaveBeenLastCalledWith(['name', 'Crew'], true);
    });
});

describe('one person on the contact sheet', () => {
    const made: ContactPerson = {
        id: 'a',
        words: 'Wilhelmina',
        parts: [{ colour: '#F4EFE3', path: 'M0 0l10 0 0 10Z' }],
        box: { left: -50, top: 100, width: 100, height: 40 },
        lines: [{ line: 'name', width: 100, letterHeight: 37_600, squeezed: 90, smaller: true }],
        failure: null,
    };
    const shown = (more: Partial<ContactPerson>, long = false) =>
        render(
            <Contact
                person={{ ...made, ...more }}
                values={{ name: 'Wilhelmina', size: 'XL' }}
                fabric="#2F5D62"
                frame={{ width: 200, top: 95, height: 50 }}
                unit="mm"
                design="bags"
                long={long}
                chosen={false}
                onChoose={() => {}}
            />,
        );

    it('is at the scale of all, and says that it was squeezed', () => {
        shown({});
        expect(screen.getByRole('img', { name: 'Wilhelmina' }).getAttribute('viewBox')).toBe('-112 87.5 224 65');
        expect(screen.getByRole('button').textContent).toBe('Wilhelmina · XL37.6 high, 90 %');
    });

    it('goes to the Bench by a double click', async () => {
        shown({});
        await userEvent.dblClick(screen.getByRole('button'));
        expect(window.location.pathname + window.location.search).toBe('/designs/bags?person=a');
    });

    it('says that it is much wider than the others', () => {
        shown({ lines: [{ line: 'name', width: 100, letterHeight: 38_000, squeezed: 100, smaller: false }] }, true);
        expect(screen.getByRole('button').textContent).toBe('Wilhelmina · XL38.0 high, much wider');
    });

    it('says that there is nothing to cut', () => {
        shown({ failure: 'no ink', lines: [], parts: [], box: null });
        expect(screen.getByRole('button').textContent).toContain('nothing to cut');
    });
});

describe('the size of all', () => {
    const line = (size: object, fitting: object = {}) =>
        ({
            lettering: { words: 'SEAT ⟨number⟩' },
            size: { by: 'letter', length: 38_000, ...size },
            fitting: { tallest: false, atMost: 0, squeeze: 100, evenDigits: false, ...fitting },
        }) as Line;
    const shown = (of: Line, tallest: number | null = null) => {
        const onChange = vi.fn();
        render(<SizeRules line={of} unit="mm" tallest={tallest} onChange={onChange} />);
        return onChange;
    };

    it.each([
        ['one width', { fitting: { tallest: false }, size: { by: 'width', length: 200_000 } }],
        ['each fitted', { fitting: { tallest: false }, size: { by: 'area', length: 10_000 } }],
        ['tallest for all', { fitting: { tallest: true, atMost: 250_000 }, size: { by: 'letter' } }],
    ])('is %s', async (rule, change) => {
        const onChange = shown(line({}));
        await userEvent.click(screen.getByRole('radio', { name: rule }));
        expect(onChange).toHaveBeenCalledWith(change);
    });

    it('has a greatest width, a squeeze and digits on one width', async () => {
        const onChange = shown(line({}, { atMost: 200_000 }));
        const width = screen.getByRole('textbox', { name: 'Maximum width' });
        await userEvent.type(width, '{Control>}a{/Control}180{Enter}');
        expect(onChange).toHaveBeenLastCalledWith({ fitting: { atMost: 180_000 } });
        await userEvent.type(screen.getByRole('textbox', { name: 'Squeeze to' }), '{Control>}a{/Control}85{Enter}');
        expect(onChange).toHaveBeenLastCalledWith({ fitting: { squeeze: 85 } });
        await userEvent.click(screen.getByLabelText('digits on one width'));
        expect(onChange).toHaveBeenLastCalledWith({ fitting: { evenDigits: true } });
        await userEvent.click(screen.getByLabelText('at most'));
        expect(onChange).toHaveBeenLastCalledWith({ fitting: { atMost: 0 } });
    });

    it('says how tall the tallest for all is', () => {
        shown(line({}, { tallest: true, atMost: 200_000 }), 34_100);
        expect(screen.getByRole('status').textContent).toBe('34.1 mm');
        expect(screen.queryByRole('textbox', { name: 'Squeeze to' })).toBeNull();
    });
});
