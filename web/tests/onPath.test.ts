import { describe, expect, it } from 'vitest';
import { withLine } from '../src/bench/model/edits';
import { putOnPath } from '../src/bench/model/follows';
import { sheet, withLines } from './support/designs';

/** A line that is put on a path: 280 by 330 mm of area, and so much ink at the area's top. */
function put(path: 'ring' | 'spiral', width: number, height: number) {
    const design = withLines({ words: 'TERN POINT', gap: 0 });
    const [part] = sheet(design, { 'line-1': { width, height } }).parts;
    return withLine('line-1', (line) => putOnPath(line, path, part, design))(design).lines[0]?.follows;
}

describe('a line that is put on a path', () => {
    it.each([
        // As far from the top as the ring and the letters reach.
        [130_000, 20_000, 50_000, 70_000],
        // Larger than the area, it is in the middle of that.
        [390_000, 40_000, 150_000, 165_000],
        // A small one stays at the words.
        [20_800, 90_000, 8_000, 98_000],
    ])('runs round a ring within the area: %i by %i µm', (width, height, radius, down) => {
        expect(put('ring', width, height)?.ring).toMatchObject({ radius, across: 0, down });
    });

    it('winds within the area', () => {
        const { across, down } = put('spiral', 250_000, 20_000)?.spiral ?? { across: 1, down: 0 };
        expect(across).toBe(0);
        // Half of a spiral that covers 250 by 40 mm round its inner radius.
        expect(down).toBeCloseTo(Math.sqrt((250_000 * 40_000) / Math.PI + 10_000 ** 2), -2);
    });
});
