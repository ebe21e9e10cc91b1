import type { Form, Line, Motif, Sheet } from '../api/client';
import { withTogetherMoved } from './arrange';
import { withFree, withLine, withPlace, type Edit } from './edits';
import { isPlaced } from './follows';
import { landing, type Pose } from './stage/pose';

/** A card put down where the hand let go of it: moved with all that is kept together with it, sized or turned. */
export const withDropped =
    (card: string, change: Partial<Line> | Partial<Form> | Partial<Motif>, pose: Pose, sheet: Sheet): Edit =>
    (design) => {
        if (Object.keys(change).length === 0) {
            return withTogetherMoved(card, Math.round(pose.e), Math.round(pose.f), sheet)(design);
        }
        const line = design.lines.find(({ id }) => id === card);
        if (!line) {
            return withFree(card, change)(design);
        }
        const parts = sheet.parts.filter((part) => part.card === card && part.role === 'base');
        // What is cut out of something has no shape left, but a place.
        const place = isPlaced(line) ? null : (landing(parts, pose) ?? parts[0]?.ink);
        return (place ? withPlace(card, change, place, sheet) : withLine(card, change))(design);
    };
