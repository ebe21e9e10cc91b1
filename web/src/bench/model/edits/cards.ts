import type { Design, Erasure, Film, Form, Motif, SheetRemoval, Treatments } from '../../../api/client';
import { defaults } from '../../../api/defaults';
import { fitMeasures, formNames } from '../forms';
import { sizeTheirs, takeOnScale } from './belongings';
import { cardsOf, edit, isLine, takeFilm, withCard, type Card, type Change, type Edit } from './edit';

export function freeId(design: Design, kind: 'line' | 'form' | 'motif' = 'line'): string {
    const taken = new Set(cardsOf(design).map(({ id }) => id));
    let number = { line: design.lines, form: design.forms, motif: design.motifs }[kind].length + 1;
    while (taken.has(`${kind}-${number}`)) {
        number += 1;
    }
    return `${kind}-${number}`;
}

/** An unused group name. */
export function freeGroup(design: Design): string {
    const taken = new Set(cardsOf(design).map((card) => card.treatments.group));
    let number = 1;
    while (taken.has(`group ${number}`)) {
        number += 1;
    }
    return `group ${number}`;
}

/** A card's name in lists. */
export function cardName(design: Design, id: string): string {
    const line = design.lines.find((candidate) => candidate.id === id);
    const form = design.forms.find((candidate) => candidate.id === id);
    if (line) {
        return line.lettering.words.trim().replaceAll('\n', ' / ') || 'a line without words';
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

/** Changes a form or motif, which have a position of their own. */
export const withFree = (id: string, change: Change<Form | Motif>): Edit =>
    edit((design) => {
        const card = [...design.forms, ...design.motifs].find((candidate) => candidate.id === id);
        if (card) {
            change(card);
        }
    });

/** Sets a form's or motif's width or height; if proportional, the other side, its shape and its belongings scale along. */
export const withSide = (id: string, side: 'width' | 'height', length: number): Edit =>
    edit((design) => {
        const card = [...design.forms, ...design.motifs].find((candidate) => candidate.id === id);
        if (!card) {
            return;
        }
        takeOnScale(card);
        const { size } = card;
        const before = { ...size };
        const other = side === 'width' ? 'height' : 'width';
        size[other] = size.proportional ? Math.round((size[other] * length) / size[side]) : size[other];
        size[side] = length;
        if ('shape' in card) {
            fitMeasures(card.shape, before, size);
        }
        sizeTheirs(design, id, size.width / before.width, size.height / before.height);
    });

/** Assigns a film from the rack; a new film goes on top of the design's films for lines, beneath them for forms. */
export const withCardFilm = (id: string, film: Film): Edit =>
    edit((design) => {
        const card = [...design.lines, ...design.forms].find((candidate) => candidate.id === id);
        if (card) {
            takeFilm(design, film, isLine(card) ? 'above' : 'beneath');
            card.film = film.id;
        }
    });

/** Assigns a film to cards, and to all colours of motifs; locked cards stay. */
export const withCardFilms = (ids: readonly string[], film: Film): Edit =>
    edit((design) => {
        for (const card of cardsOf(design).filter(({ id, locked }) => ids.includes(id) && !locked)) {
            takeFilm(design, film, isLine(card) ? 'above' : 'beneath');
            if ('colours' in card) {
                card.colours.forEach((colour) => (colour.film &&= film.id));
            } else {
                card.film = film.id;
            }
        }
    });

/** Changes several cards alike. */
export const withCards = (ids: readonly string[], change: Change<Card>): Edit =>
    edit((design) => cardsOf(design).forEach((card) => ids.includes(card.id) && change(card)));

/** Removes cards; locked ones stay. */
export const withGone = (ids: readonly string[]): Edit =>
    edit((design) => {
        const stays = ({ id, locked }: Card) => locked || !ids.includes(id);
        design.lines = design.lines.filter(stays);
        design.forms = design.forms.filter(stays);
        design.motifs = design.motifs.filter(stays);
    });

/** Changes the treatments of any card. */
export const withTreatments = (id: string, change: Change<Treatments>): Edit =>
    withCard(id, ({ treatments }) => change(treatments));

/** Likewise with a film from the rack, added beneath the design's films. */
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

/** A piece erased from a card. */
export const withPieceErased = (id: string, piece: Pick<Erasure, 'points' | 'of'>): Edit =>
    withTreatments(id, ({ erased }) => {
        const taken = new Set(erased.map((other) => other.id));
        let number = erased.length + 1;
        while (taken.has(`piece-${number}`)) {
            number += 1;
        }
        erased.push({ ...defaults.erasure, ...piece, id: `piece-${number}` });
    });

/** Keeps a small shape from being tidied away, or stops keeping it. */
export const withKept = ({ card, x, y }: SheetRemoval, keep: boolean): Edit =>
    edit(({ clean }) => {
        clean.kept = clean.kept.filter((kept) => kept.card !== card || Math.hypot(kept.x - x, kept.y - y) > 600);
        if (keep) {
            clean.kept.push({ card, x, y });
        }
    });
