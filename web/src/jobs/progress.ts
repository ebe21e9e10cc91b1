import type { PeopleCount } from '../api/client';

/** How far the people of a job's list are, in a few words: the step that is under way, and how many have it behind them. */
export function progress({ toCut, cut, weeded, pressed }: PeopleCount): string {
    const all = toCut + cut + weeded + pressed;
    if (pressed > 0) {
        return pressed === all ? 'all pressed' : `${pressed} of ${all} pressed`;
    }
    if (weeded > 0) {
        return `${weeded} of ${all} weeded`;
    }
    return cut > 0 ? `${cut} of ${all} cut` : `${all} ${all === 1 ? 'name' : 'names'}`;
}
