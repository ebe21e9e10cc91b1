import { useMemo } from 'react';
import type { Key } from '../ui/keys';
import { together } from './arrange';
import type { Asked } from './Bench';
import { withDropped } from './dropped';
import {
    cardsOf,
    freeId,
    isLine,
    withCard,
    withCopy,
    withFreeCopy,
    withLetter,
    withNewLine,
    withOrder,
    withoutFree,
    withoutLine,
    type Card,
    type Change,
} from './edits';
import type { Side } from './Stage';
import { moveBy, resized } from './stage/pose';
import { inTurns } from './stage/useHands';
import type { View } from './stage/useView';
import type { CarriedDraft } from './useCarried';

const arrows = [
    { arrow: 'ArrowLeft', x: -1, y: 0, to: 'left' },
    { arrow: 'ArrowRight', x: 1, y: 0, to: 'right' },
    { arrow: 'ArrowUp', x: 0, y: -1, to: 'up' },
    { arrow: 'ArrowDown', x: 0, y: 1, to: 'down' },
];

interface Context {
    draft: CarriedDraft;
    view: View;
    chosen: string | null;
    letter: number | null;
    onChoose: (line: string | null) => void;
    onEdit: (line: string | null) => void;
    onAsk: (asked: Asked) => void;
    onSide: (side: (now: Side) => Side) => void;
}

/** All that can be done by key on the Bench. */
export function useBenchKeys({ draft, view, chosen, letter, onChoose, onEdit, onAsk, onSide }: Context): Key[] {
    const { design, sheet, change, carry, undo, redo } = draft;
    const { zoom, pan, look } = view;
    return useMemo(() => {
        const line = design.lines.find(({ id }) => id === chosen);
        const at = design.lines.findIndex(({ id }) => id === chosen);
        const free = [...design.forms, ...design.motifs].find(({ id }) => id === chosen);
        const card = line ?? free;
        const cards = cardsOf(design).map(({ id }) => id);
        const part = sheet.parts.find((candidate) => candidate.card === chosen);
        // Every drag is a step of the history; presses of a key in a row are one.
        const nudge = (x: number, y: number) => {
            if (line && letter !== null && !line.locked) {
                change(
                    withLetter(line.id, letter, (now) => {
                        now.along += x / 200;
                        now.across -= y / 200;
                    }),
                    `letter:${line.id}:${letter}`,
                );
            }
        };
        const room = (by: number) => {
            if (line && letter !== null && !line.locked) {
                change(
                    withLetter(line.id, letter, (now) => (now.kern += by)),
                    `kern:${line.id}:${letter}`,
                );
            }
        };
        const move = (x: number, y: number) => {
            if (letter !== null) {
                nudge(x, y);
            } else if (chosen !== null && !card?.locked) {
                const pose = moveBy(x, y);
                carry(together(design, chosen), pose, withDropped(chosen, null, pose, sheet), `move:${chosen}`);
            }
        };
        const set = (next: Change<Card>, what: string) =>
            card && !card.locked && change(withCard(card.id, next), `${what}:${card.id}`);
        const size = (factor: number) =>
            set((now) => {
                if (!isLine(now)) {
                    now.size.width = Math.round(now.size.width * factor);
                    now.size.height = Math.round(now.size.height * factor);
                } else if (part) {
                    resized(part, factor, factor)(now);
                }
            }, 'size');
        const turn = (by: number) =>
            set(({ place }) => (place.turn = inTurns(Math.round((place.turn + by) * 10) / 10)), 'turn');
        const choose = (by: number) =>
            onChoose(cards[cards.indexOf(chosen ?? '') + by] ?? cards.at(by > 0 ? 0 : -1) ?? null);
        const add = () => {
            const id = freeId(design);
            change(withNewLine(id));
            onChoose(id);
        };
        return [
            { press: 'Ctrl+z', does: 'Undo', act: undo, always: true },
            { press: 'Ctrl+Shift+z', does: 'Redo', act: redo, always: true },
            { press: 'n', does: 'Add a line', act: add },
            { press: 'Tab', does: 'Go from field to field', shown: true },
            { press: 'PageDown', does: 'Choose the next card', act: () => choose(1), always: true },
            { press: 'PageUp', does: 'Choose the card before', act: () => choose(-1), always: true },
            {
                press: 'Enter',
                does: 'Edit the words of the chosen line on the stage',
                act: () => line && !line.locked && onEdit(line.id),
            },
            { press: 'Escape', does: 'Choose nothing', act: () => onChoose(null) },
            ...arrows.map(({ arrow, x, y, to }) => ({
                press: arrow,
                does: `Move the chosen line ${to} by 1 mm, or the chosen letter by 5 ‰`,
                act: () => move(x * 1000, y * 1000),
            })),
            ...arrows.map(({ arrow, x, y, to }) => ({
                press: `Shift+${arrow}`,
                does: `Move it ${to} by 0.1 mm, or by 0.5 ‰`,
                act: () => move(x * 100, y * 100),
            })),
            { press: '.', does: 'More room before the chosen letter, by 5 ‰', act: () => room(5) },
            { press: ',', does: 'Less room before the chosen letter', act: () => room(-5) },
            { press: '>', does: 'Make it larger by 1 %', act: () => size(1.01) },
            { press: '<', does: 'Make it smaller by 1 %', act: () => size(1 / 1.01) },
            { press: ']', does: 'Turn it clockwise by 1°', act: () => turn(1) },
            { press: '[', does: 'Turn it anticlockwise by 1°', act: () => turn(-1) },
            {
                press: 'Ctrl+ArrowUp',
                does: 'Put it before the line above',
                act: () => line && change(withOrder(line.id, at - 1)),
            },
            {
                press: 'Ctrl+ArrowDown',
                does: 'Put it after the line below',
                act: () => line && change(withOrder(line.id, at + 1)),
            },
            {
                press: 'd',
                does: 'Duplicate it',
                act: () => (free ? change(withFreeCopy(free.id)) : line && change(withCopy(line.id, freeId(design)))),
            },
            {
                press: 'v',
                does: 'Hide or show it',
                act: () => set((now) => (now.hidden = !now.hidden), 'hidden'),
            },
            {
                press: 'l',
                does: 'Lock or unlock it',
                act: () =>
                    card &&
                    change(
                        withCard(card.id, (now) => (now.locked = !now.locked)),
                        `locked:${card.id}`,
                    ),
            },
            {
                press: 'Delete',
                does: 'Remove it',
                act: () =>
                    free
                        ? !free.locked && change(withoutFree(free.id))
                        : line && !line.locked && change(withoutLine(line.id)),
            },
            { press: '1', does: 'Show the area', act: () => look('area') },
            { press: '2', does: 'Show the ink', act: () => look('ink') },
            { press: '3', does: 'Show the whole blank', act: () => look('blank') },
            { press: '+', does: 'Look closer', act: () => zoom(1.25) },
            { press: '-', does: 'Look from further off', act: () => zoom(1 / 1.25) },
            ...arrows.map(({ arrow, x, y, to }) => ({
                press: `Alt+${arrow}`,
                does: `Look further ${to}`,
                act: () => pan(-60 * x, -60 * y),
            })),
            {
                press: 'k',
                does: 'Knife lines or wear side',
                act: () => onSide((side) => (side === 'wear' ? 'knife' : 'wear')),
            },
            { press: 'h', does: 'Show the history', act: () => onAsk('history') },
            { press: 'p', does: 'Show the proof', act: () => onAsk('proof') },
            { press: 'a', does: 'Line cards up, space them, keep them together', act: () => onAsk('arrange') },
            { press: '?', does: 'Show these keys', act: () => onAsk('keys') },
        ];
    }, [design, sheet, change, carry, undo, redo, chosen, letter, onChoose, onEdit, onAsk, onSide, zoom, pan, look]);
}
