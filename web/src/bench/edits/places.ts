import type { Frame, Line, Sheet } from '../../api/client';
import { isPlaced, ringLeader, takesForm } from '../follows';
import type { Edit } from './edit';
import { withForm } from './forms';
import { withLine } from './lines';
import { withMotif } from './motifs';

/**
 * Changes a line and puts its ink where it is asked to be; the other lines stay in their places. If they
 * stood in the middle or at the bottom, they are measured from the area's top from then on.
 */
export const withPlace =
    (id: string, change: Partial<Line>, place: Frame, sheet: Sheet): Edit =>
    (design) => {
        const inkOf = (line: Line) => sheet.parts.find((part) => part.card === line.id)?.ink;
        const before = design.lines.find((line) => line.id === id);
        const moved = before && inkOf(before);
        if (!moved) {
            return withLine(id, change)(design);
        }
        const upright = place.top === moved.top && place.height === moved.height;
        let [above, reference] = [sheet.area.top, sheet.area];
        const lines = design.lines.map((line) => {
            const ink = line.id === id ? place : inkOf(line);
            if (!ink || isPlaced(line)) {
                return line;
            }
            // What stands by its shapes is put by its box from then on.
            const next = upright ? line : { ...line, gap: ink.top - above, tight: false };
            const to = line.alignTo === 'above' ? reference : sheet.area;
            above = ink.top + ink.height;
            reference = ink;
            return line.id === id ? { ...next, ...change, shift: shiftTo(next, place, to) } : next;
        });
        return { ...design, stack: upright ? design.stack : 'top', lines };
    };

/** How far right of where its alignment puts it a line has to stand. */
function shiftTo({ align }: Line, place: Frame, to: Frame): number {
    switch (align) {
        case 'left':
            return place.left - to.left;
        case 'centre':
            return Math.round(place.left + place.width / 2 - to.left - to.width / 2);
        case 'right':
            return place.left + place.width - to.left - to.width;
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
            ? withLine(id, { shift: line.shift + dx })(design)
            : withPlace(id, {}, { ...ink, left: ink.left + dx, top: ink.top + dy }, sheet)(design);
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
        return withPlace(id, factor < 1 ? { size: { by: 'width', length: width } } : {}, place, sheet)(design);
    };

/** Moves what stands in a place of its own: a form, or a line on a ring or spiral. What follows something else stays with that. */
export const withOwnPlace =
    (id: string, dx: number, dy: number): Edit =>
    (design) => {
        const form = design.forms.find((candidate) => candidate.id === id);
        if (form) {
            return withForm(id, { across: form.across + dx, down: form.down + dy })(design);
        }
        const motif = design.motifs.find((candidate) => candidate.id === id);
        if (motif) {
            return withMotif(id, { across: motif.across + dx, down: motif.down + dy })(design);
        }
        const line = design.lines.find((candidate) => candidate.id === id);
        if (!line) {
            return design;
        }
        const { follows, fills } = line;
        if (takesForm(fills)) {
            return withOwnPlace(fills.form, dx, dy)(design);
        }
        if (follows.path === 'ring') {
            const leader = ringLeader(line, design);
            const { ring } = leader.follows;
            return withLine(leader.id, {
                follows: { ...leader.follows, ring: { ...ring, across: ring.across + dx, down: ring.down + dy } },
            })(design);
        }
        if (follows.path === 'spiral') {
            const { spiral } = follows;
            return withLine(id, {
                follows: { ...follows, spiral: { ...spiral, across: spiral.across + dx, down: spiral.down + dy } },
            })(design);
        }
        return design;
    };
