import type { Sheet } from '../../api/client';

export interface Point {
    x: number;
    y: number;
}

/** Cards with any part of their outline inside a loop, or around the loop. */
export function within(loop: readonly Point[], sheet: Sheet): string[] {
    const [first] = loop;
    if (!first || loop.length < 3) {
        return [];
    }
    const cards = new Set<string>();
    for (const { card, path, ink } of sheet.parts) {
        if (ink && !cards.has(card)) {
            const outline = pointsOf(path);
            const held = outline.some((ring) => ring.some((point) => isInside(point, loop)));
            if (held || outline.filter((ring) => isInside(first, ring)).length % 2 === 1) {
                cards.add(card);
            }
        }
    }
    return [...cards];
}

/** The rings of a part's shape: M takes a point, every pair after l goes on from the one before. */
function pointsOf(path: string): Point[][] {
    return (path.match(/M[^M]*/g) ?? []).map((ring) => {
        const [first = '', ...rest] = ring.slice(1).split('l');
        const numbers = (text: string) => (text.match(/-?\d+/g) ?? []).map(Number);
        let [x = 0, y = 0] = numbers(first);
        const points = [{ x, y }];
        for (const piece of rest) {
            const steps = numbers(piece);
            for (let at = 0; at + 1 < steps.length; at += 2) {
                x += steps[at] ?? 0;
                y += steps[at + 1] ?? 0;
                points.push({ x, y });
            }
        }
        return points;
    });
}

/** Whether a point lies inside a ring, by counting the edges to its right. */
export function isInside({ x, y }: Point, ring: readonly Point[]): boolean {
    let inside = false;
    ring.forEach((a, at) => {
        const b = ring[(at + 1) % ring.length] ?? a;
        if (a.y > y !== b.y > y && x < a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x)) {
            inside = !inside;
        }
    });
    return inside;
}
