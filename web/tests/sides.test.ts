import { describe, expect, it } from 'vitest';
import type { Follows } from '../src/api/client';
import { defaults } from '../src/api/defaults';
import { distanceFrom, putAtDistance, putOnSide, sidesOf, sitOn, type Sides } from '../src/bench/model/sides';

const follows = (sits: Follows['sits'], side: 'outside' | 'inside', lift = 3000, start = 0): Follows => ({
    ...structuredClone(defaults.follows),
    path: 'outline',
    sits,
    lift,
    outline: { shape: 'ring', side, start },
});

describe('words along an outline', () => {
    it.each<[Follows['sits'], Follows['outline']['side'], Sides]>([
        ['baseline', 'outside', { side: 'outside', upright: 'top' }],
        ['top', 'outside', { side: 'inside', upright: 'top' }],
        ['baseline', 'inside', { side: 'inside', upright: 'bottom' }],
        ['top', 'inside', { side: 'outside', upright: 'bottom' }],
        ['middle', 'outside', { side: 'outside', upright: 'top' }],
    ])('with their %s on it, run %s: %o', (sits, side, expected) => {
        expect(sidesOf(follows(sits, side))).toEqual(expected);
    });

    it('go where they are put, as far from it as they were', () => {
        const all = (['outside', 'inside'] as const).flatMap((side) =>
            (['top', 'bottom'] as const).map((upright) => ({ side, upright })),
        );
        for (const from of all) {
            for (const to of all) {
                const now = follows('baseline', 'outside');
                putOnSide(now, from);
                putOnSide(now, to);
                expect([sidesOf(now), distanceFrom(now)]).toEqual([to, 3000]);
                // Outside and upright at the bottom, letters hang from the path, and the distance is below it.
                expect(now.lift).toBe(now.sits === 'top' ? -3000 : 3000);
                expect(now.outline.start).toBe(to.upright === 'top' ? 0 : 50);
            }
        }
    });

    it.each([
        [0, 50],
        [10, -40],
        [-10, 40],
        [50, 0],
        [-50, 0],
        [100, 50],
    ])('that start at %i %% go to %i %% at the other end, and never out of range', (start, expected) => {
        const now = follows('baseline', 'outside', 3000, start);
        putOnSide(now, { upright: 'bottom' });
        expect(now.outline.start).toBe(expected);
    });

    it('keep their distance whatever part of them is on the path, and take one that is typed', () => {
        const now = follows('baseline', 'outside');
        sitOn(now, 'top');
        expect(now).toMatchObject({ sits: 'top', lift: -3000 });
        putAtDistance(now, 5000);
        expect([now.lift, distanceFrom(now)]).toEqual([-5000, 5000]);
        sitOn(now, 'middle');
        expect([now.lift, distanceFrom(now)]).toEqual([5000, 5000]);
        putAtDistance(now, 0);
        sitOn(now, 'top');
        expect([now.lift, distanceFrom(now)]).toEqual([0, 0]);
    });
});
