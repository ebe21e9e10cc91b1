import type { Design, Sheet } from '../../../api/client';
import { joined, overlaps } from '../pose';
import { cardsOf, edit, inTurn, type Card, type Edit } from './edit';

/** Cards in stacking order, bottom first, as on the server: by depth, then forms, motifs and lines in document order. */
export const bottomUp = (design: Design): Card[] =>
    natural(design)
        .map((card, at) => ({ card, at }))
        .sort((a, b) => a.card.depth - b.card.depth || a.at - b.at)
        .map(({ card }) => card);

/** Moves a card directly above or beneath another; the others keep their order. */
export const withDepth = (id: string, where: 'above' | 'beneath', other: string): Edit =>
    edit((design) => {
        const order = bottomUp(design).map((card) => card.id);
        if (id === other || !order.includes(id) || !order.includes(other)) {
            return;
        }
        const others = order.filter((one) => one !== id);
        others.splice(others.indexOf(other) + (where === 'above' ? 1 : 0), 0, id);
        giveDepths(design, others, id);
    });

/** Moves cards in front of the next card that overlaps them, or behind it. */
export const withDepthStep =
    (ids: readonly string[], way: 'forward' | 'back', sheet: Sheet): Edit =>
    (design) => {
        const order = bottomUp(design).map(({ id }) => id);
        const upward = way === 'forward' ? order : [...order].reverse();
        // Front cards first, to make room for those behind.
        const steps = [...upward].reverse().flatMap((id) => {
            const next = ids.includes(id)
                ? upward
                      .slice(upward.indexOf(id) + 1)
                      .find((other) => !ids.includes(other) && lieTogether(id, other, sheet))
                : undefined;
            return next === undefined ? [] : [withDepth(id, way === 'forward' ? 'above' : 'beneath', next)];
        });
        return inTurn(...steps)(design);
    };

/** Whether two cards overlap, so that their order matters. */
function lieTogether(one: string, other: string, sheet: Sheet): boolean {
    const [a, b] = [reachOf(one, sheet), reachOf(other, sheet)];
    return a !== null && b !== null && overlaps(a, b);
}

function reachOf(card: string, sheet: Sheet) {
    const inks = sheet.parts.flatMap((part) => (part.card === card && part.ink ? [part.ink] : []));
    return inks.length === 0 ? null : joined(inks);
}

/** In stacking order for equal depths. */
const natural = (design: Design): Card[] => [...design.forms, ...design.motifs, ...design.lines];

/** Assigns depths for an order, bottom first; changes only the moved card's depth if possible. */
function giveDepths(design: Design, order: readonly string[], moved: string): void {
    const cards = new Map(cardsOf(design).map((card) => [card.id, card]));
    const places = new Map(natural(design).map(({ id }, at) => [id, at]));
    const place = (id: string) => places.get(id) ?? 0;
    const depth = (id: string | undefined) => (id === undefined ? undefined : cards.get(id)?.depth);
    const at = order.indexOf(moved);
    const [below, above] = [order[at - 1], order[at + 1]];
    const fits = (own: number) =>
        (below === undefined || own > (depth(below) ?? 0) || (own === depth(below) && place(moved) > place(below))) &&
        (above === undefined || own < (depth(above) ?? 0) || (own === depth(above) && place(moved) < place(above)));
    const [low, high] = [depth(below), depth(above)];
    const found = [low, high, low !== undefined && low + 1, high !== undefined && high - 1].find(
        (own) => typeof own === 'number' && fits(own),
    );
    const card = cards.get(moved);
    if (card && typeof found === 'number') {
        card.depth = found;
        return;
    }
    order.reduce((least, id, number) => {
        const own = cards.get(id);
        const before = order[number - 1];
        const from = before === undefined ? (own?.depth ?? 0) : least + (place(id) > place(before) ? 0 : 1);
        if (own) {
            own.depth = id === moved ? from : Math.max(own.depth, from);
        }
        return own?.depth ?? from;
    }, 0);
}
