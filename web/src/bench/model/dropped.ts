import type { Design, Form, Line, Motif, Sheet } from '../../api/client';
import { withMoved } from './arrange';
import {
    edit,
    inTurn,
    ownerOf,
    takeOnScale,
    withCard,
    withFree,
    withLine,
    withOwnPlace,
    withPlace,
    type Change,
    type Edit,
} from './edits';
import { isPlaced } from './follows';
import { landing, under, type Pose } from './pose';

/** Effects of a drag on a card besides moving it, by kind of card. */
export interface Handled {
    line: Change<Line>;
    free: Change<Form | Motif>;
    /** The effect on everything that belongs to it. */
    theirs: (design: Design, card: string) => void;
}

/** Where a card was dropped, with everything that moves along. */
export interface Drop {
    card: string;
    cards: readonly string[];
    pose: Pose;
    /** The card's other change; null if it is only moved. */
    handled: Handled | null;
}

/** Drops a card: moved with everything that goes along, sized or turned. */
export const withDropped =
    ({ card, cards, handled, pose }: Drop, sheet: Sheet): Edit =>
    (design) => {
        if (!handled) {
            return withMoved(cards, Math.round(pose.e), Math.round(pose.f), sheet)(design);
        }
        return inTurn(
            edit((now) => handled.theirs(now, card)),
            withHandled(card, handled, pose, sheet),
        )(design);
    };

/** Sizes or turns the card itself. */
const withHandled =
    (card: string, handled: Handled, pose: Pose, sheet: Sheet): Edit =>
    (design) => {
        const line = design.lines.find(({ id }) => id === card);
        const own = sheet.parts.find((part) => part.card === card);
        if (own && ownerOf(design, card)) {
            const to = under(own.middleX, own.middleY, pose);
            return inTurn(
                withCard(card, takeOnScale),
                line ? withLine(card, handled.line) : withFree(card, handled.free),
                withOwnPlace(card, Math.round(to.x) - own.middleX, Math.round(to.y) - own.middleY),
            )(design);
        }
        if (!line) {
            return withFree(card, handled.free)(design);
        }
        const parts = sheet.parts.filter((part) => part.card === card && part.role === 'base');
        // Cut-out cards have no shape of their own, but a place.
        const place = isPlaced(line) ? null : (landing(parts, pose) ?? parts[0]?.ink);
        return (place ? withPlace(card, handled.line, place, sheet) : withLine(card, handled.line))(design);
    };
