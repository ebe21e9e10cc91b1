import type { Design, Sheet, SheetPart } from '../../../api/client';
import { isPlaced } from '../follows';
import { scaleShape } from '../pose';
import { fitMeasures } from '../forms';
import { cardsOf, edit, isLine, type Card, type Edit } from './edit';

/** The card that a card belongs to, if it exists. */
export const ownerOf = (design: Design, id: string): Card | undefined => {
    const cards = cardsOf(design);
    const to = cards.find((card) => card.id === id)?.belongs.to;
    return to && to !== id && !ownedBy(cards, id).includes(to) ? cards.find((card) => card.id === to) : undefined;
};

/** Everything that belongs to a card, directly or not. */
export const belongingsOf = (design: Design, id: string): string[] => ownedBy(cardsOf(design), id);

function ownedBy(cards: readonly Card[], id: string): string[] {
    const found: string[] = [];
    for (let next = [id]; next.length > 0;) {
        next = cards.flatMap((card) =>
            next.includes(card.belongs.to) && card.id !== id && !found.includes(card.id) ? [card.id] : [],
        );
        found.push(...next);
    }
    return found;
}

/** Cards and everything that belongs to them. */
export const withTheirs = (design: Design, ids: readonly string[]): string[] => [
    ...new Set(ids.flatMap((id) => [id, ...belongingsOf(design, id)])),
];

/** Cards, except those that move along with others among them. */
export const withoutTheirs = (design: Design, ids: readonly string[]): string[] =>
    ids.filter((id) => !ids.some((other) => other !== id && belongingsOf(design, other).includes(id)));

/** Scales everything that belongs to a card, along and across the card. In place. */
export function sizeTheirs(design: Design, id: string, along: number, across: number): void {
    const owner = cardsOf(design).find((candidate) => candidate.id === id);
    const turn = owner ? frameTurn(owner) : 0;
    for (const other of belongingsOf(design, id)) {
        const card = cardsOf(design).find((candidate) => candidate.id === other);
        if (!card) {
            continue;
        }
        card.belongs.across = Math.round(card.belongs.across * along);
        card.belongs.down = Math.round(card.belongs.down * across);
        // Rotated or proportional cards scale equally in both directions.
        const both = Math.sqrt(along * across);
        const straight = Math.abs(((card.place.turn - turn) / 180) % 1) < 0.001;
        if (straight && (isLine(card) || !card.size.proportional)) {
            sizeCard(card, along, across);
        } else {
            sizeCard(card, both, both);
        }
    }
}

/** Scales a card's own settings. In place. */
export function sizeCard(card: Card, along: number, across: number): void {
    if (isLine(card)) {
        const { size } = card;
        if (size.by === 'both') {
            size.length = Math.max(500, Math.round(size.length * along));
            size.high = Math.max(500, Math.round(size.high * across));
        } else if (size.by !== 'area' && size.by !== 'share' && size.by !== 'turns') {
            size.length = Math.max(500, Math.round(size.length * (size.by === 'width' ? along : across)));
            size.stretch = Math.min(1000, Math.max(10, Math.round(size.stretch * (along / across) * 100) / 100));
        }
        scaleShape(card, across);
        return;
    }
    const before = { ...card.size };
    card.size.width = Math.max(500, Math.round(card.size.width * along));
    card.size.height = Math.max(500, Math.round(card.size.height * across));
    if ('shape' in card) {
        fitMeasures(card.shape, before, card.size);
    }
}

/** Rotates everything that belongs to a card, in degrees clockwise. In place. */
export function turnTheirs(design: Design, id: string, by: number): void {
    for (const other of belongingsOf(design, id)) {
        const card = cardsOf(design).find((candidate) => candidate.id === other);
        if (card) {
            card.place.turn = inTurns(card.place.turn + by);
        }
    }
}

/** The angle reduced to −180 … 180 degrees. */
export const inTurns = (degrees: number) => Math.round((((((degrees + 180) % 360) + 360) % 360) - 180) * 1000) / 1000;

/** Rotates a card to an angle, with everything that belongs to it. */
export const withTurn = (id: string, turn: number): Edit =>
    edit((design) => {
        const card = cardsOf(design).find((candidate) => candidate.id === id);
        if (card) {
            turnTheirs(design, id, turn - card.place.turn);
            card.place.turn = turn;
        }
    });

/** Rotation of a card's frame, in which its belongings are measured. */
const frameTurn = (card: Card) => (isLine(card) && isPlaced(card) ? 0 : card.place.turn);

/** A distance on the stage, along and across a card's frame. */
export function inFrameOf(owner: Card, dx: number, dy: number) {
    const turn = (frameTurn(owner) * Math.PI) / 180;
    const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
    return { across: Math.round(dx * cos + dy * sin), down: Math.round(dy * cos - dx * sin) };
}

/** Attaches a card to another: where it is, or at the other's centre. */
export const withOwner = (id: string, to: string, sheet: Sheet, where: 'there' | 'middle' = 'there'): Edit =>
    edit((design) => {
        const card = cardsOf(design).find((candidate) => candidate.id === id);
        const owner = cardsOf(design).find((candidate) => candidate.id === to);
        const [own, other] = [partOf(sheet, id), partOf(sheet, to)];
        if (!card || !owner || !own || !other || id === to || belongingsOf(design, id).includes(to)) {
            return;
        }
        // Round lines are positioned by their centre.
        const middle = (isLine(card) && isPlaced(card) && own.handles?.circle) || { x: own.middleX, y: own.middleY };
        const [right, down] = [middle.x - other.middleX, middle.y - other.middleY];
        card.belongs = {
            scale: 100,
            to,
            ...(where === 'there' ? inFrameOf(owner, right, down) : { across: 0, down: 0 }),
        };
    });

const partOf = (sheet: Sheet, id: string): SheetPart | undefined => sheet.parts.find((part) => part.card === id);

/** Makes the scale a card was shrunk by part of its own size. In place. */
export function takeOnScale(card: Card): void {
    const { scale } = card.belongs;
    if (scale !== 100) {
        sizeCard(card, scale / 100, scale / 100);
        card.belongs.scale = 100;
    }
}
