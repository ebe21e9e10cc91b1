import { describe, expect, it } from 'vitest';
import { withNewMotif } from '../src/bench/model/edits';
import { empty, withForms } from './support/designs';

const artwork = (width: number, height: number) => ({
    width,
    height,
    colours: [{ colour: '#112233', film: '', path: 'M0 0L9 0L9 9Z' }],
    notes: [],
});
const put = (design = empty, around = {}, art = artwork(100, 50)) =>
    withNewMotif('motif-1', 'Oars', art, empty.films, around)(design).motifs[0];

describe('a new motif', () => {
    it('takes half of an area that is empty, in its proportions', () => {
        // The area is 280 by 330 mm.
        expect(put()).toMatchObject({
            size: { width: 140000, height: 70000 },
            place: { across: 0, down: 165000 },
            belongs: { to: '' },
        });
        expect(put(empty, {}, artwork(20, 80))?.size).toMatchObject({ width: 35000, height: 140000 });
    });

    it.each([
        ['below the ink', { left: -100000, top: 20000, width: 200000, height: 80000 }, 100000 + 8000, 322000],
        ['above the ink', { left: -100000, top: 220000, width: 200000, height: 80000 }, 8000, 212000],
    ])('comes in %s where there is most room', (_, ink, top, bottom) => {
        const motif = put(empty, { ink });
        const { size, place } = motif ?? { size: { width: 0, height: 0 }, place: { down: 0 } };
        expect(place.down - size.height / 2).toBeGreaterThanOrEqual(top - 1);
        expect(place.down + size.height / 2).toBeLessThanOrEqual(bottom + 1);
        expect(size.width / size.height).toBeCloseTo(2, 2);
        expect(size.width).toBeLessThanOrEqual(264000);
    });

    it('lies in the middle where the ink leaves no room', () => {
        const ink = { left: -140000, top: 10000, width: 280000, height: 310000 };
        expect(put(empty, { ink })).toMatchObject({ place: { across: 0, down: 165000 } });
    });

    it.each(['circle', 'ring', 'rectangle'] as const)(
        'is fitted inside a %s that is chosen, and belongs to it',
        (kind) => {
            const design = withForms(empty, {
                kind,
                band: 10000,
                across: 20000,
                down: 90000,
                width: 100000,
                height: 100000,
                depth: 2,
            });
            const motif = put(design, { on: 'form-1' }, artwork(60, 60));
            const { width = 0, height = 0 } = motif?.size ?? {};
            const half = Math.hypot(width, height) / 2;
            // Its corners stay within the circle, and within the hole of a ring; within the sides of a rectangle.
            expect(kind === 'rectangle' ? width / 2 : half).toBeLessThan(
                { circle: 50000, ring: 40000, rectangle: 50000 }[kind],
            );
            expect(kind === 'rectangle' ? width / 2 : half).toBeGreaterThan(
                { circle: 45000, ring: 36000, rectangle: 35000 }[kind],
            );
            expect(motif).toMatchObject({ place: { across: 20000, down: 90000 }, belongs: { to: 'form-1' }, depth: 2 });
        },
    );
});
