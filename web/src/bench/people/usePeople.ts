import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, server, type PersonRow } from '../../api/client';
import { roster } from '../../api/queries';
import { useBench, useBenchStore } from '../state/store';

/** The people of the job's list, and the settings for one of them. */
export function usePeople() {
    const job = useBench((bench) => bench.opened.jobId);
    const client = useQueryClient();
    const store = useBenchStore();
    const list = useQuery(roster(job));
    const people = (list.data?.people ?? []).filter(({ values }) => Object.values(values).some(Boolean));
    const path = { id: job };
    const save = useMutation({
        mutationFn: async ({ person, change }: { person: string; change: (person: PersonRow) => PersonRow }) => {
            // Applied to the current list, so that no one's typing is lost.
            const { version, columns, people } = await client.query({ ...roster(job), staleTime: 0 });
            const next = people.map((one) => (one.id === person ? change(one) : one));
            return answer(
                server.PUT('/api/jobs/{id}/names', { params: { path }, body: { version, columns, people: next } }),
            );
        },
        onSuccess: (saved) => {
            client.setQueryData(roster(job).queryKey, saved);
            void client.invalidateQueries({ queryKey: ['people'] });
            store.getState().remake();
        },
    });
    return {
        people,
        set: (person: string, change: (person: PersonRow) => PersonRow) => save.mutate({ person, change }),
        wrong: save.error ? `Not saved: ${save.error.message}` : null,
    };
}
