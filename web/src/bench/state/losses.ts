import { answer, server, type Design, type SheetSnag } from '../../api/client';
import type { Outbox } from '../../api/outbox';

/** How long the design has to rest before it is looked at more closely, and how long until it is tried again, in ms. */
const REST = 450;
const AGAIN = 5000;

/** What would be lost of one version of a design: its snags, and the shape of all that is too thin. */
export interface Found {
    version: number;
    snags: readonly SheetSnag[];
    path: string;
}

/** Looks for what would be lost of a design whenever it rests, since that takes longer than a key press may. */
export function losses<Answer>(id: string, box: Outbox<Design, Answer>, onFound: (found: Found) => void) {
    let timer = 0;
    // The version that is looked at, or that was.
    let looked = -1;
    const find = async (version: number) => {
        try {
            const { snags, path } = await answer(server.GET('/api/designs/{id}/losses', { params: { path: { id } } }));
            if (looked === version) {
                onFound({ version, snags, path });
            }
        } catch {
            if (looked === version) {
                looked = -1;
                timer = window.setTimeout(look, AGAIN);
            }
        }
    };
    const look = () => {
        const { version, saving } = box.snapshot();
        if (saving.state !== 'saved' || version === looked) {
            return;
        }
        window.clearTimeout(timer);
        timer = window.setTimeout(() => {
            const now = box.snapshot();
            if (now.version === version && now.saving.state === 'saved') {
                looked = version;
                void find(version);
            }
        }, REST);
    };
    return {
        look,
        end: () => {
            window.clearTimeout(timer);
            looked = -1;
        },
    };
}
