import { useCallback, useEffect, useRef, useState } from 'react';
import { answer, Refusal, server, type Design, type OpenDesign, type Sheet } from '../api/client';

/** How it stands with saving. */
export type Saving =
    | { state: 'saved'; at: Date }
    | { state: 'saving' }
    /** The server can't be reached: it is tried again until it answers. */
    | { state: 'waiting'; tries: number }
    /** The server refused the document; it is sent again when it is changed. */
    | { state: 'refused'; why: string }
    /** Someone else changed the design; nothing is sent any more. */
    | { state: 'conflict'; why: string };

export type Change = (design: Design) => Design;

export interface Draft {
    id: string;
    design: Design;
    sheet: Sheet;
    saving: Saving;
    /** Rises with everything that the server took. */
    version: number;
    canUndo: boolean;
    canRedo: boolean;
    /** Changes the design. Changes of the same thing in a row, like words:line-1, are undone together. */
    change: (change: Change, what?: string) => void;
    undo: () => void;
    redo: () => void;
    goTo: (step: number) => void;
}

const retryAfter = (tries: number) => Math.min(1000 * 2 ** tries, 15_000);

type Opened = Pick<OpenDesign, 'document' | 'sheet' | 'version' | 'savedAt' | 'canUndo' | 'canRedo'>;

/**
 * A design being worked on. What is changed shows at once; it is sent to the server as soon as the
 * last answer is in, so that never more than one save is under way and none is overtaken.
 */
export function useDesign(opened: OpenDesign): Draft {
    const { id } = opened;
    const [design, setDesign] = useState(opened.document);
    const [answered, setAnswered] = useState<Omit<Opened, 'document'>>(opened);
    const [saving, setSaving] = useState<Saving>({ state: 'saved', at: new Date(opened.savedAt) });
    const latest = useRef(opened.document);
    const sent = useRef(opened.document);
    const version = useRef(opened.version);
    const changed = useRef<string | null>(null);
    const sending = useRef<Promise<void> | null>(null);

    const take = useCallback((from: Omit<Opened, 'document'>) => {
        version.current = from.version;
        setAnswered(from);
        setSaving({ state: 'saved', at: new Date(from.savedAt) });
    }, []);

    /** Sends until everything is taken, or cannot be. */
    const sendAll = useCallback(async () => {
        for (let tries = 0; sent.current !== latest.current;) {
            const document = latest.current;
            const change = changed.current ?? '';
            changed.current = null;
            try {
                const saved = await answer(
                    server.PUT('/api/designs/{id}', {
                        params: { path: { id } },
                        body: { version: version.current, document, change },
                    }),
                );
                sent.current = document;
                tries = 0;
                take(saved);
            } catch (error) {
                if (error instanceof Refusal && error.status === 409) {
                    setSaving({ state: 'conflict', why: error.message });
                    return;
                }
                if (error instanceof Refusal && error.status < 500) {
                    setSaving({ state: 'refused', why: error.message });
                    return;
                }
                tries += 1;
                setSaving({ state: 'waiting', tries });
                await new Promise<void>((resolve) => {
                    window.setTimeout(resolve, retryAfter(tries));
                    window.addEventListener('online', () => resolve(), { once: true });
                });
            }
        }
    }, [id, take]);

    const send = useCallback(() => {
        sending.current ??= sendAll().finally(() => {
            sending.current = null;
        });
        return sending.current;
    }, [sendAll]);

    const change = useCallback(
        (change: Change, what = '') => {
            const next = change(latest.current);
            if (next === latest.current) {
                return;
            }
            latest.current = next;
            changed.current = changed.current === null || changed.current === what ? what : '';
            setDesign(next);
            setSaving((now) => (now.state === 'waiting' || now.state === 'conflict' ? now : { state: 'saving' }));
            void send();
        },
        [send],
    );

    /** Moves in the history once everything is saved. */
    const move = useCallback(
        async (request: (version: number) => Promise<Opened>) => {
            await send();
            if (sent.current !== latest.current) {
                return;
            }
            try {
                const now = await request(version.current);
                latest.current = now.document;
                sent.current = now.document;
                setDesign(now.document);
                take(now);
            } catch (error) {
                setSaving(
                    error instanceof Refusal
                        ? { state: error.status === 409 ? 'conflict' : 'refused', why: error.message }
                        : { state: 'refused', why: 'the server can’t be reached. Try again.' },
                );
            }
        },
        [send, take],
    );

    const step = useCallback(
        (way: 'undo' | 'redo') =>
            void move((version) =>
                answer(server.POST('/api/designs/{id}/{way}', { params: { path: { id, way }, query: { version } } })),
            ),
        [id, move],
    );

    const goTo = useCallback(
        (number: number) =>
            void move((version) =>
                answer(
                    server.POST('/api/designs/{id}/history/{number}', {
                        params: { path: { id, number }, query: { version } },
                    }),
                ),
            ),
        [id, move],
    );

    // The tab is not closed without a word while something is unsaved.
    useEffect(() => {
        const warn = (event: BeforeUnloadEvent) => {
            if (sent.current !== latest.current) {
                event.preventDefault();
            }
        };
        window.addEventListener('beforeunload', warn);
        return () => window.removeEventListener('beforeunload', warn);
    }, []);

    return {
        id,
        design,
        sheet: answered.sheet,
        saving,
        version: answered.version,
        canUndo: answered.canUndo || saving.state === 'saving',
        canRedo: answered.canRedo && saving.state === 'saved',
        change,
        undo: useCallback(() => step('undo'), [step]),
        redo: useCallback(() => step('redo'), [step]),
        goTo,
    };
}
