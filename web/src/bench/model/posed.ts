import type { Frame, Sheet, SheetPart } from '../../api/client';
import { carried } from './carried';
import {
    cardsOf,
    inTurns,
    isLine,
    ownerOf,
    sizeCard,
    sizeTheirs,
    takeOnScale,
    turnTheirs,
    withCard,
    withFree,
    withoutTheirs,
    withOwnPlace,
    withPlace,
    withTheirs,
    edit,
    inTurn,
    type Card,
    type Edit,
} from './edits';
import { isPlaced } from './follows';
import type { Point } from './lasso';
import { joined, landing, scaleAbout, turnAbout, under, type Pose } from './pose';

/** Sizes and turns several cards as one, about a point. */
export interface AsOne {
    x: number;
    y: number;
    scale: number;
    /** In degrees clockwise. */
    turn: number;
}

/** The grip of several cards: a corner of their common frame, or the thread at its top. */
export type SeveralGrip = { kind: 'corner'; right: 1 | -1; down: 1 | -1 } | { kind: 'thread' };

/** Sizes them from the opposite corner, or turns them about the middle in steps of 15° (freely with Alt). */
export function asOne(frame: Frame, grip: SeveralGrip, from: Point, to: Point, free: boolean): AsOne {
    const [x, y] = [frame.left + frame.width / 2, frame.top + frame.height / 2];
    if (grip.kind === 'corner') {
        const fixed = { x: x - (grip.right * frame.width) / 2, y: y - (grip.down * frame.height) / 2 };
        const [dx, dy] = [from.x - fixed.x, from.y - fixed.y];
        const scale = ((to.x - fixed.x) * dx + (to.y - fixed.y) * dy) / Math.max(1, dx * dx + dy * dy);
        return { ...fixed, scale: Math.max(0.02, scale), turn: 0 };
    }
    const angle = (point: Point) => (Math.atan2(point.x - x, y - point.y) * 180) / Math.PI;
    const turn = inTurns(angle(to) - angle(from));
    const near = Math.round(turn / 15) * 15;
    return { x, y, scale: 1, turn: !free && Math.abs(turn - near) < 3 ? near : Math.round(turn * 10) / 10 };
}

export const poseOf = ({ x, y, scale, turn }: AsOne): Pose =>
    turn === 0 ? scaleAbout(x, y, scale, scale, 0) : turnAbout(x, y, turn);

/** The frame round the ink of several cards, with all that belongs to them; null if there is none. */
export function frameRound(cards: readonly string[], sheet: Sheet) {
    const inks = sheet.parts.flatMap(({ card, role, ink }) =>
        cards.includes(card) && role === 'base' && ink ? [ink] : [],
    );
    return inks.length === 0 ? null : joined(inks);
}

/** Cards sized and turned as one; those that are locked stay. What belongs to them goes along. */
export const withAsOne =
    (ids: readonly string[], change: AsOne, sheet: Sheet): Edit =>
    (design) => {
        const roots = withoutTheirs(design, ids).filter(
            (id) => !cardsOf(design).find((card) => card.id === id)?.locked,
        );
        const pose = poseOf(change);
        let there = sheet;
        return roots.reduce((now, id) => {
            const next = withOne(id, change, pose, there)(now);
            there = carried(there, withTheirs(design, [id]), pose);
            return next;
        }, design);
    };

const withOne =
    (id: string, { scale, turn }: AsOne, pose: Pose, sheet: Sheet): Edit =>
    (design) => {
        const parts = sheet.parts.filter((part) => part.card === id && part.role === 'base');
        const card = cardsOf(design).find((candidate) => candidate.id === id);
        const [own] = parts;
        if (!card || !own) {
            return design;
        }
        const changed = (now: Card) => {
            takeOnScale(now);
            if (scale !== 1) {
                sizeCard(now, scale, scale);
                if (isLine(now)) {
                    now.follows.ring.radius = Math.round(now.follows.ring.radius * scale);
                    now.follows.spiral.inner = Math.round(now.follows.spiral.inner * scale);
                }
                // A line fitted to the area gets its own width.
                if (isLine(now) && now.size.by === 'area') {
                    Object.assign(now.size, { by: 'width', length: Math.round(own.width * scale) });
                }
            }
            now.place.turn = inTurns(now.place.turn + turn);
        };
        const theirs = edit((now) => {
            sizeTheirs(now, id, scale, scale);
            turnTheirs(now, id, turn);
        });
        return inTurn(theirs, placed(card, own, parts, changed, pose, sheet))(design);
    };

/** The card itself: where it lands, as large and turned as it then is. */
function placed(
    card: Card,
    own: SheetPart,
    parts: readonly SheetPart[],
    changed: (now: Card) => void,
    pose: Pose,
    sheet: Sheet,
): Edit {
    const { id } = card;
    const from = (isLine(card) && own.handles?.circle) || { x: own.middleX, y: own.middleY };
    const to = under(from.x, from.y, pose);
    const [right, down] = [Math.round(to.x - from.x), Math.round(to.y - from.y)];
    return (design) => {
        if (ownerOf(design, id)) {
            return inTurn(withCard(id, changed), withOwnPlace(id, right, down))(design);
        }
        if (!isLine(card)) {
            return withFree(id, (now) => {
                changed(now);
                now.place.across = Math.round(to.x);
                now.place.down = Math.round(to.y);
            })(design);
        }
        const place = isPlaced(card) ? null : landing(parts, pose);
        return place
            ? withPlace(id, changed, place, sheet)(design)
            : inTurn(withCard(id, changed), withOwnPlace(id, right, down))(design);
    };
}
