import type { Film, Form, FormKind } from '../../../api/client';
import { newForm } from '../forms';
import { firstThatShows } from '../colours';
import { edit, takeFilm, type Change, type Edit } from './edit';

export const withForm = (id: string, change: Change<Form>): Edit =>
    edit((design) => {
        const form = design.forms.find((candidate) => candidate.id === id);
        if (form) {
            change(form);
        }
    });

/** A new form in the film of the last one; the first in one that shows against the cloth and what is there already. */
export const withNewForm = (id: string, kind: FormKind, rack: readonly Film[] = []): Edit =>
    edit((design) => {
        const films = [...design.films, ...rack];
        const colours = design.lines.flatMap(({ film }) => films.find((own) => own.id === film)?.colour ?? []);
        const last = design.forms.at(-1)?.film;
        const film =
            films.find((own) => own.id === last) ?? firstThatShows(films, [design.blank.fabric.colour, ...colours]);
        if (film) {
            takeFilm(design, film, 'beneath');
        }
        design.forms.push(newForm(id, kind, film?.id ?? '', design.blank.placement));
    });
