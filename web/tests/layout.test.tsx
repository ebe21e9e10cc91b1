// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import {
    server,
    type DesignCard,
    type FilmLayoutCard,
    type JobCard,
    type LaidPieceCard,
    type ScrapCard,
} from '../src/api/client';
import { films, jobs as jobList, layouts, rack, scraps } from '../src/api/queries';
import { dueBy, dueDays, isOnMat, itemsIn, itemsOf, jobsOf, laidJobs, matShort } from '../src/cut/laid/chosen';
import { LaidFilms } from '../src/cut/laid/LaidFilms';
import { LaidPanel } from '../src/cut/laid/LaidPanel';
import { Scraps } from '../src/cut/laid/Scraps';
import { moved, turned } from '../src/cut/laid/spots';
import { useDesk, useLayouts } from '../src/cut/laid/useLayouts';
import { ToCut } from '../src/cut/ToCut';

vi.setConfig({ testTimeout: 60_000 });
afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
});

const piece = (number: number, more: Partial<LaidPieceCard> = {}): LaidPieceCard => ({
    number,
    mark: number + 7,
    design: 'cap',
    shape: 'cap-front',
    name: 'Front of the cap',
    copy: number + 1,
    stock: 'roll',
    turn: 0,
    x: 10_000,
    y: 20_000,
    wide: 60_000,
    high: 40_000,
    matrix: [1, 0, 0, 1, 0, 0],
    pinned: false,
    stale: false,
    ...more,
});

const film: FilmLayoutCard = {
    film: 'chalk',
    name: 'Chalk',
    colour: '#F4EFE3',
    finish: 'smooth',
    width: 500_000,
    state: 'done',
    seconds: 20,
    length: 1_500_000,
    boxes: 1_700_000,
    covered: 0.8,
    left: [],
    price: 10,
    stock: 14_200_000,
    stocks: [
        { id: 'scrap', kind: 'scrap', width: 210_000, length: 340_000, outline: 'M0 0 1 1 0 1Z' },
        { id: 'roll', kind: 'roll', width: 500_000, length: 1_500_000, outline: '' },
    ],
    shapes: { 'cap-front': { ink: 'M1 1 2 2 1 2Z', frame: 'M0 0 3 0 3 3Z' } },
    pieces: [piece(0), piece(1, { x: 80_000 }), piece(2, { stock: 'scrap' })],
    turns: [0, 90, 180, 270],
    gap: 0,
    mat: null,
    substitutes: [],
};

const job = (id: string, due: string, state: JobCard['state'], quantity: number): JobCard => ({
    id,
    title: id,
    customer: 'Tern Point Rowers',
    due,
    state,
    quantity,
    archived: false,
    people: null,
    designs: [{ id: `${id}-front`, snags: 0, unreadable: null, films: ['chalk'] } as unknown as DesignCard],
});

const answers = (data: unknown) => ({ data, response: new Response() }) as never;
const refuses = (detail: string) =>
    ({ error: { title: 'No', detail, path: '' }, response: new Response(null, { status: 422 }) }) as never;

describe('jobs that are laid out', () => {
    const jobs = [
        job('caps', '2027-06-05', 'to cut', 5),
        job('shirts', '2027-06-04', 'to cut', 24),
        job('hats', '2027-06-03', 'to approve', 6),
        job('bags', '2027-06-05', 'to cut', 0),
    ];

    it('are all that can be cut and are due by a day', () => {
        expect(dueDays(jobs)).toEqual(['2027-06-04', '2027-06-05']);
        expect(dueBy(jobs, '2027-06-04').map(({ id }) => id)).toEqual(['shirts']);
        expect(dueBy(jobs, '2027-06-05').map(({ id }) => id)).toEqual(['caps', 'shirts', 'bags']);
    });

    it('come to a copy for each piece, at least one', () => {
        const items = itemsOf(dueBy(jobs, '2027-06-05'));
        expect(items.map(({ copies }) => copies)).toEqual([5, 24, 1]);
        expect(jobsOf(jobs, items.slice(1)).map(({ id }) => id)).toEqual(['shirts', 'bags']);
        expect(laidJobs(jobs, [{ ...film, pieces: [piece(0, { design: 'caps-front' })] }]).map(({ id }) => id)).toEqual(
            ['caps'],
        );
    });
});

describe('a carrier mat', () => {
    const on = (from: number, length: number, more: Partial<FilmLayoutCard> = {}): FilmLayoutCard => ({
        ...film,
        length,
        stocks: film.stocks.slice(1),
        pieces: [piece(0), piece(1)],
        mat: { width: 305_000, length: 610_000, edge: 6000, from },
        ...more,
    });
    const zones = [on(6000, 200_000), on(211_000, 393_000, { film: 'ink', name: 'Harbour ink', colour: '#22243A' })];

    it('holds zones as long as they end before its edge', () => {
        expect([isOnMat([film]), isOnMat(zones)]).toEqual([false, true]);
        expect(matShort([film])).toBe(0);
        expect(matShort(zones)).toBe(0);
        expect(matShort([...zones, on(609_000, 50_000)])).toBe(55_000);
        expect(matShort([...zones, on(609_000, 0)])).toBe(0);
    });

    it('is drawn with each film in its zone, and says how much it is too short', async () => {
        const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });
        client.setQueryData(layouts.queryKey, [...zones, on(609_000, 50_000, { film: 'buoy', name: 'Buoy' })]);
        client.setQueryData(rack.queryKey, []);
        render(
            <QueryClientProvider client={client}>
                <Desk chosen={null} />
            </QueryClientProvider>,
        );
        const mat = screen.getByRole('region', { name: 'Carrier mat' });
        expect(mat.textContent).toContain('0.06 m too short');
        const drawn = [...mat.querySelectorAll('[data-part=zone]')];
        expect(drawn.map((zone) => zone.getAttribute('transform'))).toEqual([
            'translate(6000 299000) scale(1 -1)',
            'translate(211000 299000) scale(1 -1)',
            'translate(609000 299000) scale(1 -1)',
        ]);
        expect(mat.querySelectorAll('[data-part=laid]')).toHaveLength(6);
        const post = vi.spyOn(server, 'POST').mockResolvedValue(refuses('The mat is 55.0 mm too short.'));
        await userEvent.click(screen.getByRole('button', { name: 'Send this zone to the cutter' }));
        await screen.findByText('The mat is 55.0 mm too short.');
        expect(post.mock.calls[0]?.[0]).toBe('/api/layouts/{film}/cut');
    });

    it('takes over what is laid out by film', () => {
        expect(itemsIn([film, { ...film, pieces: [piece(0, { design: 'shirt', copy: 4 })] }])).toEqual([
            { design: 'cap', copies: 3 },
            { design: 'shirt', copies: 4 },
        ]);
    });
});

describe('a piece placed by hand', () => {
    it('moves as it is drawn: right is along the film, up is across it from the far edge', () => {
        expect(moved(piece(0), 3000.4, 2000)).toEqual({ stock: 'roll', turn: 0, x: 8000, y: 23_000, pinned: true });
    });

    it.each([
        [[0, 90, 180, 270], 0, { turn: 90, x: 20_000, y: 10_000 }],
        [[0, 90, 180, 270], 270, { turn: 0, x: 20_000, y: 10_000 }],
        [[0, 180], 0, { turn: 180, x: 10_000, y: 20_000 }],
        [[0], 0, { turn: 0, x: 10_000, y: 20_000 }],
    ])('turns about its middle by what the film allows: %j', (turns, turn, spot) => {
        expect(turned(piece(0, { turn }), turns)).toEqual({ ...spot, stock: 'roll', pinned: true });
    });
});

/** The films and the panel of the first of them, as the page has them. */
function Desk({ chosen }: { chosen: number | null }) {
    const films = useLayouts();
    const desk = useDesk();
    return (
        <>
            <LaidFilms
                films={films}
                desk={desk}
                chosen={films[0]}
                piece={chosen}
                run={undefined}
                onChoose={() => {}}
                onPiece={() => {}}
            />
            {films[0] && <LaidPanel film={films[0]} piece={chosen} busy={false} desk={desk} />}
        </>
    );
}

function show(now: FilmLayoutCard, chosen: number | null = null) {
    const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });
    client.setQueryData(layouts.queryKey, [now]);
    client.setQueryData(rack.queryKey, []);
    render(
        <QueryClientProvider client={client}>
            <Desk chosen={chosen} />
        </QueryClientProvider>,
    );
}

describe('scraps and jobs beside the films', () => {
    const scrap = (id: string, offered: boolean): ScrapCard => ({
        id,
        film: 'chalk',
        width: 210_000,
        length: 340_000,
        outline: 'M0 0 1 1 0 1Z',
        offered,
    });
    const withData = (node: ReactNode, data: { scraps?: ScrapCard[]; jobs?: JobCard[]; laid?: FilmLayoutCard[] }) => {
        const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });
        client.setQueryData(layouts.queryKey, data.laid ?? []);
        client.setQueryData(scraps.queryKey, data.scraps ?? []);
        client.setQueryData(films.queryKey, []);
        client.setQueryData(jobList('rail', '').queryKey, {
            pages: [{ jobs: data.jobs ?? [], found: data.jobs?.length ?? 0 } as never],
            pageParams: [0],
        });
        render(<QueryClientProvider client={client}>{node}</QueryClientProvider>);
    };

    it('say what a scrap takes; one that a cut left is kept or thrown away', async () => {
        const post = vi.spyOn(server, 'POST').mockResolvedValue(answers(scrap('new', false)));
        const remove = vi.spyOn(server, 'DELETE').mockResolvedValue(answers(null));
        vi.spyOn(server, 'GET').mockResolvedValue(answers([]));
        withData(<Scraps laid={[film]} />, { scraps: [scrap('scrap', false), scrap('new', true)] });
        const [kept, left] = screen.getAllByRole('listitem');
        expect(kept?.textContent).toContain('chalk 210 × 340takes Front of the cap');
        expect(within(kept as HTMLElement).queryByRole('button', { name: 'Keep' })).toBeNull();
        expect(left?.textContent).toContain('left by a cut');
        await userEvent.click(within(left as HTMLElement).getByRole('button', { name: 'Keep' }));
        expect(post.mock.calls[0]?.[1]).toEqual({ params: { path: { id: 'new' } } });
        await waitFor(() => expect(screen.getByText(/None\. Cuts leave them here/)).toBeTruthy());
        expect(remove).not.toHaveBeenCalled();
    });

    it('lay out what is ticked, with what is ticked already, or all that is due by a day', async () => {
        const put = vi.spyOn(server, 'PUT').mockResolvedValue(answers([]));
        const jobs = [job('cap', '2027-06-05', 'to cut', 2), job('shirt', '2027-06-04', 'to cut', 3)];
        const caps = { ...film, pieces: [piece(0, { design: 'cap-front' })] };
        withData(<ToCut chosen={null} />, { jobs: [...jobs, job('hat', '2027-06-03', 'to design', 1)], laid: [caps] });
        const sent = () => (put.mock.calls as unknown[][]).map((call) => (call[1] as { body: unknown }).body);
        expect(screen.getByRole('checkbox', { name: 'Lay out cap' })).toHaveProperty('checked', true);
        expect(screen.queryByRole('checkbox', { name: 'Lay out hat' })).toBeNull();
        await userEvent.click(screen.getByRole('checkbox', { name: 'Lay out shirt' }));
        expect(sent()[0]).toEqual({
            items: [
                { design: 'cap-front', copies: 2 },
                { design: 'shirt-front', copies: 3 },
            ],
            onMat: false,
        });
        await userEvent.selectOptions(screen.getByLabelText('Lay out everything due by'), '2027-06-04');
        expect(sent()[1]).toEqual({ items: [{ design: 'shirt-front', copies: 3 }], onMat: false });
    });

    it('stay ticked when a list that was asked for before comes in after', async () => {
        const shirts = { ...film, pieces: [piece(0, { design: 'shirt-front' })] };
        vi.spyOn(server, 'PUT').mockResolvedValue(answers([shirts]));
        let late = () => {};
        const get = vi.spyOn(server, 'GET').mockImplementation(
            () =>
                new Promise((resolve) => {
                    late = () => resolve(answers([before]));
                }),
        );
        const jobs = [job('cap', '2027-06-05', 'to cut', 2), job('shirt', '2027-06-04', 'to cut', 3)];
        const before = { ...film, state: 'running' as const, pieces: [piece(0, { design: 'cap-front' })] };
        withData(<ToCut chosen={null} />, { jobs, laid: [before] });
        await waitFor(() => expect(get).toHaveBeenCalledOnce());
        await userEvent.click(screen.getByRole('checkbox', { name: 'Lay out shirt' }));
        const ticks = () =>
            jobs.map(({ title }) => screen.getByLabelText<HTMLInputElement>(`Lay out ${title}`).checked);
        await waitFor(() => expect(ticks()).toEqual([false, true]));
        await act(async () => {
            late();
            // Until it would be shown.
            await new Promise((resolve) => setTimeout(resolve, 30));
        });
        expect(ticks()).toEqual([false, true]);
    });

    it('say why a job can’t be laid out', async () => {
        vi.spyOn(server, 'PUT').mockResolvedValue(refuses('Cap is not approved yet.'));
        vi.spyOn(server, 'GET').mockResolvedValue(answers([]));
        withData(<ToCut chosen={null} />, { jobs: [job('cap', '2027-06-05', 'to cut', 2)] });
        await userEvent.click(screen.getByRole('checkbox', { name: 'Lay out cap' }));
        await screen.findByText('Cap is not approved yet.');
        expect(screen.getByRole('checkbox', { name: 'Lay out cap' })).toHaveProperty('checked', false);
    });
});

describe('films that are laid out', () => {
    it('show their length, what is saved and wasted, and each scrap', () => {
        show(film);
        const chalk = screen.getByRole('region', { name: 'Chalk, 1.50 m of film' });
        expect(chalk.textContent).toContain('as boxes 1.70 m · 0.20 m saved');
        expect(chalk.textContent).toContain('20 % waste');
        expect(chalk.textContent).toContain('scrap 210 × 340 mm');
        expect(chalk.querySelectorAll('[data-part=laid]')).toHaveLength(3);
        expect(screen.queryByText('Stop here')).toBeNull();
    });

    it('come in sheets, each sent by itself', () => {
        const sheet = (number: number) =>
            ({
                id: `sheet-${number}`,
                kind: 'sheet',
                width: 305_000,
                length: 508_000,
                outline: 'M0 0 1 1 0 1Z',
            }) as const;
        const pieces = [piece(0, { stock: 'sheet-1' }), piece(1, { stock: 'sheet-2' })];
        show({ ...film, stocks: [sheet(1), sheet(2), sheet(3)], pieces });
        expect(screen.getAllByRole('button', { name: /^Send / }).map(({ textContent }) => textContent)).toEqual([
            'Send sheet 1, 305 × 508 mm',
            'Send sheet 2, 305 × 508 mm',
        ]);
    });

    it('can be stopped while better ones are looked for, and not be sent until then', async () => {
        const post = vi.spyOn(server, 'POST').mockResolvedValue(answers({ ...film, state: 'done' }));
        show({ ...film, state: 'running' });
        expect(screen.getByRole('button', { name: 'Send the roll to the cutter' })).toHaveProperty('disabled', true);
        await userEvent.click(screen.getByRole('button', { name: 'Stop here' }));
        expect(post).toHaveBeenCalledWith('/api/layouts/{film}/{act}', {
            params: { path: { film: 'chalk', act: 'stop' } },
        });
        await waitFor(() => expect(screen.queryByText('Stop here')).toBeNull());
        expect(screen.getByRole('button', { name: 'Send scrap 210 × 340 mm' })).toHaveProperty('disabled', false);
    });

    it('say what to do before they can be sent', async () => {
        vi.spyOn(server, 'POST').mockResolvedValue(refuses('Load that scrap.'));
        show(film);
        await userEvent.click(screen.getByRole('button', { name: 'Send scrap 210 × 340 mm' }));
        await screen.findByText('Load that scrap.');
    });

    it('offer to lay just changed pieces out again', async () => {
        const post = vi.spyOn(server, 'POST').mockResolvedValue(answers(film));
        show({ ...film, pieces: [piece(0, { stale: true }), piece(1)] });
        expect(screen.getByRole('button', { name: 'Send the roll to the cutter' })).toHaveProperty('disabled', true);
        screen.getByText('One piece has changed since the layout.');
        await userEvent.click(screen.getByRole('button', { name: 'Lay out changed pieces' }));
        expect(post.mock.calls[0]?.[1]).toEqual({ params: { path: { film: 'chalk', act: 'changed' } } });
    });

    it('list their pieces by the numbers that are cut beside them', async () => {
        const print = vi.spyOn(window, 'print').mockImplementation(() => {});
        show(film);
        await userEvent.click(screen.getByRole('button', { name: 'Pieces by number' }));
        const list = within(await screen.findByRole('dialog'));
        const rows = list.getAllByRole('row').map((row) => [...row.children].map(({ textContent }) => textContent));
        expect(rows.slice(1)).toEqual([
            ['7', 'Front of the cap', '1', 'roll'],
            ['8', 'Front of the cap', '2', 'roll'],
            ['9', 'Front of the cap', '3', 'scrap'],
        ]);
        await userEvent.click(list.getByRole('button', { name: 'Print' }));
        expect(print).toHaveBeenCalledTimes(1);
    });

    it('say what runs short, and what would fit on scraps of other films', () => {
        const substitutes = [
            { film: 'Buoy', width: 500_000, length: 120_000, pieces: 2 },
            { film: 'Sun-up', width: 90_000, length: 80_000, pieces: 1 },
        ];
        show({ ...film, stock: 1_000_000, substitutes });
        const panel = screen.getByRole('region', { name: 'How Chalk is laid out' });
        expect(panel.textContent).toContain('0.50 m short.2 pieces fit on a Buoy scrap, 500 × 120 mm.');
        expect(panel.textContent).toContain('1 piece fits on a Sun-up scrap, 90 × 80 mm.');
    });

    it('pin and rotate the selected piece', async () => {
        const put = vi.spyOn(server, 'PUT').mockResolvedValue(answers(film));
        show(film, 1);
        const hand = within(screen.getByRole('group', { name: 'Selected piece' }));
        await userEvent.click(hand.getByRole('button', { name: 'Pin' }));
        await userEvent.click(hand.getByRole('button', { name: 'Rotate' }));
        const bodies = (put.mock.calls as unknown[][]).map((call) => (call[1] as { body: object }).body);
        expect(bodies).toEqual([
            { stock: 'roll', turn: 0, x: 80_000, y: 20_000, pinned: true },
            { stock: 'roll', turn: 90, x: 90_000, y: 10_000, pinned: true },
        ]);
    });

    it('show what a dragged piece touches, and leave it where it was if it can’t be dropped', async () => {
        vi.spyOn(server, 'POST').mockResolvedValue(answers({ touches: [1], inside: true }));
        const put = vi
            .spyOn(server, 'PUT')
            .mockResolvedValue(refuses('It touches another piece there. Move it further.'));
        show(film);
        Object.assign(Element.prototype, { setPointerCapture: () => {} });
        const grabbed = document.querySelector('[data-piece="0"]') as Element;
        fireEvent.pointerDown(grabbed, { button: 0, pointerId: 1, clientX: 100, clientY: 100 });
        fireEvent.pointerMove(grabbed, { pointerId: 1, clientX: 102, clientY: 100 });
        expect(server.POST).not.toHaveBeenCalled();
        fireEvent.pointerMove(grabbed, { pointerId: 1, clientX: 140, clientY: 110 });
        await waitFor(() => expect(document.querySelectorAll('[data-touches]')).toHaveLength(2));
        fireEvent.pointerUp(grabbed, { pointerId: 1, clientX: 140, clientY: 110 });
        await screen.findByText('It touches another piece there. Move it further.');
        expect(put).toHaveBeenCalledTimes(1);
        expect(grabbed.getAttribute('transform')).toContain('translate(0 0)');
    });
});
