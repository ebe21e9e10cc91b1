import type { Design, Frame, Line, Sheet } from '../../../api/client';
import { isPlaced, ringLeader, takesForm } from '../follows';
import { edit, type Change, type Edit } from './edit';

/**
 * Changes a line and puts its ink where it is asked to be; the other lines stay in their places. If they
 * stood in the middle or at the bottom, they are measured from the area's top from then on.
 */
export const withPlace = (id: string, change: Change<Line>, place: Frame, sheet: Sheet): Edit =>
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
        const upright = place.top === moved.top && place.height === moved.height;
        let [above, reference] = [sheet.area.top, sheet.area];
        for (const line of design.lines) {
            const ink = line === own ? place : inkOf(line);
            if (!ink || isPlaced(line)) {
                continue;
            }
            if (!upright) {
                // What stands by its shapes is put by its box from then on.
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

/** How far right of where its alignment puts it a line has to stand. */
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

/** Moves a line across and down from where the sheet has it. */
export const withMove =
    (id: string, dx: number, dy: number, sheet: Sheet): Edit =>
    (design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        const ink = sheet.parts.find((part) => part.card === id)?.ink;
        if (!line || !ink || line.locked || (dx === 0 && dy === 0)) {
            return design;
        }
        if (isPlaced(line)) {
            return withOwnPlace(id, dx, dy)(design);
        }
        // What is shifted only sideways needs no sheet, so that presses of a key in a row add up.
        return dy === 0
            ? edit((now) => now.lines.forEach((own) => own.id === id && (own.stacking.shift += dx)))(design)
            : withPlace(id, () => {}, { ...ink, left: ink.left + dx, top: ink.top + dy }, sheet)(design);
    };

/** Puts a line into the middle of a card by its ink, made smaller if it is wider than most of it. */
export const withLineOn =
    (id: string, target: string, sheet: Sheet): Edit =>
    (design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        const own = sheet.parts.find((part) => part.card === id);
        const other = sheet.parts.find((part) => part.card === target)?.ink;
        if (!line || !own?.ink || !other || isPlaced(line)) {
            return design;
        }
        const factor = Math.min(1, (0.8 * other.width) / own.ink.width, (0.6 * other.height) / own.ink.height);
        const [width, height] = [Math.round(own.ink.width * factor), Math.round(own.ink.height * factor)];
        const place = {
            left: Math.round(other.left + (other.width - width) / 2),
            top: Math.round(other.top + (other.height - height) / 2),
            width,
            height,
        };
        const sized: Change<Line> = (now) => factor < 1 && Object.assign(now.size, { by: 'width', length: width });
        return withPlace(id, sized, place, sheet)(design);
    };

/** Moves what has a place of its own: a form, or a line on a ring or spiral. What follows something else stays with that. */
export const withOwnPlace = (id: string, dx: number, dy: number): Edit =>
    edit((design) => {
        const place = placeOf(design, holderOf(design, id));
        if (place) {
            place.across += dx;
            place.down += dy;
        }
    });

/** The card whose place says where a card is: itself, or what it follows or fills. Null where that follows the stack or the blank. */
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
