import { useCallback, useEffect, useRef } from 'react';
import { answer, server, type Design, type OpenDesign } from '../api/client';
import type { Outbox } from '../api/outbox';

/** How often it is asked whether someone else changed the design, in ms. */
const ASK = 2500;

/** Takes in what others save, as long as nothing of ours is unsaved. Gives what fetches it at once. */
export function useOthers<Answer>(id: string, box: Outbox<Design, Answer>, onChanged: (now: OpenDesign) => void) {
    const take = useRef(onChanged);
    useEffect(() => {
        take.current = onChanged;
    });
    const fetchTheirs = useCallback(async () => {
        const seen = box.snapshot().version;
        const now = await answer(server.GET('/api/designs/{id}', { params: { path: { id } } }));
        const { version, saving } = box.snapshot();
        if (version === seen && saving.state === 'saved') {
            take.current(now);
        }
    }, [id, box]);
    useEffect(() => {
        const ask = async () => {
            const { saving } = box.snapshot();
            if (document.hidden || (saving.state !== 'saved' && saving.state !== 'stopped')) {
                return;
            }
            const { stamp } = await answer(server.GET('/api/designs/{id}/stamp', { params: { path: { id } } }));
            if (saving.state === 'stopped') {
                // The server is there again.
                box.retry();
            } else if (stamp !== '' && Number(stamp) > box.snapshot().version) {
                await fetchTheirs();
            }
        };
        const timer = window.setInterval(() => void ask().catch(() => {}), ASK);
        return () => window.clearInterval(timer);
    }, [id, box, fetchTheirs]);
    return fetchTheirs;
}
