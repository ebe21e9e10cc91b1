import { withCopies } from '../model/edits/copies';
import { withDepthStep } from '../model/edits/depths';
import type { BenchStore } from '../state/store';

/** Copies of some cards, which are chosen instead of them. */
export function duplicate(store: BenchStore, cards: readonly string[]): void {
    const { change, design, chooseAll } = store.getState();
    const { edit, copies } = withCopies(design, cards);
    change(edit);
    chooseAll(copies);
}

/** Brings cards forward of what lies on them, or puts them back behind what they lie on. */
export function step(store: BenchStore, cards: readonly string[], way: 'forward' | 'back'): void {
    const { change, sheet } = store.getState();
    change(withDepthStep(cards, way, sheet));
}
