import type { Form, Line, Motif, Sheet } from '../api/client';
import { withTogetherMoved } from './arrange';
import { withFree, withLine, withPlace, type Change, type Edit } from './edits';
import { isPlaced } from './follows';
import { landing, type Pose } from './stage/pose';

/** What a hand does to a card besides moving it, by what the card is. */
export interface Handled {
    line: Change<Line>;
    free: Change<Form | Motif>;
}

/** A card put down where the hand let go of it: moved with all that is kept together with it, sized or turned. */
export const withDropped =
    (card: string, handled: Handled | null, pose: Pose, sheet: Sheet): Edit =>
    (design) => {
        if (!handled) {
            return withTogetherMoved(card, Math.round(pose.e), Math.round(pose.f), sheet)(design);
        }
        const line = design.lines.find(({ id }) => id === card);
        if (!line) {
            return withFree(card, handled.free)(design);
        }
        const parts = sheet.parts.filter((part) => part.card === card && part.role === 'base');
        // What is cut out of something has no shape left, but a place.
        const place = isPlaced(line) ? null : (landing(parts, pose) ?? parts[0]?.ink);
        return (place ? withPlace(card, handled.line, place, sheet) : withLine(card, handled.line))(design);
    };
