import type { Line } from '../../api/client';
import { withCard, type Card, type Edit } from './edits';

export type BySize = Line['bySize'];
export type SizeRule = BySize['rule'];

/** Behaviour of a card's size on other sizes of the blank. */
export const withSizeRule = (id: string, rule: SizeRule): Edit => withCard(id, (card) => (card.bySize.rule = rule));

/** Sets a table entry for one size; the table then applies. */
export const withSizeMeasure = (id: string, size: string, length: number): Edit =>
    withCard(id, (card) => {
        const others = card.bySize.table.filter((entry) => entry.size !== size);
        card.bySize = { rule: 'table', table: [...others, { size, length }] };
    });

/** The driving dimension of a card: a line's own, or the width of a form or motif. */
export const measureOf = (card: Card): number => ('length' in card.size ? card.size.length : card.size.width);
