import type { Design, Film, Rim } from '../../api/client';
import { defaults } from '../../api/defaults';

export const newRim = (film: string): Rim => ({ ...defaults.rim, film });

/** The film that something behind a card would be cut from: another one than its own, from the design or the rack. */
export const behind = (film: string, design: Design, rack: readonly Film[]): Film | undefined =>
    [...design.films, ...rack].find(({ id }) => id !== film) ?? design.films[0];
