const colours = ['#dfe7d6', '#f2d98b', '#e2903a', '#b3372f', '#6d1f2b'];

/** The colour of places where so many films lie on one another: the more, the darker. */
export const heapColour = (count: number): string => colours[Math.min(count, colours.length) - 1] ?? '#6d1f2b';
