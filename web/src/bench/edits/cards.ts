import type { Design, Erasure, Film, Form, Motif, SheetFix, SheetRemoval, Treatments } from '../../api/client';
import { defaults } from '../../api/defaults';
import { formNames } from '../forms';
import { cardsOf, edit, takeFilm, withCard, type Change, type Edit } from './edit';

export function freeId(design: Design, kind: 'line' | 'form' | 'motif' = 'line'): string {
    const taken = new Set(cardsOf(design).map(({ id }) => id));
    let number = { line: design.lines, form: design.forms, motif: design.motifs }[kind].length + 1;
    while (taken.has(`${kind}-${number}`)) {
        number += 1;
    }
    return `${kind}-${number}`;
}

/** What a card is called in a list. */
export function cardName(design: Design, id: string): string {
    const line = design.lines.find((candidate) => candidate.id === id);
    const form = design.forms.find((candidate) => candidate.id === id);
    if (line) {
        return line.lettering.words.trim() || 'a line without words';
    }
    const motif = design.motifs.find((candidate) => candidate.id === id);
    if (motif) {
        return motif.name;
    }
    if (!form) {
        return 'nothing that is there';
    }
    const alike = design.forms.filter(({ shape }) => shape.kind === form.shape.kind);
    return formNames[form.shape.kind] + (alike.length > 1 ? ` ${alike.indexOf(form) + 1}` : '');
}

/** Changes a form or a motif, which stand in places of their own. */
export const withFree = (id: string, change: Change<Form | Motif>): Edit =>
    edit((design) => {
        const card = [...design.forms, ...design.motifs].find((candidate) => candidate.id === id);
        if (card) {
            change(card);
        }
    });

export const withoutFree = (id: string): Edit =>
    edit((design) => {
        design.forms = design.forms.filter((form) => form.id !== id);
        design.motifs = design.motifs.filter((motif) => motif.id !== id);
    });

/** A copy of a form or motif, somewhat to the right and below it. */
export const withFreeCopy = (id: string): Edit =>
    edit((design) => {
        copyIn(design.forms, id, freeId(design, 'form'));
        copyIn(design.motifs, id, freeId(design, 'motif'));
    });

function copyIn(cards: (Form | Motif)[], id: string, copyId: string): void {
    const at = cards.findIndex((card) => card.id === id);
    const card = cards[at];
    if (card) {
        const place = { ...card.place, across: card.place.across + 8000, down: card.place.down + 8000 };
        cards.splice(at + 1, 0, { ...card, id: copyId, locked: false, place });
    }
}

/** What is done to a card, be it a line, a form or a motif. */
export const withTreatments = (id: string, change: Change<Treatments>): Edit =>
    withCard(id, ({ treatments }) => change(treatments));

/** The same with a film of the rack, which the design takes in beneath those it has. */
export const withTreatmentsIn = (id: string, change: Change<Treatments>, film: Film | null | undefined): Edit =>
    edit((design) => {
        const card = cardsOf(design).find((candidate) => candidate.id === id);
        if (card) {
            change(card.treatments);
            if (film) {
                takeFilm(design, film, 'beneath');
            }
        }
    });

/** Mends a treatment, or makes one where a card lies on another that it was not set into. */
export const withTreatmentFix = (id: string, { islands, into }: SheetFix): Edit =>
    withTreatments(id, (treatments) => {
        if (islands) {
            treatments.cutFrom.islands = islands;
        }
        if (into) {
            treatments.setInto.card = into;
        }
    });

/** A piece taken out of a card. */
export const withPieceOut = (id: string, piece: Pick<Erasure, 'points' | 'of'>): Edit =>
    withTreatments(id, ({ erased }) => {
        const taken = new Set(erased.map((other) => other.id));
        let number = erased.length + 1;
        while (taken.has(`piece-${number}`)) {
            number += 1;
        }
        erased.push({ ...defaults.erasure, ...piece, id: `piece-${number}` });
    });

/** Keeps a small shape that would be tidied away, or no longer. */
export const withKept = ({ card, x, y }: SheetRemoval, keep: boolean): Edit =>
    edit(({ clean }) => {
        clean.kept = clean.kept.filter((kept) => kept.card !== card || Math.hypot(kept.x - x, kept.y - y) > 600);
        if (keep) {
            clean.kept.push({ card, x, y });
        }
    });
