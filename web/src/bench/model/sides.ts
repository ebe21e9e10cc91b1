import type { Follows } from '../../api/client';

/** Where words lie along an outline, and at which end of it they read upright. */
export interface Sides {
    side: 'outside' | 'inside';
    upright: 'top' | 'bottom';
}

/** Words run clockwise where they read upright at the top. Hanging from the path, they lie on its other side. */
export const sidesOf = ({ outline, sits }: Follows): Sides => {
    const clockwise = outline.side === 'outside';
    return {
        side: clockwise === (sits !== 'top') ? 'outside' : 'inside',
        upright: clockwise ? 'top' : 'bottom',
    };
};

/** Words that read upright at the other end go there. */
export function putOnSide(follows: Follows, next: Partial<Sides>): void {
    const before = sidesOf(follows);
    const { side, upright } = { ...before, ...next };
    const { outline } = follows;
    outline.side = upright === 'top' ? 'outside' : 'inside';
    if (upright !== before.upright) {
        outline.start += outline.start > 0 ? -50 : 50;
    }
    if (side !== sidesOf(follows).side) {
        sitOn(follows, follows.sits === 'top' ? 'baseline' : 'top');
    }
}

/** Puts another part of the letters on the path, as far from it as before. */
export function sitOn(follows: Follows, sits: Follows['sits']): void {
    const apart = distanceFrom(follows);
    follows.sits = sits;
    putAtDistance(follows, apart);
}

/** How far letters are from their path: above it, or below it where they hang. */
export const distanceFrom = ({ sits, lift }: Follows): number => (sits === 'top' && lift !== 0 ? -lift : lift);

export function putAtDistance(follows: Follows, distance: number): void {
    follows.lift = follows.sits === 'top' && distance !== 0 ? -distance : distance;
}
