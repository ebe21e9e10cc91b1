import type { Design, Form, Motif } from '../../../api/client';
import { withoutTheirs, withTheirs } from './belongings';
import { freeGroup, freeId } from './cards';
import { cardsOf, edit, isLine, type Card, type Edit } from './edit';

/**
 * Copies of cards with all that belongs to them, each right after its card: lines below it, forms and motifs somewhat to the right and
 * below. Among each other they are as those that they come from.
 */
export function withCopies(design: Design, ids: readonly string[]): { edit: Edit; copies: string[] } {
    const copies: string[] = [];
    const made = edit((now) => {
        const copied = new Map<string, string>();
        for (const id of withTheirs(now, ids)) {
            const made = [
                ...copyIn(now.lines, id, freeId(now, 'line'), (line) => {
                    line.stacking.gap = 8000;
                }),
                ...copyIn(now.forms, id, freeId(now, 'form'), aside),
                ...copyIn(now.motifs, id, freeId(now, 'motif'), aside),
            ];
            made.forEach((copy) => copied.set(id, copy));
        }
        const made = cardsOf(now).filter(({ id }) => [...copied.values()].includes(id));
        made.forEach((copy) => leadTo(copy, copied));
        regroup(now, made);
        copies.splice(0, copies.length, ...withoutTheirs(now, [...copied.values()]));
    });
    // Run once in advance to learn the new ids.
    made(design);
    return { edit: made, copies };
}

/** Groups copies with each other instead of with their originals. In place. */
function regroup(design: Design, copies: readonly Card[]): void {
    for (const group of new Set(copies.map(({ treatments }) => treatments.group))) {
        const mates = copies.filter(({ treatments }) => treatments.group === group);
        const fresh = group !== '' && mates.length > 1 ? freeGroup(design) : '';
        mates.forEach(({ treatments }) => (treatments.group = fresh));
    }
}

/** Points a copy's references at copies instead of originals. In place. */
function leadTo(copy: Card, copied: ReadonlyMap<string, string>): void {
    const now = (id: string) => copied.get(id) ?? id;
    const { setInto, cutFrom } = copy.treatments;
    copy.belongs.to = now(copy.belongs.to);
    setInto.cards = setInto.cards.map(now);
    cutFrom.card = now(cutFrom.card);
    if (isLine(copy)) {
        copy.fills.form = now(copy.fills.form);
        copy.follows.outline.shape = now(copy.follows.outline.shape);
        copy.follows.ring.with = now(copy.follows.ring.with);
    }
}

const aside = ({ place }: Form | Motif) => {
    place.across += 8000;
    place.down += 8000;
};

function copyIn<Kind extends Card>(cards: Kind[], id: string, copyId: string, change: (copy: Kind) => void): string[] {
    const at = cards.findIndex((card) => card.id === id);
    const card = cards[at];
    if (!card) {
        return [];
    }
    const copy = { ...(JSON.parse(JSON.stringify(card)) as Kind), id: copyId, locked: false };
    change(copy);
    cards.splice(at + 1, 0, copy);
    return [copyId];
}
