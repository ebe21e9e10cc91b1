/** The colour of places where this many films lie on one another: the more, the darker. */
export const stackColour = (count: number): string => `var(--color-stack-${Math.max(1, Math.min(count, 5))})`;
