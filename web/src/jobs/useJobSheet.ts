import { useQueryClient } from '@tanstack/react-query';
import { answer, server, type JobSheet } from '../api/client';
import { job } from '../api/queries';
import { useKept, type Note } from '../api/useKept';

/** What of a job's sheet is changed on it. */
export type Ticket = Pick<JobSheet, 'title' | 'customer' | 'due' | 'state' | 'price' | 'items'>;

export type SheetNote = Note;

/** A job's sheet with what is changed on it, each change saved as it is made; and what else is asked for of the job. */
export function useJobSheet(sheet: JobSheet) {
    const client = useQueryClient();
    const path = { id: sheet.id };
    const { value, change, ask, note } = useKept<JobSheet, Ticket>(sheet, {
        what: 'job',
        value: ({ title, customer, due, state, price, items }) => ({ title, customer, due, state, price, items }),
        save: (ticket, version) =>
            answer(server.PUT('/api/jobs/{id}', { params: { path }, body: { version, ...ticket } })),
        onSaved: (saved) => {
            client.setQueryData(job(saved.id).queryKey, saved);
            void client.invalidateQueries({ queryKey: ['sums', saved.id] });
            void client.invalidateQueries({
                queryKey: ['jobs'],
                predicate: ({ queryKey }) => typeof queryKey[1] === 'object',
            });
        },
        fetch: () => client.query({ ...job(sheet.id), staleTime: 0 }),
    });
    return {
        sheet: { ...sheet, ...value },
        change: (next: Partial<Ticket>) => void change((now) => ({ ...now, ...next })),
        /** Does something to the job on the server, and shows what came of it. */
        act: (work: () => Promise<JobSheet>) => ask(work),
        note,
    };
}

export type Sheet = ReturnType<typeof useJobSheet>;
