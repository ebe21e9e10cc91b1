/** Display modes of the films on the stage. */
export type Looking =
    | { at: 'all' }
    /** As pressed so far, up to a film. */
    | { at: 'up to'; film: string }
    | { at: 'only'; film: string }
    | { at: 'thickness' }
    | { at: 'slip'; film: string; distance: number; angle: number | null };

export const all: Looking = { at: 'all' };

/** Pressing a button again shows all films again. */
export const toggled = (now: Looking, next: Looking): Looking =>
    now.at === next.at && (!('film' in now) || !('film' in next) || now.film === next.film) ? all : next;
