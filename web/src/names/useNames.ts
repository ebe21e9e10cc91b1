import { useQueryClient } from '@tanstack/react-query';
import { answer, server, type Roster } from '../api/client';
import { roster } from '../api/queries';
import { useKept } from '../api/useKept';
import type { Names } from './people';

/** A job's list with what is changed in it, each change saved as it is made. */
export function useNames(job: string, saved: Roster) {
    const client = useQueryClient();
    const path = { id: job };
    return useKept<Roster, Names>(saved, {
        what: 'list',
        value: ({ columns, people }) => ({ columns, people }),
        save: ({ columns, people }, version) =>
            answer(server.PUT('/api/jobs/{id}/names', { params: { path }, body: { version, columns, people } })),
        onSaved: (list) => {
            client.setQueryData(roster(job).queryKey, list);
            void client.invalidateQueries({ queryKey: ['people'] });
        },
        fetch: () => client.query({ ...roster(job), staleTime: 0 }),
    });
}
