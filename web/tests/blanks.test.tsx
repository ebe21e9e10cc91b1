// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Router } from 'wouter';
import { memoryLocation } from 'wouter/memory-location';
import { server, type BlankMeasure, type ShopBlank } from '../src/api/client';
import { blanks } from '../src/api/queries';
import { placed } from '../src/blanks/drawingFrame';
import { Fabrics } from '../src/blanks/Fabrics';
import { keepOffPath, type KeepOff } from '../src/blanks/keepOff';
import { KeepOffEditor } from '../src/blanks/KeepOffEditor';
import { MeasurePage } from '../src/blanks/measure/MeasurePage';
import { SizesBetween, withBetween } from '../src/blanks/SizesBetween';
import { asInABrowser } from './support/page';

vi.setConfig({ testTimeout: 60_000 });
beforeEach(() => {
    asInABrowser();
    vi.stubGlobal('fetch', () =>
        Promise.resolve(new Response('<svg viewBox="-5 -2 10 9" data-width="10" data-height="5"/>')),
    );
});
afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
});

type Size = ShopBlank['sizes'][number];

const size = (name: string, more: Partial<Size> = {}): Size => ({
    size: name,
    width: 200_000,
    height: 0,
    keepOff: [],
    placements: [{ id: 'face', name: 'Face', width: 140_000, height: 80_000, across: 0, down: 30_000, from: [] }],
    ...more,
});
const blank = (more: Partial<ShopBlank> = {}): ShopBlank => ({
    id: 'pouch',
    name: 'Pouch',
    drawing: 'pouch',
    fabrics: [{ name: 'Ash', colour: '#B9B7B2', highest: 190, stretch: 'none', marks: false, surface: 'cloth' }],
    sizes: [size('S'), size('L')],
    ...more,
});
const seam: KeepOff = {
    id: 'seam',
    kind: 'seam',
    name: 'hem',
    points: [-90_000, 5_000, 90_000, 5_000],
    closed: false,
    distance: 10_000,
};
const said = (data: unknown) => Promise.resolve({ data, response: new Response() }) as never;
const refused = (path: string, detail: string) =>
    Promise.resolve({ error: { title: 'No', detail, path }, response: new Response(null, { status: 422 }) }) as never;
const around = (children: ReactNode, client = new QueryClient({ defaultOptions: { queries: { retry: false } } })) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
);
/** Types into a field as people do: all of it anew, then away from it. */
const type = (label: string, text: string) => {
    const field = screen.getByLabelText(label);
    fireEvent.focus(field);
    fireEvent.change(field, { target: { value: text } });
    fireEvent.blur(field);
};

describe('a drawing', () => {
    it('lies round the measuring point, as high as was measured or as usual', () => {
        const frame = { box: [-5, -2, 10, 9], width: 10, height: 5 } as const;
        expect(placed(frame, { width: 20_000, height: 0 })).toEqual({
            left: -10_000,
            top: -4_000,
            width: 20_000,
            height: 18_000,
        });
        expect(placed(frame, { width: 20_000, height: 20_000 })).toMatchObject({ top: -8_000, height: 36_000 });
    });

    it('has places to keep off as lines, shapes and dots', () => {
        expect(keepOffPath(seam)).toBe('M-90000 5000L90000 5000');
        expect(keepOffPath({ points: [0, 0, 9, 0, 9, 9], closed: true })).toBe('M0 0L9 0L9 9Z');
        expect(keepOffPath({ points: [7, 8], closed: false })).toBe('M7 8h1');
    });
});

describe('places to keep off', () => {
    const edit = (start: KeepOff[]) => {
        const all: { now: KeepOff[] } = { now: start };
        function Holder() {
            const [places, set] = useState(start);
            all.now = places;
            return <KeepOffEditor size={size('M', { keepOff: places })} unit="mm" onChange={set} />;
        }
        render(<Holder />);
        return all;
    };

    it('are changed point by point, with their distance', async () => {
        const user = userEvent.setup();
        const all = edit([seam]);
        await user.click(screen.getByRole('button', { name: /hem.*10 mm off/ }));
        type('Distance to keep', '12.5');
        type('Point 2, down', '7');
        await user.selectOptions(screen.getByLabelText('Kind of place'), 'zip');
        expect(all.now).toEqual([{ ...seam, distance: 12_500, kind: 'zip', points: [-90_000, 5_000, 90_000, 7_000] }]);
        await user.click(screen.getByRole('button', { name: 'Add a point' }));
        expect(all.now[0]?.points.slice(4)).toEqual([90_000, 27_000]);
        await user.click(screen.getByRole('checkbox', { name: 'a shape, not a line' }));
        expect(all.now[0]?.closed).toBe(true);
        await user.click(screen.getByRole('button', { name: 'Remove point 1' }));
        expect(all.now[0]?.points).toEqual([90_000, 7_000, 90_000, 27_000]);
        await user.click(screen.getByRole('button', { name: 'Remove the place' }));
        expect(all.now).toEqual([]);
    });

    it('get another one with a name of its own, and curves are told as such', async () => {
        const user = userEvent.setup();
        const curve = { ...seam, points: Array.from({ length: 40 }, (_, at) => at) };
        const all = edit([curve, { ...seam, id: 'place-3' }]);
        await user.click(screen.getByRole('button', { name: 'Add a place to keep off' }));
        expect(all.now.map(({ id }) => id)).toEqual(['seam', 'place-3', 'place-4']);
        expect(screen.getByRole('region', { name: 'seam 4' })).toBeTruthy();
        await user.click(screen.getAllByRole('button', { name: /^hem/ })[0] as HTMLElement);
        expect(screen.getByText(/A curve of 20 points/)).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Add a point' })).toBeNull();
    });
});

describe('fabrics', () => {
    it('say what they stand, and what is hard has no heat', async () => {
        const user = userEvent.setup();
        const all: { now: ShopBlank } = { now: blank() };
        function Holder() {
            const [value, set] = useState(all.now);
            all.now = value;
            return <Fabrics blank={value} change={(next) => set(next)} />;
        }
        render(<Holder />);
        await user.selectOptions(screen.getByLabelText('Stretch of Ash'), 'stretches much');
        await user.click(screen.getByLabelText('Ash shows marks of the press'));
        expect(all.now.fabrics[0]).toMatchObject({ stretch: 'much', marks: true, surface: 'cloth' });
        await user.selectOptions(screen.getByLabelText('Kind of Ash'), 'hard: glass, board');
        expect(all.now.fabrics[0]?.surface).toBe('hard');
        expect(screen.queryByLabelText('Maximum temperature of Ash, in °C')).toBeNull();
        await user.click(screen.getByRole('button', { name: 'Add a fabric' }));
        expect(all.now.fabrics[1]).toMatchObject({ name: 'New fabric', highest: 190 });
        await user.click(screen.getByRole('button', { name: 'Remove Ash' }));
        expect(all.now.fabrics).toHaveLength(1);
    });
});

describe('sizes between two', () => {
    it('are worked out by the server and put in their place', async () => {
        const user = userEvent.setup();
        const onMade = vi.fn();
        const post = vi.spyOn(server, 'POST').mockImplementation((() => said([size('M')])) as never);
        render(around(<SizesBetween blank={blank()} onMade={onMade} />));
        await user.click(screen.getByRole('button', { name: /sizes between two/ }));
        await user.type(screen.getByLabelText('Names of the sizes between'), ' M , ,XM');
        await user.click(screen.getByRole('button', { name: 'Work them out' }));
        await waitFor(() => expect(onMade).toHaveBeenCalledWith({ after: 'S', sizes: [size('M')] }));
        expect(post.mock.calls[0]?.[1]).toMatchObject({ body: { from: 'S', to: 'L', names: ['M', 'XM'] } });
        expect(withBetween(blank().sizes, { after: 'S', sizes: [size('M')] }).map(({ size }) => size)).toEqual([
            'S',
            'M',
            'L',
        ]);
        expect(screen.queryByRole('form')).toBeNull();
    });

    it('say what is wrong, and are not offered for one size', async () => {
        const user = userEvent.setup();
        vi.spyOn(server, 'POST').mockImplementation((() => refused('names', 'Name one to ten sizes.')) as never);
        const { rerender } = render(around(<SizesBetween blank={blank()} onMade={() => {}} />));
        await user.click(screen.getByRole('button', { name: /sizes between two/ }));
        await user.click(screen.getByRole('button', { name: 'Work them out' }));
        expect((await screen.findByRole('alert')).textContent).toBe('Name one to ten sizes.');
        rerender(around(<SizesBetween blank={blank({ sizes: [size('S')] })} onMade={() => {}} />));
        expect(screen.queryByRole('form')).toBeNull();
    });
});

describe('measuring a blank', () => {
    const asked: BlankMeasure[] = [
        { name: 'width', title: 'Width', hint: 'Across.', path: 'M-4 1H4', usual: 200_000 },
        { name: 'zip', title: 'Zip', hint: 'Down.', path: 'M0 0V1', usual: 8_000 },
    ];
    const open = (path: string) => {
        const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Infinity } } });
        client.setQueryData(blanks.queryKey, [{ version: 3, blank: blank() }]);
        vi.spyOn(server, 'GET').mockImplementation(((url: string) =>
            said(url.includes('measures') ? asked : [{ version: 3, blank: blank() }])) as never);
        const put = vi.spyOn(server, 'PUT').mockImplementation((() => said({})) as never);
        const { hook, history } = memoryLocation({ path, record: true });
        render(
            around(
                <Router hook={hook}>
                    <MeasurePage />
                </Router>,
                client,
            ),
        );
        return { put, history, user: userEvent.setup() };
    };
    const steps = () => within(screen.getByRole('region', { name: 'Steps' }));

    it('asks one measure after another, goes back to the one that can’t be, and keeps the blank', async () => {
        const { put, history, user } = open('/measure-a-blank');
        await user.click(screen.getByRole('button', { name: 'Pouch' }));
        await user.type(screen.getByLabelText('Name in the shop'), 'Mast bag');
        await user.click(screen.getByRole('button', { name: 'Begin to measure' }));
        await screen.findByRole('img', { name: 'Pouch: Width' });
        expect(screen.getByText('Usually about 200 mm.')).toBeTruthy();
        await user.type(screen.getByLabelText('Width'), 'wide{Enter}');
        expect(screen.getByRole('alert')).toBeTruthy();
        await user.clear(screen.getByLabelText('Width'));
        await user.type(screen.getByLabelText('Width'), '8 1/2 in{Enter}');
        expect(steps().getByRole('button', { name: /^Width/ }).textContent).toContain('215.9 mm');
        const post = vi
            .spyOn(server, 'POST')
            .mockImplementation((() => refused('width', 'Width can hardly be 216 mm.')) as never);
        await user.type(screen.getByLabelText('Zip'), '9{Enter}');
        expect((await screen.findByRole('alert')).textContent).toBe('Width can hardly be 216 mm.');
        expect(
            steps()
                .getByRole('button', { name: /^Width/ })
                .getAttribute('aria-current'),
        ).toBe('step');
        post.mockImplementation((() => said(size('One size', { keepOff: [seam] }))) as never);
        await user.clear(screen.getByLabelText('Width'));
        await user.type(screen.getByLabelText('Width'), '260{Enter}');
        await user.click(await screen.findByRole('button', { name: 'Work out the areas' }));
        expect(await screen.findByText('Lettering keeps off: hem.')).toBeTruthy();
        expect(within(screen.getByRole('list', { name: 'Areas' })).getByText(/140 × 80 mm/)).toBeTruthy();
        expect(post.mock.lastCall?.[1]).toMatchObject({
            body: { size: 'One size', measures: { width: 260_000, zip: 9_000 } },
        });
        await user.click(screen.getByRole('button', { name: 'Keep this blank' }));
        await waitFor(() => expect(history.at(-1)).toBe('/blanks/mast-bag'));
        expect(put.mock.lastCall?.[1]).toMatchObject({
            body: { version: 0, blank: { id: 'mast-bag', name: 'Mast bag', drawing: 'pouch' } },
        });
    });
});
