import type { Film } from '../../api/client';
import { freeId, isLine, withCards, withNewLine, withRemoved, withWords, type Card, type Change } from '../model/edits';
import { cardOf, openCard } from '../state/select';
import type { BenchStore } from '../state/store';
import { withField } from './fields';

export interface Action {
    name: string;
    act: () => void;
    /** Destructive. */
    away?: boolean;
}

/** Actions for a card, or for the empty stage. */
export function actionsOf(store: BenchStore, id: string | null): Action[] {
    const { design, sheet, change, chosen, chooseAll, look, aim } = store.getState();
    const card = cardOf(design, id);
    if (!card) {
        return [
            { name: 'Add a line', act: () => addLine(store) },
            { name: 'Choose everything', act: () => chooseAll(allCards(store)) },
            { name: 'Show the area', act: () => aim('area') },
            { name: 'Show the whole blank', act: () => aim('blank') },
        ];
    }
    const cards = chosen.includes(card.id) ? chosen : [card.id];
    // Rare actions are loaded on demand.
    const whole = () => import('./whole');
    const each = (name: string, next: Change<Card>): Action => ({
        name,
        act: () => change(withCards(cards, next)),
    });
    return [
        ...(isLine(card) && !card.locked && cards.length === 1
            ? [
                  { name: 'Edit the words', act: () => look({ edited: card.id }) },
                  ...(['name', 'number', 'size'] as const).map((column) => ({
                      name: `Insert ${column} from the list`,
                      act: () => change(withWords(card.id, withField(card.lettering.words, column))),
                  })),
              ]
            : []),
        { name: 'Forward', act: () => void whole().then(({ step }) => step(store, cards, 'forward')) },
        { name: 'Back', act: () => void whole().then(({ step }) => step(store, cards, 'back')) },
        { name: 'Duplicate', act: () => void whole().then(({ duplicate }) => duplicate(store, cards)) },
        card.hidden ? each('Show', (now) => (now.hidden = false)) : each('Hide', (now) => (now.hidden = true)),
        card.locked ? each('Unlock', (now) => (now.locked = false)) : each('Lock', (now) => (now.locked = true)),
        ...(card.locked ? [] : [{ name: 'Remove', act: () => change(withRemoved(cards, sheet)), away: true }]),
    ];
}

const allCards = (store: BenchStore) => {
    const { lines, forms, motifs } = store.getState().design;
    return [...lines, ...forms, ...motifs].map(({ id }) => id);
};

/** Adds and selects a new line, on the chosen form or motif if any. */
export function addLine(store: BenchStore, rack: readonly Film[] = []): void {
    const { design, sheet, change, choose, look } = store.getState();
    const id = freeId(design);
    change(withNewLine(id, openCard(store.getState()), rack, sheet.parts));
    choose(id);
    look({ pane: 'sheet' });
}
