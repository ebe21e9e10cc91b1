import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useBench } from './store';

/** Looks something up of the design as it is saved, for each of its versions once. */
export function useRested<Answer>(what: readonly unknown[], wanted: boolean, ask: (id: string) => Promise<Answer>) {
    const id = useBench((bench) => bench.id);
    const version = useBench((bench) => bench.version);
    const saved = useBench((bench) => bench.saving.state === 'saved');
    return useQuery({
        queryKey: ['rested', id, version, ...what],
        queryFn: () => ask(id),
        enabled: wanted && saved,
        placeholderData: keepPreviousData,
        staleTime: Infinity,
    });
}
