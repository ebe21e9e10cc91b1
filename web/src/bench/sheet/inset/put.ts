import type { Sheet } from '../../../api/client';
import { inTurn, withOwner, withTreatments, type Edit } from '../../model/edits';
import { bottomUp } from '../../model/edits/depths';
import { overlaps } from '../../model/pose';
import type { BenchStore } from '../../state/store';

/**
 * Sets a card into another one, or into all that it lies on where none is named, or cuts it from one. It belongs to that from then on:
 * where it lies, or in its middle, if it lies elsewhere. It keeps its size.
 */
export function put(store: BenchStore, what: 'setInto' | 'cutFrom', id: string, card: string | null): void {
    const { change, design, sheet } = store.getState();
    const lowest = bottomUp(design).find((other) => other.id !== id && lieTogether(sheet, id, other.id))?.id;
    const owner = card ?? lowest ?? null;
    const belong: Edit = owner
        ? withOwner(id, owner, sheet, lieTogether(sheet, id, owner) ? 'there' : 'middle')
        : (now) => now;
    change(
        inTurn(
            belong,
            withTreatments(id, ({ setInto, cutFrom }) => {
                if (what === 'cutFrom') {
                    cutFrom.card = card ?? '';
                } else {
                    Object.assign(
                        setInto,
                        card === null ? { into: 'all', cards: [] } : { into: 'cards', cards: [card] },
                    );
                }
            }),
        ),
    );
}

function lieTogether(sheet: Sheet, one: string, other: string): boolean {
    const ink = (id: string) => sheet.parts.find((part) => part.card === id)?.ink;
    const [a, b] = [ink(one), ink(other)];
    return a != null && b != null && overlaps(a, b);
}
