import type { Film, MotifPieceCard } from '../../api/client';
import { freeId, type Edit } from '../model/edits';
import { withLineAround } from '../model/edits/around';
import { withCopies } from '../model/edits/copies';
import { withDepthStep } from '../model/edits/depths';
import { withLineInPiece } from '../model/edits/filling';
import type { BenchStore } from '../state/store';

/** Duplicates cards and selects the duplicates. */
export function duplicate(store: BenchStore, cards: readonly string[]): void {
    const { change, design, chooseAll } = store.getState();
    const { edit, copies } = withCopies(design, cards);
    change(edit);
    chooseAll(copies);
}

/** Brings cards forward or sends them back by one step. */
export function step(store: BenchStore, cards: readonly string[], way: 'forward' | 'back'): void {
    const { change, sheet } = store.getState();
    change(withDepthStep(cards, way, sheet));
}

/** Adds and selects a line around a form or motif. */
export const addLineAround = (store: BenchStore, shape: string, rack: readonly Film[]) =>
    add(store, (id) => withLineAround(id, shape, rack));

/** Adds and selects a line in a piece of a motif. */
export const addLineInPiece = (store: BenchStore, motif: string, piece: MotifPieceCard, rack: readonly Film[]) =>
    add(store, (id) => withLineInPiece(id, motif, piece, rack));

function add(store: BenchStore, edit: (id: string) => Edit): void {
    const { change, choose, design, look } = store.getState();
    const id = freeId(design);
    change(edit(id));
    choose(id);
    look({ pane: 'sheet' });
}
