import { answer, server, type SheetFix, type SheetSnag } from '../../api/client';
import { withFix } from '../model/edits/fixes';
import type { BenchStore } from '../state/store';

/** The one that is asked for last: what comes later than that is not shown. */
let asked: SheetFix | null = null;

/** Shows on the stage what would come of a change that mends a snag. */
export async function show(store: BenchStore, { card }: SheetSnag, fix: SheetFix): Promise<void> {
    const { design, sheet } = store.getState();
    if (card === null) {
        return;
    }
    asked = fix;
    store.getState().look({ trial: { card, sheet: null } });
    try {
        const trial = await answer(server.POST('/api/trials', { body: withFix(card, fix, sheet)(design) }));
        if (asked === fix && store.getState().trial !== null && store.getState().design === design) {
            store.getState().look({ trial: { card, sheet: trial } });
        }
    } catch {
        // What can't be shown can be done all the same.
    }
}

/** Makes the change. */
export function mend(store: BenchStore, { card }: SheetSnag, fix: SheetFix): void {
    asked = null;
    const { change, look, sheet } = store.getState();
    look({ trial: null });
    if (card !== null) {
        change(withFix(card, fix, sheet));
    }
}
