import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { Draft } from '../useDesign';

/** Looks something up of the design as it is saved, for each of its versions once. */
export function useRested<Answer>(draft: Draft, what: readonly unknown[], wanted: boolean, ask: () => Promise<Answer>) {
    const { id, version, saving } = draft;
    return useQuery({
        queryKey: ['rested', id, version, ...what],
        queryFn: ask,
        enabled: wanted && saving.state === 'saved',
        placeholderData: keepPreviousData,
        staleTime: Infinity,
    });
}
