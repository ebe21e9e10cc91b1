/** From 0 for black to 1 for white. */
export function brightness(colour: string): number {
    const channel = (at: number) => parseInt(colour.slice(at, at + 2), 16) / 255;
    return 0.3 * channel(1) + 0.59 * channel(3) + 0.11 * channel(5);
}
