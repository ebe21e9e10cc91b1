import type { Film } from '../../api/client';

export type Finish = Film['finish'];

export const finishNames: Record<Finish, string> = {
    smooth: 'smooth',
    glitter: 'glitter',
    flock: 'flock',
    metallic: 'metallic',
    reflective: 'reflective',
    stretch: 'stretch',
    puff: 'puff',
    patterned: 'patterned',
};

export const finishes = Object.keys(finishNames) as Finish[];

/** What the stage fills a film with: its colour, or a picture of its finish. */
export const fillOf = (film: Film): string =>
    film.finish === 'smooth' || film.finish === 'stretch' ? film.colour : `url(#finish-${film.id})`;
