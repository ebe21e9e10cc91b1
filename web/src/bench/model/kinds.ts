import { isLine, type Card } from './edits';
import type { Drawer } from './summary';

export const drawerNames: Readonly<Record<Drawer, string>> = {
    place: 'Position',
    letters: 'Letters',
    bend: 'Bend',
    outlines: 'Outlines',
    inset: 'Inset',
    copies: 'Copies',
    shape: 'Shape',
    colours: 'Colours',
};

const treatments: readonly Drawer[] = ['outlines', 'inset', 'copies'];

/** The drawers of a card, in the order of the strip. That of a line's position is opened from its row. */
export function drawersOf(card: Card): readonly Drawer[] {
    if (isLine(card)) {
        return ['letters', 'bend', ...treatments];
    }
    return 'shape' in card ? (card.guide ? ['shape'] : ['shape', ...treatments]) : ['colours', ...treatments];
}

/** What kind of card it is, as it is announced. */
export const kindOf = (card: Card): 'Line' | 'Form' | 'Motif' =>
    isLine(card) ? 'Line' : 'shape' in card ? 'Form' : 'Motif';
