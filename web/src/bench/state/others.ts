import { answer, server, type Design, type OpenDesign } from '../../api/client';
import type { Outbox } from '../../api/outbox';

/** How often it is asked whether someone else changed the design, in ms. */
const ASK = 2500;

/** Takes in what others save, as long as nothing of ours is unsaved. */
export function others<Answer>(
    id: string,
    box: Outbox<Design, Answer>,
    whose: () => { person?: string },
    onChanged: (now: OpenDesign) => void,
) {
    const fetchTheirs = async () => {
        const before = box.snapshot().version;
        const now = await answer(server.GET('/api/designs/{id}', { params: { path: { id }, query: whose() } }));
        const { version, saving } = box.snapshot();
        if (version === before && saving.state === 'saved') {
            onChanged(now);
        }
    };
    const look = async () => {
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
    return {
        /** Fetches it at once. */
        fetchTheirs,
        /** Asks again and again; gives what ends it. */
        ask: () => {
            const timer = window.setInterval(() => void look().catch(() => {}), ASK);
            return () => window.clearInterval(timer);
        },
    };
}
