/** How the stage shows the films of a design. */
export type Looking =
    | { at: 'all' }
    /** As pressed: the first films up to one of them. */
    | { at: 'up to'; film: string }
    | { at: 'only'; film: string }
    | { at: 'thickness' }
    | { at: 'slip'; film: string; distance: number; angle: number | null };

export const all: Looking = { at: 'all' };

/** Pressing a button again shows all films again. */
export const toggled = (now: Looking, next: Looking): Looking =>
    now.at === next.at && (!('film' in now) || !('film' in next) || now.film === next.film) ? all : next;
