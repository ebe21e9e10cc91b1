import type { Unit } from '../../api/client';

/** Spacing of a ruler's marks in µm and of its numbers, for legibility. */
export function steps(unit: Unit, pixel: number): { small: number; every: number } {
    const choices =
        unit === 'mm'
            ? ([
                  [1000, 10],
                  [5000, 4],
                  [10000, 5],
                  [20000, 5],
                  [50000, 4],
                  [100000, 5],
              ] as const)
            : ([
                  [25400 / 16, 16],
                  [25400 / 8, 8],
                  [25400 / 4, 4],
                  [25400 / 2, 2],
                  [25400, 4],
                  [25400 * 4, 3],
              ] as const);
    for (const [small, every] of choices) {
        if (small >= 5 * pixel && small * every >= 34 * pixel) {
            return { small, every };
        }
    }
    return { small: 1e6, every: 1 };
}
