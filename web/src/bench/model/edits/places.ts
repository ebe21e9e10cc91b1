import type { Design, Frame, Line, Sheet } from '../../../api/client';
import { defaults } from '../../../api/defaults';
import { isPlaced, ringLeader, takesForm } from '../follows';
import { inFrameOf, ownerOf } from './belongings';
import { withGone } from './cards';
import { cardsOf, edit, inTurn, isLine, withCard, type Card, type Change, type Edit } from './edit';

/**
 * Changes a line and puts its ink where it is asked to be; the other lines stay in their places. If they
 * stood in the middle or at the bottom, they are measured from the area's top from then on. A line that was not in the stack before
 * joins it there.
 */
export const withPlace = (id: string, change: Change<Line>, place: Frame, sheet: Sheet, joins = false): Edit =>
    edit((design) => {
        const inkOf = (line: Line) => sheet.parts.find((part) => part.card === line.id)?.ink;
        const own = design.lines.find((line) => line.id === id);
        if (!own) {
            return;
        }
        const moved = inkOf(own);
        change(own);
        if (!moved) {
            return;
        }
        const upright = !joins && place.top === moved.top && place.height === moved.height;
        let [above, reference] = [sheet.area.top, sheet.area];
        for (const line of design.lines) {
            const ink = line === own ? place : inkOf(line);
            if (!ink || isPlaced(line) || ownerOf(design, line.id)) {
                continue;
            }
            if (!upright) {
                // Tightly stacked lines are positioned by their boxes from then on.
                line.stacking.gap = ink.top - above;
                line.stacking.tight = false;
            }
            if (line === own) {
                line.stacking.shift = shiftTo(line, place, line.stacking.alignTo === 'above' ? reference : sheet.area);
            }
            above = ink.top + ink.height;
            reference = ink;
        }
        if (!upright) {
            design.stack = 'top';
        }
    });

/** The shift to the right of a line's aligned position. */
function shiftTo({ place: { align } }: Line, ink: Frame, to: Frame): number {
    switch (align) {
        case 'left':
            return ink.left - to.left;
        case 'centre':
            return Math.round(ink.left + ink.width / 2 - to.left - to.width / 2);
        case 'right':
            return ink.left + ink.width - to.left - to.width;
    }
}

/** Moves a line from its position on the sheet. */
export const withMove =
    (id: string, dx: number, dy: number, sheet: Sheet): Edit =>
    (design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        const ink = sheet.parts.find((part) => part.card === id)?.ink;
        if (!line || !ink || line.locked || (dx === 0 && dy === 0)) {
            return design;
        }
        if (isPlaced(line) || ownerOf(design, id)) {
            return withOwnPlace(id, dx, dy)(design);
        }
        // Sideways shifts need no sheet, so repeated key presses add up.
        return dy === 0
            ? edit((now) => now.lines.forEach((own) => own.id === id && (own.stacking.shift += dx)))(design)
            : withPlace(id, () => {}, { ...ink, left: ink.left + dx, top: ink.top + dy }, sheet)(design);
    };

/** Detaches a card from its owner: it stays where it is, in its own size. */
export const withLetGo =
    (id: string, sheet: Sheet): Edit =>
    (design) => {
        const part = sheet.parts.find((candidate) => candidate.card === id);
        const scale = cardsOf(design).find((card) => card.id === id)?.belongs.scale ?? 100;
        const free: Change<Card> = (card) => {
            card.belongs = { ...defaults.belonging };
            if (!isLine(card) && part) {
                Object.assign(card.place, { across: part.middleX, down: part.middleY });
            }
        };
        const own = design.lines.find((line) => line.id === id);
        return own && part?.ink && !isPlaced(own)
            ? withPlace(id, free, grown(part.ink, 100 / scale), sheet, true)(design)
            : withCard(id, free)(design);
    };

/** Removes cards; their belongings stay where they are, and locked cards stay. */
export const withRemoved =
    (ids: readonly string[], sheet: Sheet): Edit =>
    (design) => {
        const gone = cardsOf(design).flatMap(({ id, locked }) => (ids.includes(id) && !locked ? [id] : []));
        const left = cardsOf(design).filter(({ id, belongs }) => gone.includes(belongs.to) && !gone.includes(id));
        return inTurn(withGone(gone), ...left.map(({ id }) => withLetGo(id, sheet)))(design);
    };

/** A frame scaled about its centre. */
const grown = ({ left, top, width, height }: Frame, by: number): Frame => ({
    left: Math.round(left - (width * (by - 1)) / 2),
    top: Math.round(top - (height * (by - 1)) / 2),
    width: Math.round(width * by),
    height: Math.round(height * by),
});

/** Moves a card that has its own position: a form, motif or belonging, or a line on a ring or spiral. Others stay. */
export const withOwnPlace = (id: string, dx: number, dy: number): Edit =>
    edit((design) => {
        const card = cardsOf(design).find((candidate) => candidate.id === id);
        const owner = ownerOf(design, id);
        if (card && owner) {
            const by = inFrameOf(owner, dx, dy);
            card.belongs.across += by.across;
            card.belongs.down += by.down;
            return;
        }
        const place = placeOf(design, holderOf(design, id));
        if (place) {
            place.across += dx;
            place.down += dy;
        }
    });

/** The card whose position a card has: itself, or the one it follows or fills. Null in the stack or on the brim. */
export function holderOf(design: Design, id: string): string | null {
    const line = design.lines.find((candidate) => candidate.id === id);
    if (!line) {
        return [...design.forms, ...design.motifs].some((candidate) => candidate.id === id) ? id : null;
    }
    if (takesForm(line.fills)) {
        return line.fills.form === id ? null : holderOf(design, line.fills.form);
    }
    switch (line.follows.path) {
        case 'ring':
            return ringLeader(line, design).id;
        case 'spiral':
            return id;
        default:
            return null;
    }
}

function placeOf(design: Design, holder: string | null): { across: number; down: number } | null {
    const free = [...design.forms, ...design.motifs].find((candidate) => candidate.id === holder);
    const follows = design.lines.find((candidate) => candidate.id === holder)?.follows;
    return free?.place ?? (follows ? (follows.path === 'spiral' ? follows.spiral : follows.ring) : null);
}
