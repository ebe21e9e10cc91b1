import { isLine, type Card } from '../../model/edits';

/** The one film that a card itself is cut from; null if it is cut from none, or from several. */
export function filmOf(card: Card): string | null {
    if (isLine(card)) {
        return card.film;
    }
    return 'shape' in card && !card.guide ? card.film : null;
}

/** The film that what is behind a card is told from. */
export const mainFilm = (card: Card): string => ('colours' in card ? (card.colours[0]?.film ?? '') : card.film);
