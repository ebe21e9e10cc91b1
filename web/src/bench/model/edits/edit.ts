import { produce } from 'immer';
import type { Design, Film, Form, Line, Motif } from '../../../api/client';

/** Changes to a design: each takes one and gives the next. */
export type Edit = (design: Design) => Design;

/** A card of the build sheet. */
export type Card = Line | Form | Motif;

/** What is done to a value as it is when its turn comes, written as if it were changed in place. What it gives back means nothing. */
export type Change<Value> = (now: Value) => unknown;

/** Takes a change of a value, and what is changed: changes of the same thing in a row are undone together. */
export type Put<Value> = (change: Change<Value>, what?: string) => void;

export const edit =
    (change: Change<Design>): Edit =>
    (design) =>
        produce(design, (now) => {
            change(now);
        });

/** One edit after the other. */
export const inTurn =
    (...edits: readonly Edit[]): Edit =>
    (design) =>
        edits.reduce((now, next) => next(now), design);

export const isLine = (card: Card): card is Line => 'lettering' in card;

export const cardsOf = (design: Design): Card[] => [...design.lines, ...design.forms, ...design.motifs];

/** Changes any card. */
export const withCard = (id: string, change: Change<Card>): Edit =>
    edit((design) => {
        const card = cardsOf(design).find((candidate) => candidate.id === id);
        if (card) {
            change(card);
        }
    });

/** Takes a film of the rack into a design, on top of those it has or beneath them; one that is there stays where it is. */
export function takeFilm(design: Design, film: Film, where: 'above' | 'beneath'): void {
    if (!design.films.some((known) => known.id === film.id)) {
        design.films.splice(where === 'above' ? design.films.length : 0, 0, film);
    }
}
