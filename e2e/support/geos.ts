import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import opentype from 'opentype.js';

export type Point = [number, number];

function geosop(wkt: string, format: string, operation: string, other?: string): string {
    const folder = mkdtempSync(join(tmpdir(), 'uvret-'));
    const inputs = [wkt, other].flatMap((text, at) => {
        if (text === undefined) {
            return [];
        }
        const file = join(folder, `${at}.wkt`);
        writeFileSync(file, text + '\n');
        return [at === 0 ? '-a' : '-b', file];
    });
    return execFileSync('geosop', [...inputs, '-p', '15', '-f', format, operation], { encoding: 'utf8' }).trim();
}

/** The area that is in one of two sets of polygons only, by GEOS. */
export function apart(some: Point[][][], others: Point[][][]): number {
    return Number(geosop(geosop(multi(some), 'wkt', 'symDifference', multi(others)), 'txt', 'area'));
}

/** The area that GEOS finds for polygons given as rings: the outer one first. */
export function areaOf(polygons: Point[][][]): number {
    return Number(geosop(multi(polygons), 'txt', 'area'));
}

/**
 * The area of words welded by GEOS for an ink width in mm: set by HarfBuzz, with outlines that an
 * independent font reader gives.
 */
export function weldedArea(fontFile: string, words: string, inkWidth: number): number {
    const bytes = readFileSync(fontFile);
    const font = opentype.parse(bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength));
    const letters: string[] = [];
    const bounds = { left: Infinity, right: -Infinity };
    const shaped = JSON.parse(
        execFileSync('hb-shape', ['--output-format=json', '--no-glyph-names', fontFile, words], { encoding: 'utf8' }),
    ) as { g: number; dx: number; ax: number }[];
    let pen = 0;
    for (const { g, dx, ax } of shaped) {
        const glyph = font.glyphs.get(g);
        const box = glyph.getBoundingBox();
        const x = pen + dx;
        if (box.x2 > box.x1) {
            bounds.left = Math.min(bounds.left, x + box.x1);
            bounds.right = Math.max(bounds.right, x + box.x2);
            letters.push(multi(polygonsOf(flatten(glyph.path.commands, x))));
        }
        pen += ax;
    }
    const scale = inkWidth / (bounds.right - bounds.left);
    const welded = geosop(`GEOMETRYCOLLECTION(${letters.join(',')})`, 'wkt', 'unaryUnion');
    return Number(geosop(welded, 'txt', 'area')) * scale * scale;
}

function flatten(commands: opentype.PathCommand[], offset: number): Point[][] {
    const rings: Point[][] = [];
    let ring: Point[] = [];
    for (const command of commands) {
        if (command.type === 'M') {
            ring = [[command.x + offset, command.y]];
            rings.push(ring);
        } else if (command.type === 'L') {
            ring.push([command.x + offset, command.y]);
        } else if (command.type === 'Q') {
            const [x0, y0] = ring.at(-1) ?? [0, 0];
            for (let k = 1; k <= 24; k += 1) {
                const t = k / 24;
                const s = 1 - t;
                ring.push([
                    s * s * x0 + 2 * s * t * (command.x1 + offset) + t * t * (command.x + offset),
                    s * s * y0 + 2 * s * t * command.y1 + t * t * command.y,
                ]);
            }
        }
    }
    return rings.filter((points) => points.length > 2);
}

const signedArea = (ring: Point[]) =>
    ring.reduce((sum, [x, y], at) => {
        const [nx, ny] = ring[(at + 1) % ring.length] ?? [0, 0];
        return sum + (x * ny - nx * y) / 2;
    }, 0);

/** TrueType's outer contours turn clockwise: holes turn the other way and go to the outer one around them. */
function polygonsOf(rings: Point[][]): Point[][][] {
    const outer = rings.filter((ring) => signedArea(ring) < 0).map((ring) => [ring]);
    for (const hole of rings.filter((ring) => signedArea(ring) > 0)) {
        const home = outer.find(([ring]) => ring && hole[0] && inside(hole[0], ring));
        home?.push(hole);
    }
    return outer;
}

function inside([x, y]: Point, ring: Point[]): boolean {
    let result = false;
    ring.forEach(([ax, ay], at) => {
        const [bx, by] = ring[(at + 1) % ring.length] ?? [0, 0];
        if (ay > y !== by > y && x < ax + ((y - ay) / (by - ay)) * (bx - ax)) {
            result = !result;
        }
    });
    return result;
}

function multi(polygons: Point[][][]): string {
    const ring = (points: Point[]) => `(${[...points, points[0] ?? [0, 0]].map(([x, y]) => `${x} ${y}`).join(',')})`;
    return `MULTIPOLYGON(${polygons.map((rings) => `(${rings.map(ring).join(',')})`).join(',')})`;
}
