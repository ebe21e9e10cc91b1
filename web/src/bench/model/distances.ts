import type { Frame, Sheet } from '../../api/client';

/** A horizontal or vertical dimension on the stage, in µm. */
export interface Distance {
    x: number;
    y: number;
    across: boolean;
    length: number;
}

/** Offset of moved ink from the area's middle, right and down, in µm. */
export interface OffMiddle {
    right: number;
    down: number;
}

const right = ({ left, width }: Frame) => left + width;
const bottom = ({ top, height }: Frame) => top + height;

/**
 * Distances of ink to its neighbour on each side: the nearest card level with it, or else the edge of the
 * area.
 */
export function distancesOf(ink: Frame, cards: readonly string[], { area, parts }: Sheet): Distance[] {
    const others = parts.flatMap((part) => (part.ink && !cards.includes(part.card) ? [part.ink] : []));
    const beside = others.filter((frame) => frame.top < bottom(ink) && bottom(frame) > ink.top);
    const stacked = others.filter((frame) => frame.left < right(ink) && right(frame) > ink.left);
    const [x, y] = [ink.left + ink.width / 2, ink.top + ink.height / 2];
    const toLeft = Math.max(area.left, ...beside.map(right).filter((edge) => edge <= ink.left));
    const toRight = Math.min(right(area), ...beside.map(({ left }) => left).filter((edge) => edge >= right(ink)));
    const toTop = Math.max(area.top, ...stacked.map(bottom).filter((edge) => edge <= ink.top));
    const toBottom = Math.min(bottom(area), ...stacked.map(({ top }) => top).filter((edge) => edge >= bottom(ink)));
    return [
        { x: toLeft, y, across: true, length: ink.left - toLeft },
        { x: right(ink), y, across: true, length: toRight - right(ink) },
        { x, y: toTop, across: false, length: ink.top - toTop },
        { x, y: bottom(ink), across: false, length: toBottom - bottom(ink) },
    ].filter(({ length }) => length > 0);
}

export const offMiddle = (ink: Frame, area: Frame): OffMiddle => ({
    right: Math.round(ink.left + ink.width / 2 - area.left - area.width / 2),
    down: Math.round(ink.top + ink.height / 2 - area.top - area.height / 2),
});
