import { isLine, type Card } from '../../model/edits';

/** A card's own film; null if it has none or several. */
export function filmOf(card: Card): string | null {
    if (isLine(card)) {
        return card.film;
    }
    return 'shape' in card && !card.guide ? card.film : null;
}

/** The film that outlines and shadows must contrast with. */
export const mainFilm = (card: Card): string => ('colours' in card ? (card.colours[0]?.film ?? '') : card.film);
