// @vitest-environment jsdom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Refusal } from '../src/api/client';
import type { Ports } from '../src/api/outbox';
import { useKept } from '../src/api/useKept';
import { useOutbox } from '../src/api/useOutbox';

interface Answer {
    version: number;
    value?: string;
}

const refusal = (status: number, detail = 'No.') => new Refusal(status, { title: '', detail, path: 'words' });

/** A server that answers when it is told to, and an outbox before it. */
function open(more: Partial<Ports<string, Answer>> = {}) {
    const waiting: { value: string; version: number; what: string; end: (answer: Answer | Error) => void }[] = [];
    const took = vi.fn();
    const overtaken = vi.fn();
    const { result } = renderHook(() =>
        useOutbox<string, Answer>(
            { value: 'a', version: 1 },
            {
                send: (value, version, what) =>
                    new Promise((resolve, reject) => {
                        waiting.push({
                            value,
                            version,
                            what,
                            end: (answer) => (answer instanceof Error ? reject(answer) : resolve(answer)),
                        });
                    }),
                read: (answer) => answer,
                took,
                overtaken,
                ...more,
            },
        ),
    );
    return {
        result,
        waiting,
        took,
        overtaken,
        type: (text: string, what = '') => act(() => void result.current.box.change((now) => now + text, what)),
        answer: (answer: Answer | Error) => act(async () => Promise.resolve(waiting.shift()?.end(answer))),
        pass: (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms)),
    };
}

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
    cleanup();
    vi.useRealTimers();
});

describe('an outbox', () => {
    it('shows changes at once, and sends the latest as soon as the last is answered', async () => {
        const { result, waiting, type, answer, took } = open();
        type('b');
        type('c');
        type('d');
        expect(result.current.value).toBe('abcd');
        expect(waiting.map(({ value, version }) => [value, version])).toEqual([['ab', 1]]);
        await answer({ version: 2 });
        expect(took).toHaveBeenLastCalledWith({ version: 2 }, 1);
        expect(result.current.saving.state).toBe('saving');
        expect(waiting.map(({ value, version }) => [value, version])).toEqual([['abcd', 2]]);
        await answer({ version: 3 });
        expect(took).toHaveBeenLastCalledWith({ version: 3 }, 3);
        expect(result.current).toMatchObject({ unsaved: false, version: 3, base: 'abcd', saving: { state: 'saved' } });
    });

    it('names what was changed only where it was one thing', async () => {
        const { waiting, type, answer } = open();
        type('b', 'words');
        type('c', 'words');
        type('d', 'words');
        expect(waiting[0]?.what).toBe('words');
        await answer({ version: 2 });
        expect(waiting[0]?.what).toBe('words');
        type('e', 'words');
        type('f', 'size');
        await answer({ version: 3 });
        expect(waiting[0]?.what).toBe('');
    });

    it('tries again, later each time, with what is latest then; and stops', async () => {
        const { result, waiting, type, answer, pass } = open();
        type('b');
        await answer(new TypeError('offline'));
        expect(result.current.saving.state).toBe('waiting');
        type('c');
        expect(result.current.saving.state).toBe('waiting');
        await pass(999);
        expect(waiting).toHaveLength(0);
        await pass(1);
        expect(waiting[0]?.value).toBe('abc');
        let waited = 0;
        for (let tries = 2; tries <= 10; tries += 1) {
            await answer(refusal(503, 'The disk is full.'));
            for (let step = 0; waiting.length === 0 && step < 20; step += 1) {
                await pass(1000);
                waited += 1;
            }
        }
        expect(waited).toBeLessThan(130);
        expect(result.current.saving).toEqual({ state: 'stopped', why: 'The disk is full.' });
        await pass(600_000);
        expect(waiting).toHaveLength(0);
        // What was typed is still there, and sent when it is asked for.
        expect(result.current.value).toBe('abc');
        act(() => result.current.box.retry());
        await answer({ version: 2 });
        expect(result.current.saving.state).toBe('saved');
    });

    it('does not wait when the network is back', async () => {
        const { waiting, type, answer, pass } = open();
        type('b');
        await answer(new TypeError('offline'));
        await act(async () => Promise.resolve(window.dispatchEvent(new Event('online'))));
        expect(waiting).toHaveLength(1);
        await answer({ version: 2 });
        await pass(60_000);
        expect(waiting).toHaveLength(0);
    });

    it('keeps what was refused until it is changed', async () => {
        const { result, waiting, type, answer } = open();
        type('b');
        await answer(refusal(422, 'Not so.'));
        expect(result.current).toMatchObject({
            value: 'ab',
            saving: { state: 'refused', why: 'Not so.', path: 'words' },
        });
        type('c');
        expect(waiting[0]?.value).toBe('abc');
    });

    it('holds everything back when someone else was first, until it is settled', async () => {
        const { result, waiting, type, answer, overtaken } = open();
        type('b');
        await answer(refusal(409));
        expect(overtaken).toHaveBeenCalledWith(expect.objectContaining({ unsaved: true, base: 'a', value: 'ab' }));
        type('c');
        expect(waiting).toHaveLength(0);
        expect(result.current.saving.state).toBe('overtaken');
        act(() => result.current.box.adopt({ value: 'x', version: 7 }));
        type('y');
        expect(waiting.map(({ value, version }) => [value, version])).toEqual([['xy', 7]]);
    });

    it('asks for something else only when all is saved, one after the other, and takes its answer in', async () => {
        const { result, type, answer } = open();
        const asked = vi.fn((version: number) => Promise.resolve({ version: version + 1, value: `v${version}` }));
        type('b');
        act(() => {
            void result.current.box.ask(asked);
            void result.current.box.ask(asked);
        });
        expect(asked).not.toHaveBeenCalled();
        await answer({ version: 2 });
        await act(() => vi.advanceTimersByTimeAsync(0));
        expect(asked.mock.calls).toEqual([[2], [3]]);
        expect(result.current).toMatchObject({ value: 'v3', version: 4, unsaved: false });
    });

    it('keeps the tab from being closed over what is unsaved', async () => {
        const { type, answer } = open();
        const leave = () => window.dispatchEvent(new Event('beforeunload', { cancelable: true }));
        expect(leave()).toBe(true);
        type('b');
        expect(leave()).toBe(false);
        await answer({ version: 2 });
        expect(leave()).toBe(true);
    });
});

describe('an entry of the shop', () => {
    interface Entry {
        version: number;
        name: string;
    }
    const kept = (
        save: (name: string, version: number) => Promise<Entry>,
        fetch = () => Promise.resolve<Entry | undefined>(undefined),
    ) =>
        renderHook(
            (entry: Entry) =>
                useKept<Entry, string>(entry, {
                    what: 'film',
                    value: ({ name }) => name,
                    save,
                    onSaved: () => {},
                    fetch,
                }),
            { initialProps: { version: 1, name: 'Buoy' } },
        );

    it('gives up what is refused, and says why at its field', async () => {
        const { result } = kept(() => Promise.reject(refusal(422, 'Too long.')));
        await act(async () => Promise.resolve(result.current.change(() => 'Buoy, buoy')));
        expect(result.current.value).toBe('Buoy');
        expect(result.current.note).toEqual({ path: 'words', text: 'Not saved: Too long.' });
    });

    it('shows what another window made of it, and says so until the next change', async () => {
        let tries = 0;
        const save = (name: string, version: number) =>
            (tries += 1) === 1 ? Promise.reject(refusal(409)) : Promise.resolve({ name, version: version + 1 });
        const { result } = kept(save, () => Promise.resolve({ version: 5, name: 'Sun-up' }));
        await act(async () => Promise.resolve(result.current.change(() => 'Chalk')));
        await act(() => vi.advanceTimersByTimeAsync(0));
        expect(result.current.value).toBe('Sun-up');
        expect(result.current.note?.text).toMatch(/changed in another window/);
        await act(async () => Promise.resolve(result.current.change((now) => `${now} 2`)));
        expect(result.current).toMatchObject({ value: 'Sun-up 2', note: null });
    });

    it('follows its entry as long as nothing is unsaved', () => {
        const { result, rerender } = kept(() => new Promise(() => {}));
        rerender({ version: 2, name: 'Ink' });
        expect(result.current.value).toBe('Ink');
        act(() => void result.current.change(() => 'Ours'));
        rerender({ version: 3, name: 'Theirs' });
        expect(result.current.value).toBe('Ours');
    });
});
