import type { Film, Form, FormKind, Frame, SheetPart } from '../../../api/client';
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

/**
 * A new form in the film of the last one; in one that shows against the form or motif that it lies on; the first in one that shows
 * against the cloth and what is there already.
 */
export const withNewForm = (
    id: string,
    kind: FormKind,
    rack: readonly Film[] = [],
    parts: readonly SheetPart[] = [],
): Edit =>
    edit((design) => {
        const films = [...design.films, ...rack];
        const colourOf = (film: string) => films.find((own) => own.id === film)?.colour ?? [];
        const form = newForm(id, kind, '', design.blank.placement);
        const under = parts
            .filter(({ centroid, guide, ink }) => centroid && !guide && ink && holds(ink, form.place))
            .at(-1);
        const last = films.find((own) => own.id === design.forms.at(-1)?.film);
        const there = under ? [under] : design.lines;
        const film =
            (under ? undefined : last) ??
            firstThatShows(films, [design.blank.fabric.colour, ...there.flatMap((own) => colourOf(own.film))]);
        if (film) {
            takeFilm(design, film, under ? 'above' : 'beneath');
        }
        design.forms.push({ ...form, film: film?.id ?? '' });
    });

const holds = ({ left, top, width, height }: Frame, { across, down }: Form['place']) =>
    across > left && across < left + width && down > top && down < top + height;
