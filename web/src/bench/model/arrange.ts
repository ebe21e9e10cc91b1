import type { Design, Frame, Sheet } from '../../api/client';
import {
    cardsOf,
    edit,
    holderOf,
    ownerOf,
    withMove,
    withOwnPlace,
    withoutTheirs,
    withTheirs,
    type Edit,
} from './edits';
import { isPlaced } from './follows';
import { joined } from './pose';

export type Edge = 'left' | 'centre' | 'right' | 'top' | 'middle' | 'bottom';

/** Cards that move together, and their common ink. */
interface Unit {
    /** The leading cards, which the others follow. */
    roots: string[];
    ink: Frame;
}

/** A card, its group, and everything that belongs to them. */
export function together(design: Design, id: string): string[] {
    const group = cardsOf(design).find((card) => card.id === id)?.treatments.group;
    return withTheirs(
        design,
        group ? cardsOf(design).flatMap((card) => (card.treatments.group === group ? [card.id] : [])) : [id],
    );
}

const inkOf = (sheet: Sheet, id: string) => sheet.parts.find((part) => part.card === id && part.role === 'base')?.ink;

/** The chosen cards, those of one group as one. */
function units(design: Design, sheet: Sheet, chosen: readonly string[]): Unit[] {
    const seen = new Set<string>();
    return withoutTheirs(design, chosen).flatMap((id) => {
        if (seen.has(id)) {
            return [];
        }
        const cards = together(design, id);
        cards.forEach((card) => seen.add(card));
        const inks = cards.flatMap((card) => inkOf(sheet, card) ?? []);
        return inks.length > 0 ? [{ roots: withoutTheirs(design, cards), ink: joined(inks) }] : [];
    });
}

/** Moves cards by different distances, one after the other, each from the state after the previous ones. */
function moved(moves: readonly { card: string; dx: number; dy: number }[], sheet: Sheet): Edit {
    return (design) => {
        let now = design;
        let there = sheet;
        const held = new Set<string>();
        for (const { card, dx, dy } of moves) {
            const line = now.lines.find(({ id }) => id === card);
            // Lines on the same ring share a position, which moves once.
            const holder = ownerOf(design, card) ? card : (holderOf(design, card) ?? card);
            if (held.has(holder) || cardsOf(now).find(({ id }) => id === card)?.locked) {
                continue;
            }
            held.add(holder);
            const theirs = withTheirs(design, [card]);
            now = (line && !isPlaced(line) ? withMove(card, dx, dy, there) : withOwnPlace(card, dx, dy))(now);
            there = {
                ...there,
                parts: there.parts.map((part) =>
                    theirs.includes(part.card) && part.ink
                        ? { ...part, ink: { ...part.ink, left: part.ink.left + dx, top: part.ink.top + dy } }
                        : part,
                ),
            };
        }
        return now;
    };
}

const allOf = (unit: Unit, dx: number, dy: number) =>
    unit.roots.map((card) => ({ card, dx: Math.round(dx), dy: Math.round(dy) }));

/** Moves cards by the same distance; locked ones stay. */
export const withMoved =
    (cards: readonly string[], dx: number, dy: number, sheet: Sheet): Edit =>
    (design) =>
        moved(
            withoutTheirs(design, cards).map((card) => ({ card, dx, dy })),
            sheet,
        )(design);

/** Aligns the chosen cards by their ink: to each other, or a single one to the area. */
export const withAligned =
    (chosen: readonly string[], edge: Edge, sheet: Sheet): Edit =>
    (design) => {
        const all = units(design, sheet, chosen);
        const to = all.length > 1 ? joined(all.map(({ ink }) => ink)) : sheet.area;
        const moves = all.flatMap((unit) => {
            const { left, top, width, height } = unit.ink;
            const by: Record<Edge, [number, number]> = {
                left: [to.left - left, 0],
                centre: [to.left + to.width / 2 - left - width / 2, 0],
                right: [to.left + to.width - left - width, 0],
                top: [0, to.top - top],
                middle: [0, to.top + to.height / 2 - top - height / 2],
                bottom: [0, to.top + to.height - top - height],
            };
            return allOf(unit, ...by[edge]);
        });
        return moved(moves, sheet)(design);
    };

/** Spaces the ink of the chosen cards evenly; the outer two stay. */
export const withSpaced =
    (chosen: readonly string[], way: 'across' | 'down', sheet: Sheet): Edit =>
    (design) => {
        const [start, size] = way === 'across' ? (['left', 'width'] as const) : (['top', 'height'] as const);
        const all = units(design, sheet, chosen).sort((a, b) => a.ink[start] - b.ink[start]);
        const [first, last] = [all[0], all.at(-1)];
        if (!first || !last || all.length < 3) {
            return design;
        }
        const room = last.ink[start] + last.ink[size] - first.ink[start];
        const gap = (room - all.reduce((sum, { ink }) => sum + ink[size], 0)) / (all.length - 1);
        let at = first.ink[start];
        const moves = all.flatMap((unit) => {
            const by = at - unit.ink[start];
            at += unit.ink[size] + gap;
            return way === 'across' ? allOf(unit, by, 0) : allOf(unit, 0, by);
        });
        return moved(moves, sheet)(design);
    };

/** Groups the chosen cards, or ungroups them. */
export const withGroup = (chosen: readonly string[], group: string): Edit =>
    edit((design) => {
        for (const { treatments } of cardsOf(design).filter(({ id }) => chosen.includes(id))) {
            treatments.group = group;
        }
    });
