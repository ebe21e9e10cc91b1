import type { Design, Sheet, SheetPart } from '../../api/client';
import { together } from './arrange';
import type { Drop, Handled } from './dropped';
import { inTurns, isLine, sizeTheirs, turnTheirs, type Card } from './edits';
import { isPlaced } from './follows';
import { corner, moveBy, resized, resizedForm, scaleAbout, turnAbout } from './pose';
import { snap, type Guide } from './snap';

/** The grip of a part: itself, a corner (−1 or 1 to the right and down), or the thread for turning. */
export type Grip = { kind: 'part' } | { kind: 'corner'; right: 1 | -1; down: 1 | -1 } | { kind: 'thread' };

/** Parts being dragged. */
export interface Gesture extends Drop {
    guides: readonly Guide[];
    /** The dimension shown at the pointer. */
    note: { turn: number } | { width: number; height: number } | null;
}

/** A drag of a part: its grip and start point. */
export interface Hold {
    grip: Grip;
    item: Card;
    part: SheetPart;
    /** The cards that move with it. */
    cards: readonly string[];
    /** The card and its belongings, which are sized and turned with it. */
    theirs: readonly string[];
    x: number;
    y: number;
}

/** The card's parts with the pointer at a point. Alt disables snapping, Shift the fixed proportions. */
export function handled(
    { grip, item, part, cards, theirs, x: startX, y: startY }: Hold,
    x: number,
    y: number,
    sheet: Sheet,
    keys: { altKey: boolean; shiftKey: boolean },
    reach: number,
): Gesture {
    const none = { card: item.id, cards: theirs, guides: [], note: null, handled: null };
    switch (grip.kind) {
        case 'part': {
            const free = { dx: Math.round(x - startX), dy: Math.round(y - startY), guides: [] };
            const { dx, dy, guides } =
                keys.altKey || !part.ink ? free : snap({ cards, ink: part.ink }, free, sheet, reach);
            return { ...none, cards, pose: moveBy(dx, dy), guides };
        }
        case 'corner': {
            const fixed = corner(part, part.turn, -grip.right, -grip.down);
            const from = inLine(startX - fixed.x, startY - fixed.y, part.turn);
            const to = inLine(x - fixed.x, y - fixed.y, part.turn);
            let along = Math.max(to.along / from.along, 0.02);
            let across = Math.max(to.across / from.across, 0.02);
            if (keys.shiftKey === (!isLine(item) && !item.size.proportional)) {
                // The corner moves along the diagonal to the point nearest to the pointer.
                const both = (to.along * from.along + to.across * from.across) / (from.along ** 2 + from.across ** 2);
                along = across = Math.max(both, 0.02);
            }
            const pose = scaleAbout(fixed.x, fixed.y, along, across, part.turn);
            return {
                ...none,
                pose,
                note: { width: part.width * along, height: part.height * across },
                handled: {
                    line: resized(part, along, across),
                    free: resizedForm(part, along, across, pose),
                    theirs: (design, card) => sizeTheirs(design, card, along, across),
                },
            };
        }
        case 'thread': {
            const pivot = pivotOf(item, part);
            const angle = (px: number, py: number) => (Math.atan2(px - pivot.x, pivot.y - py) * 180) / Math.PI;
            const free = item.place.turn + angle(x, y) - angle(startX, startY);
            const near = Math.round(free / 15) * 15;
            const turn = inTurns(!keys.altKey && Math.abs(free - near) < 3 ? near : Math.round(free * 10) / 10);
            return {
                ...none,
                pose: turnAbout(pivot.x, pivot.y, turn - item.place.turn),
                note: { turn },
                handled: turned(turn, turn - item.place.turn),
            };
        }
    }
}

/** Cards that move with a dragged one: the rest of the selection, and their groups. */
export const movedWith = (design: Design, taken: string, chosen: readonly string[]): string[] => [
    ...new Set((chosen.includes(taken) ? chosen : [taken]).flatMap((id) => together(design, id))),
];

/** Centre of rotation of a part: that of its circle, or its middle. */
export function pivotOf(item: Card, part: SheetPart) {
    const circle = isLine(item) && isPlaced(item) ? part.handles?.circle : null;
    return circle ?? { x: part.middleX, y: part.middleY };
}

function inLine(x: number, y: number, turn: number) {
    const [sin, cos] = [Math.sin((turn * Math.PI) / 180), Math.cos((turn * Math.PI) / 180)];
    return { along: x * cos + y * sin, across: y * cos - x * sin };
}

/** Turns any card to an angle, by a number of degrees. */
export const turned = (turn: number, by: number): Handled => ({
    line: ({ place }) => (place.turn = turn),
    free: ({ place }) => (place.turn = turn),
    theirs: (design, card) => turnTheirs(design, card, by),
});
