import { useCallback, useRef, useState } from 'react';
import { answer, Refusal, server, type Comparison, type Design } from '../api/client';

/** What two windows changed: being looked at, there, or not to be had. */
export type Compared =
    { state: 'looking' } | { state: 'there'; comparison: Comparison } | { state: 'failed'; why: string };

/** How often it is asked for, and how long is waited in between, in ms. */
const MOST = 4;
const WAIT = 2000;

/** Asks what each of two windows changed since they last had the same. */
export function useComparison(id: string) {
    const [compared, setCompared] = useState<Compared | null>(null);
    const asked = useRef(0);
    const compare = useCallback(
        async (base: Design, ours: Design) => {
            const own = (asked.current += 1);
            setCompared({ state: 'looking' });
            for (let tries = 1; own === asked.current; tries += 1) {
                try {
                    const comparison = await answer(
                        server.POST('/api/designs/{id}/compare', { params: { path: { id } }, body: { base, ours } }),
                    );
                    setCompared({ state: 'there', comparison });
                    return;
                } catch (error) {
                    const refused = error instanceof Refusal;
                    if (tries >= MOST || (refused && error.status < 500)) {
                        setCompared({ state: 'failed', why: refused ? error.message : 'The server can’t be reached.' });
                        return;
                    }
                    await new Promise((resolve) => window.setTimeout(resolve, WAIT));
                }
            }
        },
        [id],
    );
    const end = useCallback(() => {
        asked.current += 1;
        setCompared(null);
    }, []);
    return { compared, compare, end };
}
