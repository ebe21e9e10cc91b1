// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, render, renderHook, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import {
    server,
    type ContactPerson,
    type ContactSheet,
    type OpenDesign,
    type PersonRow,
    type ReadTable,
    type Roster,
} from '../src/api/client';
import { progress } from '../src/jobs/progress';
import { NamesView } from '../src/names/NamesView';
import { TakeList } from '../src/names/TakeList';
import { useLineRules } from '../src/names/useLineRules';
import { asInABrowser } from './support/page';

vi.setConfig({ testTimeout: 60_000 });
beforeEach(() => {
    asInABrowser();
    // Rows are only drawn where they can be seen.
    vi.spyOn(Element.prototype, 'clientHeight', 'get').mockReturnValue(600);
    vi.spyOn(HTMLElement.prototype, 'offsetHeight', 'get').mockReturnValue(31);
    Element.prototype.scrollTo = () => {};
});
afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
});

const said = (data: unknown) => ({ data, response: new Response() }) as never;
const client = () => new QueryClient({ defaultOptions: { queries: { retry: false } } });
const within = (queries: QueryClient) =>
    function Within({ children }: { children: ReactNode }) {
        return <QueryClientProvider client={queries}>{children}</QueryClientProvider>;
    };

const line = {
    id: 'name',
    lettering: { words: '⟨name⟩' },
    size: { by: 'letter', length: 38_000 },
    fitting: { tallest: false, atMost: 0, squeeze: 100, evenDigits: false },
};
const design = (version: number) =>
    ({
        id: 'bags',
        version,
        document: { unit: 'mm', lines: [structuredClone(line), { ...line, id: 'club', lettering: { words: 'CLUB' } }] },
    }) as OpenDesign;

describe('the rules of a line', () => {
    it('are shown at once and saved one after the other, each over the one before', async () => {
        let kept = design(4);
        const get = vi.spyOn(server, 'GET').mockImplementation(() => Promise.resolve(said(structuredClone(kept))));
        const bodies: { version: number; change: string }[] = [];
        let answers = () => {};
        const answered = new Promise<void>((resolve) => {
            answers = resolve;
        });
        vi.spyOn(server, 'PUT').mockImplementation(async (...call: unknown[]) => {
            const { body } = call[1] as { body: { version: number; change: string; document: OpenDesign['document'] } };
            expect(body.version).toBe(kept.version);
            bodies.push(body);
            await answered;
            kept = { ...kept, version: kept.version + 1, document: body.document };
            return said({});
        });
        const queries = client();
        const { result } = renderHook(() => useLineRules('bags'), { wrapper: within(queries) });
        await waitFor(() => expect(result.current.lines.map(({ id }) => id)).toEqual(['name']));
        const shown = () => result.current.lines.map(({ size, fitting }) => [size.by, fitting.atMost]);
        act(() => {
            result.current.change('name', { size: { by: 'width', length: 200_000 } });
            result.current.change('name', { fitting: { atMost: 180_000 } });
        });
        expect(shown()).toEqual([['width', 180_000]]);
        await waitFor(() => expect(bodies).toHaveLength(1));
        // A design that was fetched before all is saved does not take them back.
        await act(() => queries.refetchQueries());
        expect(shown()).toEqual([['width', 180_000]]);
        answers();
        await waitFor(() => expect(bodies.map(({ version }) => version)).toEqual([4, 5]));
        expect(bodies.map(({ change }) => change)).toEqual(['size:name', 'size:name']);
        expect(kept.document.lines[0]).toMatchObject({
            size: { by: 'width', length: 200_000 },
            fitting: { atMost: 180_000, squeeze: 100 },
        });
        expect(kept.document.lines[1]).toMatchObject({ size: { by: 'letter' } });
        await waitFor(() => expect(get.mock.calls.length).toBeGreaterThanOrEqual(4));
        await waitFor(() => expect(queries.isFetching()).toBe(0));
        expect(shown()).toEqual([['width', 180_000]]);
        expect(result.current.wrong).toBeNull();
    });

    it('say what was not saved', async () => {
        vi.spyOn(server, 'GET').mockImplementation(() => Promise.resolve(said(design(1))));
        vi.spyOn(server, 'PUT').mockImplementation(() =>
            Promise.resolve({
                error: { title: '', detail: 'It was changed in another window.', path: '' },
                response: new Response(null, { status: 409 }),
            } as never),
        );
        const { result } = renderHook(() => useLineRules('bags'), { wrapper: within(client()) });
        await waitFor(() => expect(result.current.lines).toHaveLength(1));
        act(() => result.current.change('name', { fitting: { squeeze: 80 } }));
        expect(result.current.lines[0]?.fitting.squeeze).toBe(80);
        await waitFor(() => expect(result.current.wrong).toBe('Not saved: It was changed in another window.'));
        await waitFor(() => expect(result.current.lines[0]?.fitting.squeeze).toBe(100));
    });
});

const person = (id: string, name: string, size: string): PersonRow => ({
    id,
    values: { name, size },
    own: {},
    state: 'to cut',
    changed: false,
});
const contact = (id: string, words: string, width: number): ContactPerson => ({
    id,
    words,
    parts: [{ colour: '#F4EFE3', path: 'M0 0l10 0 0 10Z' }],
    box: { left: 0, top: 0, width, height: 40_000 },
    lines: [{ line: 'name', width, letterHeight: 38_000, squeezed: width > 200_000 ? 90 : 100, smaller: false }],
    failure: null,
});
const [ines, wilhelmina, bo] = [person('a', 'Ines', 'S'), person('b', 'Wilhelmina', 'M'), person('c', 'Bo', 'L')];
const people = [ines, wilhelmina, bo];
const roster = (more: Partial<Roster> = {}): Roster => ({
    version: 1,
    columns: [],
    people,
    doubts: [],
    sizes: ['S', 'M', 'L'],
    designs: [{ id: 'bags', name: 'Names on kit bags', number: 1 } as Roster['designs'][number]],
    ...more,
});
const sheet: ContactSheet = {
    fabric: '#2F5D62',
    count: 3,
    lines: [{ id: 'name', words: '⟨name⟩', tallest: null }],
    people: [contact('a', 'Ines', 80_000), contact('b', 'Wilhelmina', 210_000), contact('c', 'Bo', 40_000)],
};

function page(list: Roster) {
    vi.spyOn(server, 'GET').mockImplementation((path: string) =>
        Promise.resolve(said(path.endsWith('/people') ? sheet : path.endsWith('/names') ? list : design(1))),
    );
    render(<NamesView job="bags" title="Kit bags" roster={list} />, { wrapper: within(client()) });
}
const order = () => screen.getAllByRole('img').map((picture) => picture.getAttribute('aria-label'));

describe('the page', () => {
    it('shows everybody in the order of the list, by length or by size, and chooses in both', async () => {
        const user = userEvent.setup();
        page(roster());
        await waitFor(() => expect(order()).toEqual(['Ines', 'Wilhelmina', 'Bo']));
        await user.click(screen.getByRole('radio', { name: 'by length' }));
        expect(order()).toEqual(['Wilhelmina', 'Ines', 'Bo']);
        await user.click(screen.getByRole('radio', { name: 'by size' }));
        expect(order()).toEqual(['Bo', 'Wilhelmina', 'Ines']);
        await user.click(screen.getByRole('button', { name: /Wilhelmina · M/ }));
        const chosen = screen.getAllByRole('row').filter((row) => row.getAttribute('aria-selected') === 'true');
        expect(chosen.map((row) => row.getAttribute('aria-rowindex'))).toEqual(['2']);
        await user.click(screen.getByLabelText('Name, row 3'));
        expect(screen.getByRole('button', { name: /Bo · L/ }).getAttribute('aria-pressed')).toBe('true');
    });

    it('counts on the tape what there is to look at', async () => {
        page(
            roster({
                doubts: [{ person: 'c', column: 'size', message: 'no size' }],
                people: [...people.slice(0, 2), { ...person('c', 'Bo', ''), values: { name: 'Bo', quantity: '4' } }],
            }),
        );
        const tape = await screen.findByRole('contentinfo');
        await waitFor(() => expect(tape.textContent).toBe('Names3To make61 to check1 squeezed'));
    });

    it('saves what is typed, with the version that was seen', async () => {
        const user = userEvent.setup();
        const put = vi
            .spyOn(server, 'PUT')
            .mockImplementation((...call: unknown[]) =>
                Promise.resolve(said({ ...roster(), ...(call[1] as { body: object }).body, version: 2 })),
            );
        page(roster());
        await user.click(await screen.findByLabelText('Name, row 4'));
        await user.keyboard('Juno{Enter}');
        await waitFor(() => expect(put).toHaveBeenCalled());
        const { body } = (put.mock.calls as unknown[][])[0]?.[1] as { body: { version: number; people: PersonRow[] } };
        expect([body.version, body.people.map(({ values }) => values.name)]).toEqual([
            1,
            ['Ines', 'Wilhelmina', 'Bo', 'Juno'],
        ]);
    });

    it('shows letter heights, who is squeezed or changed, and how far each is', async () => {
        page(
            roster({
                people: [ines, { ...wilhelmina, state: 'pressed', changed: true }, { ...bo, state: 'cut' }],
            }),
        );
        const rows = () => screen.getAllByRole('row').map((row) => row.parentElement?.textContent ?? '');
        await waitFor(() => expect(rows()[2]).toContain('38.0'));
        expect(rows()[2]).toMatch(/pressed.*squeezed to 90 % changed since approval/);
        expect(rows()[1]).not.toMatch(/squeezed|changed/);
        expect(screen.getByRole('contentinfo').textContent).toContain('Cut2 of 3Pressed1 of 31 changed since approval');
    });

    it('marks a person by hand and sends one to the Cut room again, or says why not', async () => {
        const user = userEvent.setup();
        const moved = roster({ people: [{ ...ines, state: 'weeded' }, ...people.slice(1)] });
        const put = vi.spyOn(server, 'PUT').mockImplementation(() => Promise.resolve(said(moved)));
        const post = vi.spyOn(server, 'POST').mockImplementation(() => Promise.resolve(said(roster())));
        page(roster());
        await user.click(await screen.findByRole('button', { name: 'Ines: to cut' }));
        await user.click(screen.getByRole('menuitem', { name: 'Mark weeded' }));
        expect(put.mock.calls[0]?.[1]).toMatchObject({ body: { people: ['a'], state: 'weeded' } });
        await user.click(screen.getByRole('button', { name: /^Bo: / }));
        await user.click(screen.getByRole('menuitem', { name: 'Cut again' }));
        expect(post.mock.calls[0]?.[1]).toMatchObject({ body: { people: ['c'] } });
        await waitFor(() => expect(screen.getAllByRole('status')[0]?.textContent).toContain('Bo will be cut again'));
        expect(screen.getByRole('link', { name: 'To the Cut room' }).getAttribute('href')).toBe('/cut-room/bags');
        const detail = 'The eight’s shirts is not approved yet.';
        post.mockImplementation(() =>
            Promise.resolve({ error: { title: 'No', detail }, response: new Response(null, { status: 422 }) } as never),
        );
        await user.click(screen.getByRole('button', { name: /^Bo: / }));
        await user.click(screen.getByRole('menuitem', { name: 'Cut again' }));
        expect((await screen.findByRole('alert')).textContent).toContain(detail);
    });

    it.each([
        [{ toCut: 1, cut: 0, weeded: 0, pressed: 0 }, '1 name'],
        [{ toCut: 3, cut: 0, weeded: 0, pressed: 0 }, '3 names'],
        [{ toCut: 1, cut: 2, weeded: 0, pressed: 0 }, '2 of 3 cut'],
        [{ toCut: 1, cut: 2, weeded: 1, pressed: 0 }, '1 of 4 weeded'],
        [{ toCut: 1, cut: 1, weeded: 1, pressed: 2 }, '2 of 5 pressed'],
        [{ toCut: 0, cut: 0, weeded: 0, pressed: 9 }, 'all pressed'],
    ])('counts %j as “%s”', (count, words) => expect(progress(count)).toBe(words));

    it('says how a design gets names where none takes them', () => {
        page(roster({ designs: [] }));
        expect(screen.getByText(/No design of this job uses names yet/)).toBeDefined();
    });
});

describe('a list that comes in', () => {
    const table: ReadTable = { titles: ['Name'], columns: ['name'], rows: [['Juno']] };
    const shown = () => {
        const onRead = vi.fn();
        render(<TakeList job="bags" empty={false} onRead={onRead} />);
        return onRead;
    };

    it('is pasted or opened, and goes out again', async () => {
        const user = userEvent.setup();
        const asked = vi.fn<(path: string, sent: RequestInit) => Promise<Response>>(() =>
            Promise.resolve(new Response(JSON.stringify(table))),
        );
        vi.stubGlobal('fetch', asked);
        const onRead = shown();
        expect(screen.getByRole('link', { name: 'Export CSV' }).getAttribute('href')).toBe('/api/jobs/bags/names.csv');
        await user.upload(screen.getByLabelText('List file'), new File(['name\nJuno\n'], 'crew.csv'));
        await waitFor(() => expect(onRead).toHaveBeenCalledWith(table));
        await user.click(screen.getByRole('button', { name: 'Paste a list' }));
        await user.click(screen.getByRole('textbox'));
        await user.paste('name\nJuno');
        await user.click(screen.getByRole('button', { name: 'Preview' }));
        await waitFor(() => expect(onRead).toHaveBeenCalledTimes(2));
        expect(asked.mock.calls[1]?.[1].body).toBe('name\nJuno');
    });

    it('is refused with the reason, and the list stays', async () => {
        const user = userEvent.setup();
        const why = { title: '', detail: 'Row 3 cannot be read: it has 3 cells.', path: '' };
        vi.stubGlobal('fetch', () => Promise.resolve(new Response(JSON.stringify(why), { status: 422 })));
        const onRead = shown();
        await user.upload(screen.getByLabelText('List file'), new File(['x'], 'crew.csv'));
        expect((await screen.findByRole('alert')).textContent).toBe(why.detail);
        await user.click(screen.getByRole('button', { name: 'OK' }));
        await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
        vi.stubGlobal('fetch', () => Promise.reject(new TypeError('away')));
        await user.upload(screen.getByLabelText('List file'), new File(['x'], 'crew.csv'));
        expect((await screen.findByRole('alert')).textContent).toContain('The server does not answer');
        expect(onRead).not.toHaveBeenCalled();
    });
});
