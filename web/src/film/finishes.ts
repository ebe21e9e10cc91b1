import type { Film } from '../api/client';
import faces from '../../../core/Design/finish-faces.json';

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

/** A tile of a finish that is more than a colour: its side in µm, its turn, and what lies over the film's colour. */
interface Face {
    size: number;
    turn: number;
    content: string;
}

export const patternOf = (finish: Finish): Face | undefined => (faces as Partial<Record<Finish, Face>>)[finish];

/** What the stage fills a film with: its colour, or a picture of its finish. */
export const fillOf = (film: Film): string => (patternOf(film.finish) ? `url(#finish-${film.id})` : film.colour);
