/** A time as people say it: seconds up to a minute and a half, then whole minutes, then hours. */
export function showTime(seconds: number): string {
    if (seconds < 90) {
        return `${Math.ceil(seconds)} s`;
    }
    const minutes = Math.round(seconds / 60);
    return minutes < 90 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;
}

export const metres = (micrometres: number) => `${(micrometres / 1e6).toFixed(2)} m`;

/** A time that is only reckoned: whole minutes, one at least. */
export const about = (seconds: number) => (seconds < 90 ? '1 min' : showTime(60 * Math.round(seconds / 60)));
