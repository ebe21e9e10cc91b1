import type { Design, Line, SheetPart } from '../../api/client';
import { cardsOf, type Card } from '../model/edits';
import type { Bench } from './store';

/** The chosen card where just one is: the one that is open. */
export const openCard = ({ chosen }: Bench): string | null => (chosen.length === 1 ? (chosen[0] ?? null) : null);

export const cardOf = (design: Design, id: string | null): Card | undefined =>
    cardsOf(design).find((card) => card.id === id);

export const lineOf = (design: Design, id: string | null): Line | undefined =>
    design.lines.find((line) => line.id === id);

/** The first part of a card, which says where it is and how large. */
export const partOf = ({ sheet }: Bench, id: string | null): SheetPart | undefined =>
    sheet.parts.find((part) => part.card === id);
