/** Colour of a stack of films: the more films, the darker. */
export const stackColour = (count: number): string => `var(--color-stack-${Math.max(1, Math.min(count, 5))})`;
