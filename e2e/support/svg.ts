import { readFileSync } from 'node:fs';

export type Ring = [number, number][];

/** A downloaded sheet as any reader would see it: its size, and the rings of each piece, in mm. */
export function readSheet(file: string) {
    const text = readFileSync(file, 'utf8');
    const [, width, height, viewBox] = /width="([\d.]+)mm" height="([\d.]+)mm" viewBox="([^"]+)"/.exec(text) ?? [];
    const group = text.slice(0, text.lastIndexOf('</g>'));
    const pieces = [...group.matchAll(/<path fill-rule="evenodd" d="([^"]+)"/g)].map(([, data = '']) =>
        data
            .split('Z')
            .filter(Boolean)
            .map((ring): Ring =>
                ring
                    .slice(1)
                    .split('L')
                    .map((point) => point.split(' ').map(Number) as [number, number]),
            ),
    );
    const points = pieces.flat(2);
    const xs = points.map(([x]) => x);
    const ys = points.map(([, y]) => y);
    const box = { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) };
    return { width: Number(width), height: Number(height), viewBox, pieces, box, points };
}
