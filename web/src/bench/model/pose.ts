import type { Form, Frame, Line, Motif, Sheet, SheetPart } from '../../api/client';
import type { Change } from './edits/edit';
import { fitMeasures } from './forms';

/** An affine map as SVG writes it: x' = a x + c y + e, y' = b x + d y + f. */
export interface Pose {
    a: number;
    b: number;
    c: number;
    d: number;
    e: number;
    f: number;
}

export const moveBy = (dx: number, dy: number): Pose => ({ a: 1, b: 0, c: 0, d: 1, e: dx, f: dy });

export const svgMatrix = ({ a, b, c, d, e, f }: Pose) => `matrix(${a} ${b} ${c} ${d} ${e} ${f})`;

/** The same map for a picture that fills the stage and shows the given part of it, in screen pixels. */
export function cssMatrix(
    { a, b, c, d, e, f }: Pose,
    { left, top }: Pick<Frame, 'left' | 'top'>,
    pixel: number,
): string {
    const right = (a * left + c * top + e - left) / pixel;
    const down = (b * left + d * top + f - top) / pixel;
    return `matrix(${a}, ${b}, ${c}, ${d}, ${right}, ${down})`;
}

/** A turn about a point, clockwise on the screen, in degrees. */
export function turnAbout(x: number, y: number, degrees: number): Pose {
    const [sin, cos] = [Math.sin((degrees * Math.PI) / 180), Math.cos((degrees * Math.PI) / 180)];
    return { a: cos, b: sin, c: -sin, d: cos, e: x - x * cos + y * sin, f: y - x * sin - y * cos };
}

/** Larger or smaller along and across a line that is turned, while a point stays. */
export function scaleAbout(x: number, y: number, along: number, across: number, turn: number): Pose {
    const [sin, cos] = [Math.sin((turn * Math.PI) / 180), Math.cos((turn * Math.PI) / 180)];
    const a = along * cos * cos + across * sin * sin;
    const b = (along - across) * sin * cos;
    const d = along * sin * sin + across * cos * cos;
    return { a, b, c: b, d, e: x - a * x - b * y, f: y - b * x - d * y };
}

/** Where a point goes under a map. */
export const under = (x: number, y: number, { a, b, c, d, e, f }: Pose) => ({
    x: a * x + c * y + e,
    y: b * x + d * y + f,
});

/** The bounds of a frame's corners under a map. */
export function frameUnder({ left, top, width, height }: Frame, pose: Pose): Frame {
    const corners = [left, left + width].flatMap((x) => [top, top + height].map((y) => under(x, y, pose)));
    const [xs, ys] = [corners.map(({ x }) => x), corners.map(({ y }) => y)];
    const [west, north] = [Math.min(...xs), Math.min(...ys)];
    return { left: west, top: north, width: Math.max(...xs) - west, height: Math.max(...ys) - north };
}

/** A part's shape under a map: M takes a point, every pair after l goes on from the one before. */
export function posed(path: string, pose: Pose): string {
    const { a, b, c, d } = pose;
    // What only moves keeps its shape to the last digit.
    const moves = a === 1 && b === 0 && c === 0 && d === 1;
    let [x, y, atX, atY] = [0, 0, 0, 0];
    return path.replace(/([Ml])([^Mlz]*)/gi, (_, command: string, numbers: string) => {
        const values = (numbers.match(/-?\d+/g) ?? []).map(Number);
        const written: number[] = [];
        for (let at = 0; at + 1 < values.length; at += 2) {
            const [dx, dy] = [values[at] ?? 0, values[at + 1] ?? 0];
            if (command === 'M') {
                [x, y] = [dx, dy];
                const to = under(x, y, pose);
                [atX, atY] = [Math.round(to.x), Math.round(to.y)];
                written.push(atX, atY);
            } else if (moves) {
                return command + numbers;
            } else {
                [x, y] = [x + dx, y + dy];
                const to = under(x, y, pose);
                written.push(Math.round(to.x) - atX, Math.round(to.y) - atY);
                [atX, atY] = [Math.round(to.x), Math.round(to.y)];
            }
        }
        return command + written.join(' ');
    });
}

/** The bounds of a part's shape under a map, exactly: all its points are looked at. */
export function boundsUnder(path: string, { a, b, c, d, e, f }: Pose): Frame | null {
    const numbers = path.match(/[Ml]|-?\d+/g) ?? [];
    let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
    let [x, y, relative] = [0, 0, false];
    for (let at = 0; at < numbers.length;) {
        const token = numbers[at] ?? '';
        if (token === 'M' || token === 'l') {
            relative = token === 'l';
            at += 1;
            continue;
        }
        x = Number(token) + (relative ? x : 0);
        y = Number(numbers[at + 1]) + (relative ? y : 0);
        at += 2;
        const [px, py] = [a * x + c * y + e, b * x + d * y + f];
        left = Math.min(left, px);
        right = Math.max(right, px);
        top = Math.min(top, py);
        bottom = Math.max(bottom, py);
    }
    return left > right ? null : { left, top, width: right - left, height: bottom - top };
}

/** Where the ink of a line, which may be of several films, comes to lie under a pose, in whole µm. */
export function landing(parts: readonly SheetPart[], pose: Pose): Frame | null {
    const frames = parts.flatMap((part) => boundsUnder(part.path, pose) ?? []);
    if (frames.length === 0) {
        return null;
    }
    const left = Math.min(...frames.map((frame) => frame.left));
    const top = Math.min(...frames.map((frame) => frame.top));
    return {
        left: Math.round(left),
        top: Math.round(top),
        width: Math.round(Math.max(...frames.map((frame) => frame.left + frame.width)) - left),
        height: Math.round(Math.max(...frames.map((frame) => frame.top + frame.height)) - top),
    };
}

/** The ink of some cards together under a map; null if they have none. */
export function moved({ parts }: Sheet, cards: readonly string[], pose: Pose): Frame | null {
    const frames = parts.flatMap(({ card, ink }) => (ink && cards.includes(card) ? [frameUnder(ink, pose)] : []));
    return frames.length === 0 ? null : joined(frames);
}

/** Whether two frames have anything in common. */
export const overlaps = (a: Frame, b: Frame): boolean =>
    a.left < b.left + b.width && b.left < a.left + a.width && a.top < b.top + b.height && b.top < a.top + a.height;

/** The frame round several. */
export function joined(frames: readonly Frame[]): Frame {
    const left = Math.min(...frames.map((frame) => frame.left));
    const top = Math.min(...frames.map((frame) => frame.top));
    return {
        left,
        top,
        width: Math.max(...frames.map((frame) => frame.left + frame.width)) - left,
        height: Math.max(...frames.map((frame) => frame.top + frame.height)) - top,
    };
}

/** A corner of a part’s frame along its baseline, as it lies on the stage. */
export function corner(part: SheetPart, turn: number, right: number, down: number) {
    const [sin, cos] = [Math.sin((turn * Math.PI) / 180), Math.cos((turn * Math.PI) / 180)];
    const [x, y] = [(right * part.width) / 2, (down * part.height) / 2];
    return { x: part.middleX + x * cos - y * sin, y: part.middleY + x * sin + y * cos };
}

/** How a line is written down that was made larger or smaller by hand: proportions go into its stretch. */
export const resized =
    (part: SheetPart, along: number, across: number): Change<Line> =>
    (line) => {
        const { size } = line;
        scaleShape(line, across);
        if (size.by === 'both') {
            size.length = Math.max(500, Math.round(part.width * along));
            size.high = Math.max(500, Math.round(part.height * across));
            return;
        }
        size.stretch = Math.min(1000, Math.max(10, Math.round(size.stretch * (along / across) * 100) / 100));
        const [by, length] = {
            width: ['width', part.width * along] as const,
            area: ['width', part.width * along] as const,
            share: ['letter', part.letterHeight * across] as const,
            turns: ['letter', part.letterHeight * across] as const,
            height: ['height', part.height * across] as const,
            letter: ['letter', part.letterHeight * across] as const,
        }[size.by];
        Object.assign(size, { by, length: Math.max(500, Math.round(length)) });
    };

/** Makes what a line follows and fills as much larger as the line; what lies in a place of its own stays as large. */
export function scaleShape({ follows: { arc }, fills }: Line, factor: number): void {
    const scaled = (length: number) => Math.round(length * factor);
    arc.rise = scaled(arc.rise);
    arc.radius = Math.max(500, scaled(arc.radius));
    for (const edge of [fills.top, fills.bottom]) {
        Object.assign(edge, { rise: scaled(edge.rise), left: scaled(edge.left), right: scaled(edge.right) });
    }
}

/** A form or motif made larger or smaller by hand. */
export const resizedForm =
    (part: SheetPart, along: number, across: number, { a, b, c, d, e, f }: Pose): Change<Form | Motif> =>
    (card) => {
        const { size, place } = card;
        const before = { ...size };
        size.width = Math.max(500, Math.round(size.width * along));
        size.height = Math.max(500, Math.round(size.height * across));
        place.across = Math.round(a * part.middleX + c * part.middleY + e);
        place.down = Math.round(b * part.middleX + d * part.middleY + f);
        if ('shape' in card) {
            fitMeasures(card.shape, before, size);
        }
    };
