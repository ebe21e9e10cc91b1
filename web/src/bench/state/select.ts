import type { Design, Line, SheetPart } from '../../api/client';
import { cardsOf, lettersAlike, type Card } from '../model/edits';
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

/** The letters that are chosen: one, or all that are like it; none if no line is open. */
export function chosenLetters(bench: Bench): { line: Line; at: number; places: number[] } | null {
    const line = lineOf(bench.design, openCard(bench));
    const at = bench.letter;
    return line && at !== null ? { line, at, places: bench.alike ? lettersAlike(line, at) : [at] } : null;
}
