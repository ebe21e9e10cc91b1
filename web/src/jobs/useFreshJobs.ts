import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { stamp } from '../api/queries';

/** Keeps all that is shown of jobs up to date, whoever changes it. */
export function useFreshJobs(): void {
    const client = useQueryClient();
    const now = useQuery(stamp).data;
    const seen = useRef(now);
    useEffect(() => {
        if (seen.current !== undefined && now !== seen.current) {
            void client.invalidateQueries({ queryKey: ['jobs'] });
        }
        seen.current = now;
    }, [client, now]);
}
