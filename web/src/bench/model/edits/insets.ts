import type { Sheet } from '../../../api/client';
import { overlaps } from '../pose';
import { withOwner } from './belongings';
import { withTreatments } from './cards';
import { bottomUp } from './depths';
import { inTurn, type Edit } from './edit';

/**
 * Sets a card into another one, or into all that it lies on where none is named, or cuts it from one. It belongs to that from then on:
 * where it lies, or in its middle, if it lies elsewhere. It keeps its size.
 */
export const withInset =
    (what: 'setInto' | 'cutFrom', id: string, card: string | null, sheet: Sheet): Edit =>
    (design) => {
        const owner = card ?? bottomUp(design).find((other) => other.id !== id && lieTogether(sheet, id, other.id))?.id;
        return inTurn(
            withOwner(id, owner ?? '', sheet, owner && !lieTogether(sheet, id, owner) ? 'middle' : 'there'),
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
        )(design);
    };

function lieTogether(sheet: Sheet, one: string, other: string): boolean {
    const ink = (id: string) => sheet.parts.find((part) => part.card === id)?.ink;
    const [a, b] = [ink(one), ink(other)];
    return a != null && b != null && overlaps(a, b);
}
