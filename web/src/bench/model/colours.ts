import type { Film } from '../../api/client';

/** Least distance of two colours that are distinguishable across a room, of at most 765. */
const APART = 150;

const channels = (hex: string) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));

/** Distance of two RGB colours; green counts most, as for the eye. */
export function apart(one: string, other: string): number {
    const [a, b] = [channels(one), channels(other)];
    const weights = [0.9, 1.4, 0.7];
    return a.reduce((sum, value, at) => sum + (weights[at] ?? 1) * Math.abs(value - (b[at] ?? 0)), 0);
}

/** The first film that contrasts with all given colours; the best one if none does. */
export function firstThatShows(films: readonly Film[], against: readonly string[]): Film | undefined {
    const shows = (film: Film) => Math.min(...against.map((colour) => apart(film.colour, colour)));
    return films.find((film) => shows(film) > APART) ?? [...films].sort((a, b) => shows(b) - shows(a))[0];
}
