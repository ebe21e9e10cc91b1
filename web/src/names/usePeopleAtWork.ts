import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, Refusal, server, type PersonRow } from '../api/client';
import { layouts, roster } from '../api/queries';

export interface PeopleAtWork {
    mark: (people: string[], state: PersonRow['state']) => void;
    /** Lays all pieces of some people out once more. */
    again: (people: string[]) => void;
    /** Who was laid out again, until something else is done. */
    sent: readonly string[];
    wrong: string | null;
}

/** Moves people of a list through the shop. */
export function usePeopleAtWork(job: string): PeopleAtWork {
    const client = useQueryClient();
    const path = { id: job };
    const work = useMutation({
        mutationFn: ({ people, state }: { people: string[]; state: PersonRow['state'] | null }) =>
            state === null
                ? answer(server.POST('/api/jobs/{id}/people/again', { params: { path }, body: { people } }))
                : answer(server.PUT('/api/jobs/{id}/people/state', { params: { path }, body: { people, state } })),
        onSuccess: (list) => {
            client.setQueryData(roster(job).queryKey, list);
            void client.invalidateQueries({ queryKey: layouts.queryKey });
            void client.invalidateQueries({ queryKey: ['jobs'], predicate: ({ queryKey }) => queryKey[2] !== 'names' });
        },
    });
    return {
        mark: (people, state) => work.mutate({ people, state }),
        again: (people) => work.mutate({ people, state: null }),
        sent: work.isSuccess && work.variables.state === null ? work.variables.people : [],
        wrong: !work.error
            ? null
            : work.error instanceof Refusal
              ? work.error.message
              : 'The server can’t be reached. Try again.',
    };
}
