import { produce } from 'immer';
import type { Design, Film, Form, Line, Motif } from '../../../api/client';

/** A change of a design: takes one and returns the next. */
export type Edit = (design: Design) => Design;

/** A card of the build sheet. */
export type Card = Line | Form | Motif;

/** A change written as if in place, applied to the current value. Its return value is ignored. */
export type Change<Value> = (now: Value) => unknown;

/** Accepts a change and the name of what it changes; consecutive changes of the same thing are undone together. */
export type Put<Value> = (change: Change<Value>, what?: string) => void;

export const edit =
    (change: Change<Design>): Edit =>
    (design) =>
        produce(design, (now) => {
            change(now);
        });

/** Applies edits in sequence. */
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

/** Adds a film to a design, above or beneath its films, unless it has it. */
export function takeFilm(design: Design, film: Film, where: 'above' | 'beneath'): void {
    if (!design.films.some((known) => known.id === film.id)) {
        design.films.splice(where === 'above' ? design.films.length : 0, 0, film);
    }
}
