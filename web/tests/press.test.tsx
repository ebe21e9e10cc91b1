// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, render, renderHook, screen, waitFor, within } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { server, type PressSheet } from '../src/api/client';
import { PressPage } from '../src/press/PressPage';
import { usePressClock, type Run } from '../src/press/usePressClock';
import { usePressed } from '../src/press/usePressed';
import { asInABrowser } from './support/page';

vi.setConfig({ testTimeout: 60_000 });
beforeEach(() => {
    asInABrowser();
    localStorage.clear();
});
afterEach(() => {
    cleanup();
    vi.useRealTimers();
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
});

const said = (data: unknown) => Promise.resolve({ data, response: new Response() });
const row = (id: string, name: string, state = 'cut') => ({ id, name, about: 'M', count: 1, state, at: null });
const sheetOf = (at: string, more: object = {}): PressSheet =>
    ({
        design: 'crew',
        name: 'Names and seats',
        job: 'seats',
        title: 'The eight',
        rows: [row('a', 'Ottilie'), row('b', 'Bo'), row('c', 'Ines')],
        row: at,
        steps: [
            { title: 'Warm the tee', hint: '', temperature: 150, seconds: 3, later: 3, pressure: 'light', sections: 1 },
            {
                title: 'Chalk: press fully',
                hint: '',
                temperature: 150,
                seconds: 12,
                later: 9,
                pressure: 'medium',
                sections: 2,
            },
        ],
        seconds: 47,
        picture: '<svg/>',
        platen: 'flat press, 380 × 380, 2 sections',
        press: 'flat',
        presses: [
            { id: 'flat', name: 'flat press' },
            { id: 'iron', name: 'hand iron' },
        ],
        measure: 'from the collar, in mm',
        problem: null,
        notes: ['Lagoon takes 190 °C.'],
        ...more,
    }) as PressSheet;

describe('the clock', () => {
    const runs: Run[] = [
        { step: 0, section: 0, seconds: 3 },
        { step: 1, section: 0, seconds: 2 },
    ];

    it('counts each run down once it is started, and is done after the last', () => {
        vi.useFakeTimers();
        const [onRun, onDone] = [vi.fn(), vi.fn()];
        const { result } = renderHook(() => usePressClock(runs, onRun, onDone));
        const pass = (ms: number) => {
            act(() => {
                vi.advanceTimersByTime(ms);
            });
        };
        expect([result.current.at, result.current.left, result.current.running]).toEqual([0, 3, false]);
        pass(5000);
        expect(result.current.left).toBe(3);
        act(() => result.current.start());
        pass(1200);
        expect([result.current.left, result.current.running]).toEqual([2, true]);
        act(() => result.current.start());
        pass(1700);
        expect([result.current.at, result.current.left]).toEqual([0, 1]);
        pass(200);
        expect([result.current.at, result.current.left, result.current.running]).toEqual([1, 2, false]);
        expect([onRun.mock.calls.length, onDone.mock.calls.length]).toEqual([1, 0]);
        // Stopped, a run begins again.
        act(() => result.current.start());
        pass(1500);
        act(() => result.current.again());
        pass(3000);
        expect([result.current.at, result.current.left, result.current.running]).toEqual([1, 2, false]);
        act(() => result.current.start());
        pass(2100);
        expect([result.current.at, onRun.mock.calls.length, onDone.mock.calls.length]).toEqual([2, 2, 1]);
        act(() => result.current.start());
        expect(result.current.running).toBe(false);
        act(() => result.current.goTo(0));
        expect(result.current.left).toBe(3);
    });
});

const within_ = () => {
    const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    return ({ children }: { children: ReactNode }) => (
        <QueryClientProvider client={client}>{children}</QueryClientProvider>
    );
};

describe('what is pressed', () => {
    it('is told to the server when it is there again, once and in order', async () => {
        vi.useFakeTimers({ shouldAdvanceTime: true });
        const post = vi.spyOn(server, 'POST').mockRejectedValue(new TypeError('away'));
        const { result, unmount } = renderHook(() => usePressed(), { wrapper: within_() });
        act(() => result.current.note('crew', 'a'));
        act(() => result.current.note('crew', 'b'));
        await waitFor(() => expect(post).toHaveBeenCalled());
        expect(result.current.waiting.map((note) => note.row)).toEqual(['a', 'b']);
        // The page is closed and opened again meanwhile.
        unmount();
        const told: string[] = [];
        post.mockImplementation(((_: string, { body }: { body: { row: string } }) => {
            told.push(body.row);
            return said(sheetOf('c'));
        }) as never);
        const again = renderHook(() => usePressed(), { wrapper: within_() });
        expect(again.result.current.waiting).toHaveLength(2);
        await waitFor(() => expect(again.result.current.waiting).toEqual([]));
        expect(told).toEqual(['a', 'b']);
        expect(localStorage.getItem('uvret.pressed')).toBe('[]');
    });

    it('that the server refuses does not hold others up', async () => {
        const post = vi.spyOn(server, 'POST');
        post.mockImplementationOnce((() =>
            Promise.resolve({
                error: { title: 'No', detail: 'No such design.' },
                response: new Response(null, { status: 404 }),
            })) as never);
        post.mockImplementation((() => said(sheetOf('b'))) as never);
        const { result } = renderHook(() => usePressed(), { wrapper: within_() });
        act(() => result.current.note('gone', 'a'));
        act(() => result.current.note('crew', 'b'));
        await waitFor(() => expect(result.current.waiting).toEqual([]));
        expect(post).toHaveBeenCalledTimes(2);
    });
});

describe('the page', () => {
    function open(more: object = {}) {
        let rows = sheetOf('a').rows;
        vi.spyOn(server, 'GET').mockImplementation(((
            path: string,
            options: { params?: { query?: { row?: string } } },
        ) =>
            said(
                path === '/api/press'
                    ? [{ id: 'crew', name: 'Names and seats', job: 'seats', title: 'The eight' }]
                    : path === '/api/shop'
                      ? { name: 'Workshop' }
                      : sheetOf(options.params?.query?.row === '' ? 'a' : (options.params?.query?.row ?? 'a'), {
                            rows,
                            ...more,
                        }),
            )) as never);
        const post = vi.spyOn(server, 'POST').mockImplementation((() => {
            rows = [row('a', 'Ottilie', 'pressed'), row('b', 'Bo'), row('c', 'Ines')] as PressSheet['rows'];
            return said(sheetOf('b', { rows }));
        }) as never);
        render(<PressPage />, { wrapper: within_() });
        return post;
    }
    const step = () =>
        screen
            .getAllByRole('listitem')
            .flatMap((item) => within(item).queryAllByRole('button'))
            .find((button) => button.getAttribute('aria-current') === 'step');

    it('goes through steps and sections by the space bar, then to the next one', async () => {
        vi.useFakeTimers({ shouldAdvanceTime: true });
        const post = open();
        expect(await screen.findByText('150 °C · light pressure')).toBeDefined();
        const press = (seconds: number) => {
            fireEvent.keyDown(document.body, { key: ' ' });
            act(() => {
                vi.advanceTimersByTime(1000 * seconds + 200);
            });
        };
        press(3);
        expect(step()?.textContent).toContain('Chalk: press fully');
        expect(screen.getByText('Section 1 of 2')).toBeDefined();
        press(12);
        expect(screen.getByText('Section 2 of 2')).toBeDefined();
        // What lies in the overlap has had its heat, so the second section is shorter.
        expect(screen.getByText('12 s, then 9 s')).toBeDefined();
        press(9);
        await waitFor(() => expect(post).toHaveBeenCalledTimes(1));
        expect(post.mock.calls[0]?.[1]).toMatchObject({ params: { path: { id: 'crew' } }, body: { row: 'a' } });
        await waitFor(() =>
            expect(screen.getByRole('button', { name: /^Bo/ }).getAttribute('aria-current')).toBe('true'),
        );
        expect(screen.getByRole('timer').textContent).toBe('0:03');
        await waitFor(() => expect(screen.getByRole('contentinfo').textContent).toContain('Pressed1 of 3'));
    });

    it('is worked out anew for another press', async () => {
        open();
        const get = vi.mocked(server.GET);
        fireEvent.change(await screen.findByLabelText('Press'), { target: { value: 'iron' } });
        await waitFor(() =>
            expect(get.mock.lastCall?.[1]).toMatchObject({ params: { query: { row: '', press: 'iron' } } }),
        );
    });

    it('goes through what is laid on cold without a clock', async () => {
        const post = open({
            steps: [
                {
                    title: 'Clean the sign',
                    hint: '',
                    temperature: null,
                    seconds: 0,
                    later: 0,
                    pressure: null,
                    sections: 1,
                },
            ],
            presses: [],
        });
        expect(await screen.findByText('by hand')).toBeDefined();
        expect(screen.queryByRole('timer')).toBeNull();
        expect(screen.queryByLabelText('Press')).toBeNull();
        expect(screen.getByRole('contentinfo').textContent).toContain('not used: laid on cold');
        fireEvent.click(screen.getByRole('button', { name: 'Done (space)' }));
        await waitFor(() => expect(post).toHaveBeenCalledTimes(1));
    });

    it('sends a spoiled one back to the Cut room', async () => {
        const post = open();
        fireEvent.click(await screen.findByRole('button', { name: /^Ines/ }));
        fireEvent.click(await screen.findByRole('button', { name: 'Spoiled: cut again' }));
        await waitFor(() =>
            expect(post.mock.calls[0]?.[1]).toMatchObject({
                params: { path: { id: 'seats' } },
                body: { people: ['c'] },
            }),
        );
        expect(await screen.findByText('Laid out again.')).toBeDefined();
    });

    it('says why there is no plan, and what to do where nothing is to be pressed', async () => {
        open({ steps: [], problem: 'Sun-up needs 160 °C and Nylon takes 130 °C at most.' });
        expect((await screen.findByRole('alert')).textContent).toContain('Nylon takes 130 °C');
        cleanup();
        vi.spyOn(server, 'GET').mockImplementation((() => said([])) as never);
        render(<PressPage />, { wrapper: within_() });
        expect(await screen.findByText('Nothing to press')).toBeDefined();
    });
});
