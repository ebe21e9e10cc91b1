import type { Frame, Sheet, SheetPart } from '../../api/client';
import { boundsUnder, frameUnder, posed, under, type Pose } from './pose';

/** The sheet with some cards' parts already moved, until the server's result arrives. */
export const carried = (sheet: Sheet, cards: readonly string[], pose: Pose): Sheet => ({
    ...sheet,
    parts: sheet.parts.map((part) => (cards.includes(part.card) ? carriedPart(part, pose) : part)),
});

function carriedPart(part: SheetPart, pose: Pose): SheetPart {
    const { a, b, c, d } = pose;
    const angle = (part.turn * Math.PI) / 180;
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
    // Images of the directions along and across its baseline.
    const along = { x: a * cos + c * sin, y: b * cos + d * sin };
    const across = Math.hypot(c * cos - a * sin, d * cos - b * sin);
    const middle = rounded(under(part.middleX, part.middleY, pose));
    const circle = part.handles?.circle;
    return {
        ...part,
        path: posed(part.path, pose),
        ink: part.ink && whole(boundsUnder(part.path, pose) ?? frameUnder(part.ink, pose)),
        width: Math.round(part.width * Math.hypot(along.x, along.y)),
        height: Math.round(part.height * across),
        letterHeight: Math.round(part.letterHeight * across),
        em: Math.round(part.em * across),
        middleX: middle.x,
        middleY: middle.y,
        centroid: part.centroid && rounded(under(part.centroid.x, part.centroid.y, pose)),
        turn: (Math.atan2(along.y, along.x) * 180) / Math.PI,
        letters: part.letters.map(({ at, frame }) => ({ at, frame: whole(frameUnder(frame, pose)) })),
        // Its handles come back with the exact result.
        handles: part.handles && {
            path: '',
            middle: null,
            edges: [],
            circle: circle ? { ...circle, ...under(circle.x, circle.y, pose) } : null,
        },
    };
}

/** A frame in whole µm, as documents have them. */
const whole = ({ left, top, width, height }: Frame): Frame => ({
    left: Math.round(left),
    top: Math.round(top),
    width: Math.round(width),
    height: Math.round(height),
});

const rounded = ({ x, y }: { x: number; y: number }) => ({ x: Math.round(x), y: Math.round(y) });
