// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { CutLayerCard, CutRunCard, DesignCard, JobCard, LoadedCutter } from '../src/api/client';
import { server } from '../src/api/client';
import { stepped } from '../src/cut/cutKeys';
import { CutterCard } from '../src/cut/CutterCard';
import { FilmStrip } from '../src/cut/FilmStrip';
import { LayerPanel } from '../src/cut/LayerPanel';
import { about, metres, showTime } from '../src/cut/times';
import { hindrance, toCut } from '../src/cut/waiting';
import { empty } from './support/designs';

vi.setConfig({ testTimeout: 60_000 });
afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
});

const job = (state: JobCard['state'], ...designs: Partial<DesignCard>[]): JobCard => ({
    id: 'crew',
    title: 'Crew shirts',
    customer: 'Tern Point Rowers',
    due: '2027-06-04',
    state,
    quantity: 24,
    archived: false,
    people: null,
    designs: designs.map((own) => ({ snags: 0, unreadable: null, ...own }) as DesignCard),
});

describe('what waits to be cut', () => {
    it.each([
        ['to cut', [{}], null],
        ['to cut', [{ snags: 2 }, { snags: 1 }], '3 snags to mend'],
        ['to cut', [{ snags: 1 }], '1 snag to mend'],
        ['to cut', [], 'no designs yet'],
        ['to cut', [{ unreadable: 'No JSON.' }], 'a design can’t be read'],
        ['to approve', [{}], 'not approved yet'],
        ['to design', [{ snags: 1 }], 'still being designed'],
    ] as const)('%s with %j: %s', (state, designs, why) => {
        expect(hindrance(job(state, ...designs))).toBe(why);
    });

    it('is what has not been cut yet', () => {
        const all = (['to design', 'to approve', 'to cut', 'to press', 'done'] as const).map((state) => job(state));
        expect(toCut(all).map(({ state }) => state)).toEqual(['to design', 'to approve', 'to cut']);
    });
});

describe('times and lengths', () => {
    it.each([
        [0, '0 s'],
        [12.2, '13 s'],
        [89.5, '90 s'],
        [90, '2 min'],
        [60 * 46, '46 min'],
        [60 * 80, '80 min'],
        [60 * 95, '1 h 35'],
        [60 * 125, '2 h 05'],
    ])('%s seconds are %s', (seconds, shown) => expect(showTime(seconds)).toBe(shown));

    it.each([
        [3, '1 min'],
        [89, '1 min'],
        [100, '2 min'],
        [60 * 95, '1 h 35'],
    ])('about %s seconds are %s', (seconds, shown) => expect(about(seconds)).toBe(shown));

    it('are said in metres', () => expect(metres(182_524)).toBe('0.18 m'));
});

const layer: CutLayerCard = {
    film: {
        ...(empty.films[0] as CutLayerCard['film']),
        id: 'chalk',
        name: 'Chalk',
        width: 500_000,
        bladeSide: 'mirrored',
    },
    length: 182_500,
    across: 274_000,
    fits: true,
    wanted: 12,
    copies: 1,
    places: [{ along: 0, across: 0 }],
    ink: ['M0 0 9 9 0 9Z', 'M5 5 9 9 5 9Z'],
    frame: 'M0 0 9 0 9 9Z',
    hard: 'M3 3 4 3 4 4Z',
    hardPlaces: 1,
    pieces: 16,
    smallest: 21_000,
    toWeed: 6,
    narrowest: 3400,
    weeding: 134,
    seconds: 34.6,
    travel: 800_000,
    saved: 2_020_000,
    blade: 45,
    force: 90,
    speed: 300,
    passes: 2,
    mat: 'low tack',
    stock: 14_200_000,
    price: 9.8,
    testedOn: '',
    testedGood: false,
    cutAt: null,
};

const noPiece = { piece: undefined, onPiece: () => {} };

const on = (children: ReactNode) =>
    render(<QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>);

/** What the server is asked, and what it answers. */
function answers(status: number, body: object) {
    const asked: unknown[] = [];
    vi.spyOn(server, 'POST').mockImplementation(((path: string, init: object) => {
        asked.push([path, init]);
        const response = new Response(null, { status });
        return Promise.resolve(response.ok ? { data: body, response } : { error: body, response });
    }) as never);
    return asked;
}

describe('a layer', () => {
    it('says how it is cut and what it takes, and is sent by a click', async () => {
        const asked = answers(201, { id: 'run' });
        on(<LayerPanel {...noPiece} design="crew-back" layer={layer} busy={false} />);
        for (const said of ['45°', 'low tack', '90 g', '300 mm/s', '70 s', '6 pieces, about 2 min', '0.18 m · 1.79']) {
            expect(screen.getByText(said)).toBeTruthy();
        }
        expect(screen.getByRole('link', { name: 'HP-GL' }).getAttribute('href')).toBe(
            '/api/designs/crew-back/blade-side/chalk.hpgl',
        );
        await userEvent.setup().click(screen.getByRole('button', { name: 'Send to the cutter' }));
        expect(asked).toEqual([['/api/cuts', { body: { design: 'crew-back', film: 'chalk', copies: 1, pieces: [] } }]]);
    });

    it.each([
        ['', false, 'This film was never tested. Make a test cut first.'],
        ['2027-06-04', true, 'A test cut was good on 4 Jun.'],
        ['2027-06-04', false, 'A test cut was not good on 4 Jun.'],
    ])('says what came of its test cut (%s, %s), and makes one', async (testedOn, testedGood, said) => {
        const asked = answers(201, run);
        on(<LayerPanel {...noPiece} design="crew-back" layer={{ ...layer, testedOn, testedGood }} busy={false} />);
        expect(screen.getByText(said)).toBeTruthy();
        await userEvent.setup().click(screen.getByRole('button', { name: 'Test cut' }));
        expect(asked).toEqual([['/api/test-cuts/{film}', { params: { path: { film: 'chalk' } } }]]);
    });

    it('says what to do where the cutter is not ready for it', async () => {
        answers(422, { title: '', detail: 'Buoy is in the cutter. Load Chalk.', path: 'cutter' });
        on(
            <LayerPanel
                {...noPiece}
                design="crew-back"
                layer={{ ...layer, cutAt: '2027-06-04T10:00:00+00:00' }}
                busy={false}
            />,
        );
        await userEvent.setup().click(screen.getByRole('button', { name: 'Cut it again' }));
        expect(await screen.findByText('Buoy is in the cutter. Load Chalk.')).toBeTruthy();
        expect(screen.getByText('Cut on 4 Jun')).toBeTruthy();
    });

    it.each([
        [{ ...layer, fits: false }, false],
        [layer, true],
    ])('can’t be sent while it does not fit, or another one is cut', (own, busy) => {
        on(<LayerPanel {...noPiece} design="crew-back" layer={own} busy={busy} />);
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Send to the cutter' }).disabled).toBe(true);
    });

    it('lies on its film with y upwards, and shows the knife and what went elsewhere', () => {
        const { container } = on(
            <FilmStrip
                layer={layer}
                chosen
                scale={0.001}
                run={{ ...run, along: 40_000 }}
                off="M1 1 2 2Z"
                onChoose={() => {}}
                {...noPiece}
            />,
        );
        expect(screen.getByRole('button', { name: 'Chalk, 0.18 m of film' }).getAttribute('aria-pressed')).toBe('true');
        expect(container.querySelector('[data-part=knife]')?.getAttribute('cx')).toBe('40000');
        expect(container.querySelector('[data-part=off]')?.getAttribute('d')).toBe('M1 1 2 2Z');
        // As much of the film as there is beside it, its lower edge at the bottom.
        expect(container.querySelector('[data-part=knife]')?.parentElement?.getAttribute('transform')).toBe(
            'translate(0 299000) scale(1 -1)',
        );
    });
});

describe('keys', () => {
    it('send, test, step through pieces and cut one again, where there is something to do', async () => {
        const asked = answers(201, run);
        const user = userEvent.setup();
        const chosen: number[] = [];
        const panel = (layer: CutLayerCard, busy: boolean, piece?: number) =>
            on(
                <LayerPanel
                    design="crew-back"
                    layer={layer}
                    busy={busy}
                    piece={piece}
                    onPiece={(number) => chosen.push(number)}
                />,
            );
        panel(layer, true);
        await user.keyboard('{Control>}{Enter}{/Control}tn');
        cleanup();
        panel({ ...layer, fits: false }, false);
        await user.keyboard('{Control>}{Enter}{/Control}');
        expect([asked, chosen]).toEqual([[], []]);
        cleanup();
        panel(layer, false);
        await user.keyboard('t');
        cleanup();
        panel({ ...layer, cutAt: '2027-06-04T10:00:00+00:00' }, false, 1);
        await user.keyboard('nb{Shift>}{Enter}{/Shift}');
        expect(chosen).toEqual([0, 0]);
        expect(asked.map((call) => (call as [string])[0])).toEqual(['/api/test-cuts/{film}', '/api/cuts']);
        expect(asked[1]).toMatchObject(['/api/cuts', { body: { pieces: [1] } }]);
    });

    it('pause, go on and cancel', async () => {
        const asked = answers(200, run);
        const user = userEvent.setup();
        on(<CutterCard cutter={cutter} panel="" run={run} last={undefined} />);
        await user.keyboard('p{Control>}{Backspace}{/Control}');
        cleanup();
        on(<CutterCard cutter={cutter} panel="" run={{ ...run, wanted: 'pause' }} last={undefined} />);
        await user.keyboard('p');
        expect(
            asked.map((call) => (call as [string, { params: { path: { act: string } } }])[1].params.path.act),
        ).toEqual(['pause', 'cancel', 'go']);
    });

    it.each([
        [-1, 1, 3, 0],
        [-1, -1, 3, 2],
        [2, 1, 3, 0],
        [0, -1, 3, 2],
        [1, 1, 3, 2],
        [-1, 1, 0, -1],
    ])('step from %i by %i of %i to %i', (at, by, count, to) => expect(stepped(at, by, count)).toBe(to));
});

describe('pieces and copies', () => {
    it('a piece is stepped to and cut again, round from the last to the first', async () => {
        const asked = answers(201, run);
        const user = userEvent.setup();
        const cut = { ...layer, cutAt: '2027-06-04T10:00:00+00:00' };
        function Panel() {
            const [piece, onPiece] = useState<number>();
            return <LayerPanel design="crew-back" layer={cut} busy={false} piece={piece} onPiece={onPiece} />;
        }
        on(<Panel />);
        const again = screen.getByRole<HTMLButtonElement>('button', { name: 'Cut this piece again' });
        expect(again.disabled).toBe(true);
        await user.click(screen.getByRole('button', { name: 'Next piece' }));
        expect(screen.getByText('1 of 2')).toBeTruthy();
        await user.click(screen.getByRole('button', { name: 'Previous piece' }));
        expect(screen.getByText('2 of 2')).toBeTruthy();
        await user.click(again);
        expect(asked).toEqual([
            ['/api/cuts', { body: { design: 'crew-back', film: 'chalk', copies: 1, pieces: [1] } }],
        ]);
    });

    it('are shown where they lie, and a click on a piece chooses it once the layer was cut', async () => {
        const chosen: number[] = [];
        const places = [
            { along: 0, across: 0 },
            { along: 0, across: 100_000 },
        ];
        const strip = (onPiece: ((number: number) => void) | undefined) => (
            <FilmStrip
                layer={{ ...layer, copies: 2, places }}
                chosen
                scale={0.001}
                run={undefined}
                off=""
                piece={1}
                onChoose={() => chosen.push(-1)}
                onPiece={onPiece}
            />
        );
        const { container, rerender } = on(strip(undefined));
        const pieces = () => [...container.querySelectorAll('[data-part=piece]')];
        expect(screen.getByText('2 copies')).toBeTruthy();
        expect(pieces()).toHaveLength(4);
        expect(pieces()[3]?.parentElement?.getAttribute('transform')).toBe('translate(0 100000)');
        const user = userEvent.setup();
        await user.click(pieces()[0] as Element);
        rerender(
            <QueryClientProvider client={new QueryClient()}>
                {strip((number) => chosen.push(number))}
            </QueryClientProvider>,
        );
        await user.click(pieces()[2] as Element);
        expect(chosen).toEqual([-1, 0]);
    });

    it('of copies files and cuts are of all of them', async () => {
        const asked = answers(201, run);
        on(<LayerPanel {...noPiece} design="crew-back" layer={{ ...layer, copies: 12 }} busy={false} />);
        expect(screen.getByRole('link', { name: 'PDF' }).getAttribute('href')).toBe(
            '/api/designs/crew-back/blade-side/chalk.pdf?copies=12',
        );
        await userEvent.setup().click(screen.getByRole('button', { name: 'Send to the cutter' }));
        expect(asked).toEqual([
            ['/api/cuts', { body: { design: 'crew-back', film: 'chalk', copies: 12, pieces: [] } }],
        ]);
    });

    it('that went elsewhere are cut again together', async () => {
        const asked = answers(201, run);
        const came = { ...run, state: 'cut' as const, within: 500, off: 4, offPieces: [2, 5] };
        on(<CutterCard cutter={null} panel="" run={undefined} last={came} />);
        await userEvent.setup().click(screen.getByRole('button', { name: 'Cut those 2 pieces again' }));
        expect(asked).toEqual([['/api/cuts', { body: { design: 'crew-back', film: 'chalk', pieces: [2, 5] } }]]);
    });
});

const cutter: LoadedCutter = {
    state: 'cutting',
    film: 'chalk',
    filmName: 'Chalk',
    width: 500_000,
    left: 5_000_000,
    side: 'carrier down',
    blade: 45,
    offset: 250,
};
const run: CutRunCard = {
    id: 'run-1',
    design: 'crew-back',
    film: 'chalk',
    title: 'Crew shirts: Back, Chalk',
    state: 'cutting',
    reason: '',
    wanted: 'go',
    done: 7,
    rings: 28,
    along: 0,
    across: 0,
    secondsLeft: 26,
    length: 184_500,
    endedAt: null,
    within: null,
    off: 0,
    offPieces: [],
    offPath: '',
    stock: '',
};

describe('the cutter', () => {
    it('shows how far it is, and is paused, gone on with and cancelled', async () => {
        const asked = answers(200, run);
        const user = userEvent.setup();
        on(<CutterCard cutter={cutter} panel="http://127.0.0.1:1" run={run} last={undefined} />);
        expect(screen.getByRole('progressbar').getAttribute('aria-valuenow')).toBe('7');
        expect(screen.getByText('cutting · 7 of 28 cuts · 26 s left')).toBeTruthy();
        await user.click(screen.getByRole('button', { name: 'Pause' }));
        await user.click(screen.getByRole('button', { name: 'Cancel the cut' }));
        cleanup();
        on(
            <CutterCard
                cutter={cutter}
                panel=""
                run={{ ...run, wanted: 'pause', reason: 'It jammed.' }}
                last={undefined}
            />,
        );
        expect(screen.getByText('It jammed.')).toBeTruthy();
        await user.click(screen.getByRole('button', { name: 'Go on' }));
        expect(asked).toEqual(
            ['pause', 'cancel', 'go'].map((act) => [
                '/api/cuts/{id}/{act}',
                { params: { path: { id: 'run-1', act } } },
            ]),
        );
    });

    it.each([
        [{ within: 25, off: 0 }, 'Cut as planned: the tip was never more than 0.025 mm off.'],
        [{ within: null, off: 0 }, 'Cut; the cutter wrote down nothing of where its tip was.'],
        [{ within: 1000, off: 3 }, /^3 of 28 cuts are off by up to 1 mm/],
    ])('says how the last cut came out: %j', (came, said) => {
        on(<CutterCard cutter={cutter} panel="" run={undefined} last={{ ...run, state: 'cut', ...came }} />);
        expect(screen.getByText(said)).toBeTruthy();
    });

    it('asks how a test cut came out', async () => {
        const asked = answers(204, {});
        on(<CutterCard cutter={cutter} panel="" run={undefined} last={{ ...run, state: 'cut', design: '' }} />);
        await userEvent.setup().click(screen.getByRole('button', { name: 'It did not' }));
        expect(asked).toEqual([['/api/test-cuts/{film}/{how}', { params: { path: { film: 'chalk', how: 'bad' } } }]]);
        expect(await screen.findByText('The film rack remembers it.')).toBeTruthy();
    });

    it('that doesn’t answer says what to do', () => {
        on(<CutterCard cutter={null} panel="" run={undefined} last={undefined} />);
        expect(screen.getByText('Switch it on and check its line.')).toBeTruthy();
    });
});
