import { useCallback, useEffect, useRef, useState } from 'react';
import {
    answer,
    Refusal,
    server,
    type Approval,
    type Comparison,
    type Design,
    type OpenDesign,
    type Sheet,
} from '../api/client';

/** How it stands with saving. */
export type Saving =
    | { state: 'saved'; at: Date }
    | { state: 'saving' }
    /** The server can't be reached: it is tried again until it answers. */
    | { state: 'waiting'; tries: number }
    /** The server refused the document; it is sent again when it is changed. */
    | { state: 'refused'; why: string }
    /** Someone else changed the design; nothing is sent until it is chosen what is to be. */
    | { state: 'conflict'; comparison: Comparison | null };

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
    /**
     * Changes the design. Changes of the same thing in a row, like words:line-1, are undone together. Gives
     * the change's number: they are counted from 1.
     */
    change: (change: Change, what?: string) => number;
    /** The number of the last change that the sheet knows of. */
    computed: number;
    undo: () => void;
    redo: () => void;
    goTo: (step: number) => void;
    /** The step of the history that it is at, and what was approved. */
    step: number;
    approval: Approval | null;
    setApproval: (approval: Approval | null) => void;
    /** Ends a conflict: with one of the two states, which leaves the other in the history, or with both together. */
    settle: (choice: 'ours' | 'theirs' | 'both') => void;
    /** Says that what another window saved was taken in; null when there is nothing new. */
    news: string | null;
}

const retryAfter = (tries: number) => Math.min(1000 * 2 ** tries, 15_000);

type Opened = Pick<OpenDesign, 'document' | 'sheet' | 'version' | 'savedAt' | 'step' | 'canUndo' | 'canRedo'>;

/** How often it is asked whether someone else changed the design, in ms. */
const ASK = 2500;

/**
 * A design being worked on. What is changed shows at once; it is sent to the server as soon as the
 * last answer is in, so that never more than one save is under way and none is overtaken.
 */
export function useDesign(opened: OpenDesign): Draft {
    const { id } = opened;
    const [design, setDesign] = useState(opened.document);
    const [answered, setAnswered] = useState<Omit<Opened, 'document'>>(opened);
    const [computed, setComputed] = useState(0);
    const [saving, setSaving] = useState<Saving>({ state: 'saved', at: new Date(opened.savedAt) });
    const [approval, setApproval] = useState(opened.approval);
    const [news, setNews] = useState<string | null>(null);
    const latest = useRef(opened.document);
    const sent = useRef(opened.document);
    const version = useRef(opened.version);
    const changed = useRef<string | null>(null);
    const made = useRef(0);
    const sending = useRef<Promise<void> | null>(null);
    const moving = useRef(Promise.resolve());
    const conflict = useRef(false);
    const compareAgain = useRef(() => Promise.resolve());
    const fetchTheirs = useRef(() => Promise.resolve());
    const stepBack = useRef(() => Promise.resolve());

    const take = useCallback((from: Omit<Opened, 'document'>, upTo: number) => {
        version.current = from.version;
        setAnswered(from);
        setComputed(upTo);
        setSaving({ state: 'saved', at: new Date(from.savedAt) });
    }, []);

    /** Fetches what the other changed, and stops sending until one is chosen. */
    const compare = useCallback(async () => {
        conflict.current = true;
        setSaving({ state: 'conflict', comparison: null });
        try {
            const comparison = await answer(
                server.POST('/api/designs/{id}/compare', {
                    params: { path: { id } },
                    body: { base: sent.current, ours: latest.current },
                }),
            );
            setSaving({ state: 'conflict', comparison });
        } catch {
            window.setTimeout(() => void compareAgain.current(), 3000);
        }
    }, [id]);
    useEffect(() => {
        compareAgain.current = compare;
    }, [compare]);

    /** Sends until everything is taken, or cannot be. */
    const sendAll = useCallback(async () => {
        for (let tries = 0; sent.current !== latest.current;) {
            const document = latest.current;
            const upTo = made.current;
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
                take(saved, upTo);
            } catch (error) {
                if (error instanceof Refusal && error.status === 409) {
                    await compare();
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
    }, [id, take, compare]);

    const send = useCallback(() => {
        if (conflict.current) {
            return Promise.resolve();
        }
        sending.current ??= sendAll().finally(() => {
            sending.current = null;
        });
        return sending.current;
    }, [sendAll]);

    const change = useCallback(
        (change: Change, what = '') => {
            const next = change(latest.current);
            if (next === latest.current) {
                return made.current;
            }
            latest.current = next;
            made.current += 1;
            changed.current = changed.current === null || changed.current === what ? what : '';
            setDesign(next);
            setSaving((now) => (now.state === 'waiting' || now.state === 'conflict' ? now : { state: 'saving' }));
            void send();
            return made.current;
        },
        [send],
    );

    const adopt = useCallback(
        (now: Opened) => {
            latest.current = now.document;
            sent.current = now.document;
            setDesign(now.document);
            take(now, made.current);
        },
        [take],
    );

    /** Moves in the history once everything is saved, one step after the other. */
    const move = useCallback(
        (request: (version: number) => Promise<Opened>) => {
            moving.current = moving.current.then(async () => {
                await send();
                if (sent.current !== latest.current) {
                    return;
                }
                try {
                    adopt(await request(version.current));
                } catch (error) {
                    if (error instanceof Refusal && error.status === 409) {
                        // Nothing of ours is unsaved: theirs is taken in, and the step can be asked for again.
                        await fetchTheirs.current();
                    } else {
                        setSaving({
                            state: 'refused',
                            why: error instanceof Refusal ? error.message : 'the server can’t be reached. Try again.',
                        });
                    }
                }
            });
            return moving.current;
        },
        [send, adopt],
    );

    const settle = useCallback(
        (choice: 'ours' | 'theirs' | 'both') => {
            const comparison = saving.state === 'conflict' ? saving.comparison : null;
            if (!comparison) {
                return;
            }
            const { opened: theirs, merged } = comparison;
            conflict.current = false;
            const ours = latest.current;
            adopt(theirs);
            setApproval(theirs.approval);
            if (choice === 'both' && merged) {
                latest.current = merged;
                setDesign(merged);
                void send();
                return;
            }
            // Ours goes into the history in any case; where theirs is chosen, the design goes back to it.
            latest.current = ours;
            setDesign(ours);
            void send().then(() => (choice === 'theirs' ? stepBack.current() : undefined));
        },
        [adopt, saving, send],
    );

    // What others save is taken in as long as nothing of ours is unsaved.
    useEffect(() => {
        const theirs = async () => {
            const seen = version.current;
            const now = await answer(server.GET('/api/designs/{id}', { params: { path: { id } } }));
            if (version.current === seen && sent.current === latest.current && !sending.current) {
                adopt(now);
                setApproval(now.approval);
                setNews('Brought up to date: it was changed in another window.');
                window.setTimeout(() => setNews(null), 6000);
            }
        };
        fetchTheirs.current = theirs;
        const ask = async () => {
            if (document.hidden || conflict.current || sending.current) {
                return;
            }
            const { stamp } = await answer(server.GET('/api/designs/{id}/stamp', { params: { path: { id } } }));
            if (stamp !== '' && Number(stamp) > version.current) {
                await theirs();
            }
        };
        const timer = window.setInterval(() => void ask().catch(() => {}), ASK);
        return () => window.clearInterval(timer);
    }, [id, adopt]);

    const step = useCallback(
        (way: 'undo' | 'redo') =>
            move((version) =>
                answer(server.POST('/api/designs/{id}/{way}', { params: { path: { id, way }, query: { version } } })),
            ),
        [id, move],
    );
    useEffect(() => {
        stepBack.current = () => step('undo');
    }, [step]);

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
        computed,
        saving,
        version: answered.version,
        canUndo: answered.canUndo || saving.state === 'saving',
        canRedo: answered.canRedo && saving.state === 'saved',
        change,
        undo: useCallback(() => void step('undo'), [step]),
        redo: useCallback(() => void step('redo'), [step]),
        goTo,
        step: answered.step,
        approval: approval && { ...approval, current: approval.step === answered.step && saving.state === 'saved' },
        setApproval,
        settle,
        news,
    };
}
