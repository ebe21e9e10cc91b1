import type { Sheet, SheetFix } from '../../../api/client';
import { withCrossed } from './blank';
import { withTreatments } from './cards';
import { withDepth } from './depths';
import { edit, isLine, withCard, type Edit } from './edit';
import { withInset } from './insets';

/** Applies a snag's fix to its card or the blank. */
export function withFix(id: string, fix: SheetFix, sheet: Sheet): Edit {
    const { above, crosses, into, islands, settles } = fix;
    if (settles) {
        return edit((design) => (design.formerly = []));
    }
    if (crosses) {
        return withCrossed(crosses, true);
    }
    if (above) {
        return withDepth(id, 'above', above);
    }
    if (into) {
        return withInset('setInto', id, into, sheet);
    }
    if (islands) {
        return withTreatments(id, ({ cutFrom }) => (cutFrom.islands = islands));
    }
    return withCard(id, (card) => {
        if (isLine(card)) {
            if (fix.letterHeight !== null) {
                Object.assign(card.size, { by: 'letter', length: fix.letterHeight });
            }
            card.lettering.spacing = fix.spacing ?? card.lettering.spacing;
            card.lettering.heft = fix.heft ?? card.lettering.heft;
        }
    });
}
