import type { Form, FormKind } from '../../../api/client';
import { newForm } from '../forms';
import { edit, type Change, type Edit } from './edit';

export const withForm = (id: string, change: Change<Form>): Edit =>
    edit((design) => {
        const form = design.forms.find((candidate) => candidate.id === id);
        if (form) {
            change(form);
        }
    });

export const withNewForm = (id: string, kind: FormKind): Edit =>
    edit((design) => {
        const film = design.forms.at(-1)?.film ?? design.lines.at(-1)?.film ?? design.films[0]?.id ?? '';
        design.forms.push(newForm(id, kind, film, design.blank.placement));
    });
