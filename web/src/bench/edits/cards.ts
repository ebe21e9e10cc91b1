import type { Design, Erasure, Form, Motif, SheetFix, SheetRemoval, Treatments } from '../../api/client';
import { formNames } from '../forms';
import type { Edit } from './edit';
import { withForm, withFormCopy, withoutForm } from './forms';
import { withMotif, withMotifCopy, withoutMotif } from './motifs';

export function freeId(design: Design, kind: 'line' | 'form' | 'motif' = 'line'): string {
    const taken = new Set([...design.lines, ...design.forms, ...design.motifs].map(({ id }) => id));
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
        return line.words.trim() || 'a line without words';
    }
    const motif = design.motifs.find((candidate) => candidate.id === id);
    if (motif) {
        return motif.name;
    }
    if (!form) {
        return 'nothing that is there';
    }
    const alike = design.forms.filter(({ kind }) => kind === form.kind);
    return formNames[form.kind] + (alike.length > 1 ? ` ${alike.indexOf(form) + 1}` : '');
}

/** Changes a form or a motif, which stand in places of their own. */
export const withFree =
    (id: string, change: Partial<Form> & Partial<Motif>): Edit =>
    (design) =>
        (design.motifs.some((motif) => motif.id === id) ? withMotif : withForm)(id, change)(design);

export const withoutFree =
    (id: string): Edit =>
    (design) =>
        (design.motifs.some((motif) => motif.id === id) ? withoutMotif : withoutForm)(id)(design);

export const withFreeCopy =
    (id: string): Edit =>
    (design) =>
        design.motifs.some((motif) => motif.id === id)
            ? withMotifCopy(id, freeId(design, 'motif'))(design)
            : withFormCopy(id, freeId(design, 'form'))(design);

/** What is done to a card, be it a line, a form or a motif. */
export const withTreatments =
    (id: string, treatments: Treatments): Edit =>
    (design) => ({
        ...design,
        lines: design.lines.map((line) => (line.id === id ? { ...line, treatments } : line)),
        forms: design.forms.map((form) => (form.id === id ? { ...form, treatments } : form)),
        motifs: design.motifs.map((motif) => (motif.id === id ? { ...motif, treatments } : motif)),
    });

/** Mends a treatment, or makes one where a card lies on another that it was not set into. */
export const withTreatmentFix =
    (id: string, { islands, into }: SheetFix): Edit =>
    (design) => {
        const treatments = [...design.lines, ...design.forms, ...design.motifs].find(
            (card) => card.id === id,
        )?.treatments;
        return treatments
            ? withTreatments(id, {
                  ...treatments,
                  ...(islands && { cutFrom: { ...treatments.cutFrom, islands } }),
                  ...(into && { setInto: { ...treatments.setInto, card: into } }),
              })(design)
            : design;
    };

/** A piece taken out of a card. */
export const withPieceOut =
    (id: string, piece: Pick<Erasure, 'points' | 'of'>): Edit =>
    (design) => {
        const card = [...design.lines, ...design.forms, ...design.motifs].find((candidate) => candidate.id === id);
        if (!card) {
            return design;
        }
        const { erased } = card.treatments;
        const taken = new Set(erased.map((other) => other.id));
        let number = erased.length + 1;
        while (taken.has(`piece-${number}`)) {
            number += 1;
        }
        const named = { ...piece, id: `piece-${number}`, hidden: false };
        return withTreatments(id, { ...card.treatments, erased: [...erased, named] })(design);
    };

/** Keeps a small shape that would be tidied away, or no longer. */
export const withKept =
    ({ card, x, y }: SheetRemoval, keep: boolean): Edit =>
    (design) => {
        const others = design.clean.kept.filter(
            (kept) => kept.card !== card || Math.hypot(kept.x - x, kept.y - y) > 600,
        );
        return { ...design, clean: { ...design.clean, kept: keep ? [...others, { card, x, y }] : others } };
    };
