import { readFileSync } from 'node:fs';

export type Ring = [number, number][];

/** A downloaded sheet as any reader would see it: its size, and the rings of each piece, in mm. */
export function readSheet(file: string) {
    const text = readFileSync(file, 'utf8');
    const [, width, height, viewBox] = /width="([\d.]+)mm" height="([\d.]+)mm" viewBox="([^"]+)"/.exec(text) ?? [];
    const group = text.slice(0, text.lastIndexOf('</g>'));
    const pieces = [...group.matchAll(/<path fill-rule="evenodd" d="([^"]+)"/g)].map(([, data = '']) =>
        data.split('Z').filter(Boolean).map(ringOf),
    );
    const points = pieces.flat(2);
    const xs = points.map(([x]) => x);
    const ys = points.map(([, y]) => y);
    const box = { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) };
    return { width: Number(width), height: Number(height), viewBox, pieces, box, points };
}

/** A ring of lines and curves, these in short lines. */
function ringOf(data: string): Ring {
    const ring: Ring = [];
    for (const [, command, text = ''] of data.matchAll(/([MLC])([^MLC]+)/g)) {
        const [x1 = 0, y1 = 0, x2 = 0, y2 = 0, x3 = 0, y3 = 0] = text.trim().split(/\s+/).map(Number);
        if (command !== 'C') {
            ring.push([x1, y1]);
            continue;
        }
        const [x0, y0] = ring.at(-1) ?? [x1, y1];
        for (let step = 1; step <= 24; step += 1) {
            const t = step / 24;
            const at = (a: number, b: number, c: number, d: number) =>
                (1 - t) ** 3 * a + 3 * (1 - t) ** 2 * t * b + 3 * (1 - t) * t ** 2 * c + t ** 3 * d;
            ring.push([at(x0, x1, x2, x3), at(y0, y1, y2, y3)]);
        }
    }
    return ring;
}
