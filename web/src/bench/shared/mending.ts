import { answer, server, type SheetFix, type SheetSnag } from '../../api/client';
import { withFix } from '../model/edits/fixes';
import type { BenchStore } from '../state/store';

/** The latest request; late answers to earlier ones are ignored. */
let asked: SheetFix | null = null;

/** Previews a fix on the stage. */
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
        // A fix without preview can still be applied.
    }
}

/** Applies the fix. */
export function mend(store: BenchStore, { card }: SheetSnag, fix: SheetFix): void {
    asked = null;
    const { change, look, sheet } = store.getState();
    look({ trial: null });
    if (card !== null) {
        change(withFix(card, fix, sheet));
    }
}
