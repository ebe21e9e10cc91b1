import type { Design, Film, Rim } from '../../api/client';
import { defaults } from '../../api/defaults';
import { firstThatShows } from './colours';

export const newRim = (film: string): Rim => ({ ...defaults.rim, film });

/** Initial film for something behind a card: one that contrasts with the card's film and with the fabric. */
export function behind(film: string, design: Design, rack: readonly Film[]): Film | undefined {
    const own = [...design.films, ...rack].find(({ id }) => id === film);
    const against = [design.blank.fabric.colour, ...(own ? [own.colour] : [])];
    return firstThatShows(
        [...design.films, ...rack].filter(({ id }) => id !== film),
        against,
    );
}
