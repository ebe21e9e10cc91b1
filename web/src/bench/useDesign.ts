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

export interface Draft {
    design: Design;
    sheet: Sheet;
    saving: Saving;
    change: (change: (design: Design) => Design) => void;
}

const retryAfter = (tries: number) => Math.min(1000 * 2 ** tries, 15_000);

/**
 * A design being worked on. What is changed shows at once; it is sent to the server as soon as the
 * last answer is in, so that never more than one save is under way and none is overtaken.
 */
export function useDesign(opened: OpenDesign): Draft {
    const [design, setDesign] = useState(opened.document);
    const [sheet, setSheet] = useState(opened.sheet);
    const [saving, setSaving] = useState<Saving>({ state: 'saved', at: new Date(opened.savedAt) });
    const latest = useRef(opened.document);
    const version = useRef(opened.version);
    const sent = useRef(opened.document);
    const busy = useRef(false);
    const timer = useRef<number | undefined>(undefined);

    const send = useCallback(async () => {
        if (busy.current) {
            return;
        }
        busy.current = true;
        window.clearTimeout(timer.current);
        for (let tries = 0; sent.current !== latest.current;) {
            const document = latest.current;
            try {
                const saved = await answer(
                    server.PUT('/api/designs/{id}', {
                        params: { path: { id: opened.id } },
                        body: { version: version.current, document },
                    }),
                );
                version.current = saved.version;
                sent.current = document;
                tries = 0;
                setSheet(saved.sheet);
                setSaving({ state: 'saved', at: new Date(saved.savedAt) });
            } catch (error) {
                if (error instanceof Refusal && error.status === 409) {
                    setSaving({ state: 'conflict', why: error.message });
                    return;
                }
                if (error instanceof Refusal && error.status < 500) {
                    setSaving({ state: 'refused', why: error.message });
                    break;
                }
                tries += 1;
                setSaving({ state: 'waiting', tries });
                await new Promise<void>((resolve) => {
                    timer.current = window.setTimeout(resolve, retryAfter(tries));
                    window.addEventListener('online', () => resolve(), { once: true });
                });
            }
        }
        busy.current = false;
    }, [opened.id]);

    const change = useCallback(
        (change: (design: Design) => Design) => {
            const next = change(latest.current);
            if (next === latest.current) {
                return;
            }
            latest.current = next;
            setDesign(next);
            setSaving((now) => (now.state === 'waiting' || now.state === 'conflict' ? now : { state: 'saving' }));
            void send();
        },
        [send],
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

    return { design, sheet, saving, change };
}
