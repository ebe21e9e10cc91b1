import type { Film, Form, FormKind } from '../../api/client';
import { newForm } from '../forms';
import type { Edit } from './edit';

export const withForm =
    (id: string, change: Partial<Form>): Edit =>
    (design) => ({ ...design, forms: design.forms.map((form) => (form.id === id ? { ...form, ...change } : form)) });

export const withoutForm =
    (id: string): Edit =>
    (design) => ({ ...design, forms: design.forms.filter((form) => form.id !== id) });

export const withNewForm =
    (id: string, kind: FormKind): Edit =>
    (design) => {
        const film = design.forms.at(-1)?.film ?? design.lines.at(-1)?.film ?? design.films[0]?.id ?? '';
        return { ...design, forms: [...design.forms, newForm(id, kind, film, design.blank.placement)] };
    };

/** A copy of a form, somewhat to the right and below it. */
export const withFormCopy =
    (id: string, copyId: string): Edit =>
    (design) => ({
        ...design,
        forms: design.forms.flatMap((form) =>
            form.id === id
                ? [form, { ...form, id: copyId, across: form.across + 8000, down: form.down + 8000, locked: false }]
                : [form],
        ),
    });

/** Puts a form on a film of the rack; the design takes the film in, below those it has. */
export const withFormFilm =
    (id: string, film: Film): Edit =>
    (design) => {
        const films = design.films.some((known) => known.id === film.id) ? design.films : [film, ...design.films];
        return withForm(id, { film: film.id })({ ...design, films });
    };
