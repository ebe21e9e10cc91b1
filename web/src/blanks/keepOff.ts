import type { Blank } from '../api/client';

export type KeepOff = Blank['keepOff'][number];

/** A place as SVG path data from the blank's measuring point; one point becomes a dot. */
export function keepOffPath({ points, closed }: Pick<KeepOff, 'points' | 'closed'>): string {
    const pairs: string[] = [];
    for (let at = 0; at + 1 < points.length; at += 2) {
        pairs.push(`${points[at]} ${points[at + 1]}`);
    }
    return pairs.length === 1 ? `M${pairs[0]}h1` : `M${pairs.join('L')}${closed ? 'Z' : ''}`;
}
