import type { Design, Sheet } from '../../../api/client';
import { joined, overlaps } from '../pose';
import { cardsOf, edit, inTurn, type Card, type Edit } from './edit';

/** The cards from the bottom up, as the server has them: by depth; of the same depth forms, then motifs, then lines, each in its order. */
export const bottomUp = (design: Design): Card[] =>
    natural(design)
        .map((card, at) => ({ card, at }))
        .sort((a, b) => a.card.depth - b.card.depth || a.at - b.at)
        .map(({ card }) => card);

/** A card put right above or beneath another; the others keep what lies on what. */
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

/** Brings cards forward of the next one that lies on them, or puts them back behind the next one that they lie on. */
export const withDepthStep =
    (ids: readonly string[], way: 'forward' | 'back', sheet: Sheet): Edit =>
    (design) => {
        const order = bottomUp(design).map(({ id }) => id);
        const upward = way === 'forward' ? order : [...order].reverse();
        // The foremost goes first, so that those behind it have room.
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

/** Whether any card could be brought before or behind another one. */
function lieTogether(one: string, other: string, sheet: Sheet): boolean {
    const [a, b] = [reachOf(one, sheet), reachOf(other, sheet)];
    return a !== null && b !== null && overlaps(a, b);
}

function reachOf(card: string, sheet: Sheet) {
    const inks = sheet.parts.flatMap((part) => (part.card === card && part.ink ? [part.ink] : []));
    return inks.length === 0 ? null : joined(inks);
}

/** In the order in which cards of one depth lie on one another. */
const natural = (design: Design): Card[] => [...design.forms, ...design.motifs, ...design.lines];

/** Gives cards an order from the bottom up. Only the depth of the moved one changes where that is enough. */
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
