import { answer, Refusal, server, type Comparison, type Design } from '../../api/client';

/** What two windows changed: being looked at, there, or not to be had. */
export type Compared =
    { state: 'looking' } | { state: 'there'; comparison: Comparison } | { state: 'failed'; why: string };

/** How often it is asked for, and how long is waited in between, in ms. */
const MOST = 4;
const WAIT = 2000;

/** Asks what each of two windows changed since they last had the same. */
export function comparing(id: string, onChange: (compared: Compared | null) => void) {
    let asked = 0;
    const compare = async (base: Design, ours: Design) => {
        const own = (asked += 1);
        onChange({ state: 'looking' });
        for (let tries = 1; own === asked; tries += 1) {
            try {
                const comparison = await answer(
                    server.POST('/api/designs/{id}/compare', { params: { path: { id } }, body: { base, ours } }),
                );
                onChange({ state: 'there', comparison });
                return;
            } catch (error) {
                const refused = error instanceof Refusal;
                if (tries >= MOST || (refused && error.status < 500)) {
                    onChange({ state: 'failed', why: refused ? error.message : 'The server can’t be reached.' });
                    return;
                }
                await new Promise((resolve) => window.setTimeout(resolve, WAIT));
            }
        }
    };
    return {
        compare,
        end: () => {
            asked += 1;
            onChange(null);
        },
    };
}
