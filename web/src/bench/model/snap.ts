import type { Frame, Sheet } from '../../api/client';

/** A guide that a dragged part snapped to, in µm. */
export interface Guide {
    across: boolean;
    at: number;
}

interface Move {
    dx: number;
    dy: number;
}

const threeOf = (start: number, length: number) => [start, start + length / 2, start + length];

/**
 * Lets a part snap: its left, middle and right to those of the area and of the other parts' ink, its
 * top, middle and bottom likewise, whichever is nearest within the reach.
 */
export function snap(part: { cards: readonly string[]; ink: Frame }, move: Move, sheet: Sheet, reach: number) {
    const frames = [
        sheet.area,
        ...sheet.parts.flatMap(({ card, ink }) => (ink && !part.cards.includes(card) ? [ink] : [])),
    ];
    const x = nearest(
        threeOf(part.ink.left + move.dx, part.ink.width),
        frames.flatMap((frame) => threeOf(frame.left, frame.width)),
        reach,
    );
    const y = nearest(
        threeOf(part.ink.top + move.dy, part.ink.height),
        frames.flatMap((frame) => threeOf(frame.top, frame.height)),
        reach,
    );
    const guides: Guide[] = [];
    if (x) {
        guides.push({ across: false, at: x.at });
    }
    if (y) {
        guides.push({ across: true, at: y.at });
    }
    return { dx: move.dx + Math.round(x?.by ?? 0), dy: move.dy + Math.round(y?.by ?? 0), guides };
}

function nearest(own: readonly number[], targets: readonly number[], reach: number): { at: number; by: number } | null {
    let best: { at: number; by: number } | null = null;
    for (const from of own) {
        for (const at of targets) {
            const by = at - from;
            if (Math.abs(by) <= reach && (!best || Math.abs(by) < Math.abs(best.by))) {
                best = { at, by };
            }
        }
    }
    return best;
}
