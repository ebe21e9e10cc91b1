// Reads fonts with an independent reader and prints, for each glyph, its contours, area and length:
// every segment is sampled at eighths of its parameter, as the PHP side does.
import { readFileSync } from 'node:fs';
import opentype from 'opentype.js';

for (const file of process.argv.slice(2)) {
    const font = opentype.parse(readFileSync(file).buffer.slice(0));
    const rows = [];
    for (let index = 0; index < font.glyphs.length; index += 1) {
        rows.push(measure(font.glyphs.get(index).path.commands));
    }
    console.log(JSON.stringify(rows));
}

function measure(commands) {
    let contours = 0;
    let area = 0;
    let length = 0;
    let x = 0;
    let y = 0;
    let start = [0, 0];
    let moved = false;
    let before = 0;
    const step = (nx, ny) => {
        area += (x * ny - nx * y) / 2;
        length += Math.hypot(nx - x, ny - y);
        x = nx;
        y = ny;
    };
    const close = () => {
        if (moved) {
            step(...start);
            // A contour of a single point is an anchor, not an outline.
            contours += length > before ? 1 : 0;
        }
        before = length;
        moved = false;
    };
    for (const c of commands) {
        if (c.type === 'M') {
            close();
            [x, y] = start = [c.x, c.y];
        } else if (c.type === 'L') {
            moved = true;
            step(c.x, c.y);
        } else if (c.type === 'Q') {
            moved = true;
            const [x0, y0] = [x, y];
            for (let k = 1; k <= 8; k += 1) {
                const t = k / 8;
                const s = 1 - t;
                step(s * s * x0 + 2 * s * t * c.x1 + t * t * c.x, s * s * y0 + 2 * s * t * c.y1 + t * t * c.y);
            }
        } else if (c.type === 'Z') {
            close();
        }
    }
    close();
    return [contours, area, length];
}
