import type { Line } from '../../api/client';
import { withCard, type Card, type Edit } from './edits';

export type BySize = Line['bySize'];
export type SizeRule = BySize['rule'];

/** What a card's measures do on other sizes of the blank. */
export const withSizeRule = (id: string, rule: SizeRule): Edit => withCard(id, (card) => (card.bySize.rule = rule));

/** A measure of its own on one size; the table then counts. */
export const withSizeMeasure = (id: string, size: string, length: number): Edit =>
    withCard(id, (card) => {
        const others = card.bySize.table.filter((entry) => entry.size !== size);
        card.bySize = { rule: 'table', table: [...others, { size, length }] };
    });

/** The measure by which a card is sized: a line's own, a form's or motif's width. */
export const measureOf = (card: Card): number => ('length' in card.size ? card.size.length : card.size.width);
