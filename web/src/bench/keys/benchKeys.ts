import type { Design } from '../../api/client';
import type { Key } from '../../ui/keys';
import { together, withAligned, withGroup, withSpaced, type Edge } from '../model/arrange';
import { withDropped } from '../model/dropped';
import {
    cardsOf,
    edit,
    freeGroup,
    inTurn,
    inTurns,
    isLine,
    ownerOf,
    sizeCard,
    sizeTheirs,
    withCard,
    withCards,
    withLetters,
    withOrder,
    withRemoved,
    withTurn,
    type Card,
    type Change,
} from '../model/edits';
import { drawersOf } from '../model/kinds';
import { moveBy, resized } from '../model/pose';
import { addLine } from '../shared/actions';
import { duplicate, step } from '../shared/whole';
import { cardOf, chosenLetters, openCard, partOf } from '../state/select';
import type { BenchStore } from '../state/store';

/** Tasks, in the order of the key list. */
export const groups = ['Choose', 'Move and size', 'Several at once', 'Cards', 'Letters', 'Look', 'Everything'] as const;

const arrows = [
    { arrow: 'ArrowLeft', x: -1, y: 0 },
    { arrow: 'ArrowRight', x: 1, y: 0 },
    { arrow: 'ArrowUp', x: 0, y: -1 },
    { arrow: 'ArrowDown', x: 0, y: 1 },
];

/** The same for all four arrows, listed once. */
const perArrow = (
    group: (typeof groups)[number],
    before: string,
    does: string,
    act: (x: number, y: number) => unknown,
): Key[] =>
    arrows.map(({ arrow, x, y }, at) => ({
        press: `${before}${arrow}`,
        show: `${before}←↑→↓`,
        does: at === 0 ? does : '',
        group,
        act: () => act(x, y),
    }));

const edgeKeys: readonly { press: string; edge: Edge; does: string }[] = [
    { press: 'Alt+l', edge: 'left', does: 'Line up left' },
    { press: 'Alt+c', edge: 'centre', does: 'Line up on the centre line' },
    { press: 'Alt+r', edge: 'right', does: 'Line up right' },
    { press: 'Alt+t', edge: 'top', does: 'Line up at the top' },
    { press: 'Alt+m', edge: 'middle', does: 'Line up in the middle' },
    { press: 'Alt+b', edge: 'bottom', does: 'Line up at the bottom' },
];

/** All keys of the Bench. */
export function keysOf(store: BenchStore): Key[] {
    const bench = () => store.getState();
    const { undo, redo, look, aim, zoom, pan } = bench();
    const all = () => cardsOf(bench().design).map(({ id }) => id);
    const open = () => cardOf(bench().design, openCard(bench()));

    /** The chosen letters of the open line; null if there are none. */
    const letter = () => {
        const own = chosenLetters(bench());
        return own && !own.line.locked ? { line: own.line.id, places: own.places } : null;
    };
    const move = (x: number, y: number) => {
        const { design, sheet, chosen, carry, change } = bench();
        const own = letter();
        if (own) {
            const nudge = withLetters(own.line, own.places, (now) => {
                now.along += x / 200;
                now.across -= y / 200;
            });
            change(nudge, `letter:${own.line}:${own.places.join()}`);
            return;
        }
        const cards = [...new Set(chosen.flatMap((id) => together(design, id)))].filter(
            (id) => !cardOf(design, id)?.locked,
        );
        const [card] = cards;
        if (card !== undefined) {
            const pose = moveBy(x, y);
            // Repeated presses of a key are one history step, like a drag.
            carry(cards, pose, withDropped({ card, cards, pose, handled: null }, sheet), `move:${chosen.join(' ')}`);
        }
    };
    const kern = (by: number) => {
        const own = letter();
        if (own) {
            bench().change(
                withLetters(own.line, own.places, (now) => (now.kern += by)),
                `kern:${own.line}:${own.places.join()}`,
            );
        }
    };
    const set = (next: Change<Card>, what: string, theirs: (design: Design, id: string) => void = () => {}) => {
        const card = open();
        if (card && !card.locked) {
            const { id } = card;
            bench().change(
                inTurn(
                    edit((design) => theirs(design, id)),
                    withCard(id, next),
                ),
                `${what}:${id}`,
            );
        }
    };
    const size = (factor: number) =>
        set(
            (now) => {
                const part = partOf(bench(), now.id);
                if (!isLine(now) || ownerOf(bench().design, now.id)) {
                    sizeCard(now, factor, factor);
                } else if (part) {
                    resized(part, factor, factor)(now);
                }
            },
            'size',
            (design, id) => sizeTheirs(design, id, factor, factor),
        );
    const turn = (by: number) => {
        const card = open();
        if (card && !card.locked) {
            bench().change(withTurn(card.id, inTurns(Math.round((card.place.turn + by) * 10) / 10)), `turn:${card.id}`);
        }
    };
    const choose = (by: number) => {
        const cards = all();
        const last = bench().chosen.at(-1) ?? '';
        bench().choose(cards[cards.indexOf(last) + by] ?? cards.at(by > 0 ? 0 : -1) ?? null);
    };
    /** Adds the next card to the selection. */
    const extend = (by: number) => {
        const cards = all();
        const { chosen, chooseAll } = bench();
        const next = cards[cards.indexOf(chosen.at(-1) ?? '') + by];
        if (next !== undefined) {
            chooseAll([...chosen.filter((id) => id !== next), next]);
        }
    };
    const order = (by: number) => {
        const card = open();
        const { design, change } = bench();
        if (card) {
            const kind = [design.lines, design.forms, design.motifs].find((cards) =>
                cards.some(({ id }) => id === card.id),
            );
            change(withOrder(card.id, (kind ?? []).findIndex(({ id }) => id === card.id) + by));
        }
    };
    const each = (next: (card: Card, cards: readonly Card[]) => unknown, what: string) => {
        const { chosen, design, change } = bench();
        const cards = chosen.flatMap((id) => cardOf(design, id) ?? []);
        change(
            withCards(chosen, (card) => next(card, cards)),
            `${what}:${chosen.join(' ')}`,
        );
    };
    const drawer = (at: number) => {
        const card = open();
        const next = card && drawersOf(card)[at];
        if (next) {
            bench().open(bench().drawer === next ? null : next);
        }
    };

    return [
        { press: 'PageDown', does: 'Next card', group: 'Choose', act: () => choose(1), always: true },
        { press: 'PageUp', does: 'Previous card', group: 'Choose', act: () => choose(-1), always: true },
        { press: 'Shift+PageDown', does: 'Add the next card', group: 'Choose', act: () => extend(1), always: true },
        { press: 'Shift+PageUp', does: 'Add the previous card', group: 'Choose', act: () => extend(-1), always: true },
        { press: 'Ctrl+a', does: 'All cards', group: 'Choose', act: () => bench().chooseAll(all()) },
        {
            press: 'q',
            does: 'Lasso on the stage',
            group: 'Choose',
            act: () => look({ lasso: !bench().lasso, erasing: null }),
        },
        {
            press: 'Escape',
            does: 'Nothing',
            group: 'Choose',
            act: () =>
                bench().erasing || bench().lasso ? look({ erasing: null, lasso: false }) : bench().choose(null),
        },
        { press: 'Tab', does: 'From field to field', group: 'Choose', shown: true },
        ...perArrow('Move and size', '', 'Move by 1 mm', (x, y) => move(1000 * x, 1000 * y)),
        ...perArrow('Move and size', 'Shift+', 'Move by 0.1 mm', (x, y) => move(100 * x, 100 * y)),
        { press: '>', does: 'Larger by 1 %', group: 'Move and size', act: () => size(1.01) },
        { press: '<', does: 'Smaller by 1 %', group: 'Move and size', act: () => size(1 / 1.01) },
        { press: ']', does: 'Turn clockwise by 1°', group: 'Move and size', act: () => turn(1) },
        { press: '[', does: 'Turn anticlockwise by 1°', group: 'Move and size', act: () => turn(-1) },
        ...edgeKeys.map(({ press, edge, does }) => ({
            press,
            does,
            group: 'Several at once' as const,
            act: () => bench().change(withAligned(bench().chosen, edge, bench().sheet)),
        })),
        {
            press: 'Alt+h',
            does: 'Space evenly across',
            group: 'Several at once',
            act: () => bench().change(withSpaced(bench().chosen, 'across', bench().sheet)),
        },
        {
            press: 'Alt+v',
            does: 'Space evenly down',
            group: 'Several at once',
            act: () => bench().change(withSpaced(bench().chosen, 'down', bench().sheet)),
        },
        {
            press: 'g',
            does: 'Keep together, or let go',
            group: 'Several at once',
            act: () => {
                const { chosen, design, change } = bench();
                const grouped = chosen.some((id) => cardOf(design, id)?.treatments.group);
                change(withGroup(chosen, grouped ? '' : freeGroup(design)));
            },
        },
        {
            press: 'f',
            does: 'Choose their film',
            group: 'Several at once',
            act: openFilms,
        },
        { press: 'n', does: 'Add a line', group: 'Cards', act: () => addLine(store) },
        {
            press: 'Enter',
            does: 'Edit the words on the stage',
            group: 'Cards',
            act: () => {
                const card = open();
                if (card && isLine(card) && !card.locked) {
                    look({ edited: card.id });
                }
            },
        },
        { press: 'Ctrl+ArrowUp', does: 'Earlier in the order', group: 'Cards', act: () => order(-1) },
        { press: 'Ctrl+ArrowDown', does: 'Later in the order', group: 'Cards', act: () => order(1) },
        {
            press: 'o',
            does: 'Forward, before what lies on it',
            group: 'Cards',
            act: () => step(store, bench().chosen, 'forward'),
        },
        {
            press: 'u',
            does: 'Back, behind what it lies on',
            group: 'Cards',
            act: () => step(store, bench().chosen, 'back'),
        },
        { press: 'd', does: 'Duplicate', group: 'Cards', act: () => duplicate(store, bench().chosen) },
        {
            press: 'v',
            does: 'Hide or show',
            group: 'Cards',
            act: () => each((card, cards) => (card.hidden = !cards.every(({ hidden }) => hidden)), 'hidden'),
        },
        {
            press: 'l',
            does: 'Lock or unlock',
            group: 'Cards',
            act: () => each((card, cards) => (card.locked = !cards.every(({ locked }) => locked)), 'locked'),
        },
        {
            press: 'Delete',
            does: 'Remove',
            group: 'Cards',
            act: () => bench().change(withRemoved(bench().chosen, bench().sheet)),
        },
        ...[1, 2, 3, 4, 5].map((number) => ({
            press: `Alt+${number}`,
            show: 'Alt+1–5',
            does: number === 1 ? 'Open a drawer' : '',
            group: 'Cards' as const,
            act: () => drawer(number - 1),
        })),
        {
            press: '←↑→↓',
            show: '←↑→↓',
            does: 'Move the chosen letter by 5 ‰, with Shift 0.5',
            group: 'Letters',
            shown: true,
        },
        { press: '.', does: 'More space before it', group: 'Letters', act: () => kern(5) },
        { press: ',', does: 'Less space before it', group: 'Letters', act: () => kern(-5) },
        { press: '1', does: 'The area', group: 'Look', act: () => aim('area') },
        { press: '2', does: 'The ink', group: 'Look', act: () => aim('ink') },
        { press: '3', does: 'The whole blank', group: 'Look', act: () => aim('blank') },
        { press: '+', does: 'Zoom in', group: 'Look', act: () => zoom(1.25) },
        { press: '-', does: 'Zoom out', group: 'Look', act: () => zoom(1 / 1.25) },
        ...perArrow('Look', 'Alt+', 'Move the view', (x, y) => pan(-60 * x, -60 * y)),
        {
            press: 'k',
            does: 'Knife lines or wear side',
            group: 'Look',
            act: () => look({ side: bench().side === 'wear' ? 'knife' : 'wear' }),
        },
        { press: 'Alt+PageDown', does: 'Next person of the list', group: 'Look', shown: true },
        { press: 'Alt+PageUp', does: 'Previous person', group: 'Look', shown: true },
        { press: 'Ctrl+z', does: 'Undo', group: 'Everything', act: undo, undoes: true },
        { press: 'Ctrl+y', show: 'Ctrl+Y', does: 'Redo', group: 'Everything', act: redo, undoes: true },
        { press: 'Ctrl+Shift+z', does: 'Redo', group: 'Everything', act: redo, undoes: true },
        { press: 'h', does: 'History', group: 'Everything', act: () => look({ asked: 'history' }) },
        { press: 'p', does: 'Proof', group: 'Everything', act: () => look({ asked: 'proof' }) },
        { press: '?', does: 'These keys', group: 'Everything', act: () => look({ asked: 'keys' }) },
    ];
}

/** Opens the list of films for the selection, like the arrow key in it. */
function openFilms(): void {
    const list = document.querySelector<HTMLElement>(
        '[aria-label="Film of the chosen cards"], [data-open] [aria-label="Film"]',
    );
    list?.focus();
    list?.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowDown', bubbles: true }));
}
