import { useQueryClient } from '@tanstack/react-query';
import { useLocation } from 'wouter';
import { fonts } from '../../api/queries';
import type { Arrival } from '../model/arrival';
import { useRack } from './FilmChoice';
import { useBenchStore } from '../state/store';

/** Imports files one by one and keeps their results. */
export function useArrivals() {
    const store = useBenchStore();
    const client = useQueryClient();
    const [, navigate] = useLocation();
    const rack = useRack();
    return {
        takeIn: async (files: Iterable<File>) => {
            const { takeIn } = await import('./takeIn');
            const arrivals: Arrival[] = [];
            for (const file of files) {
                arrivals.push(await takeIn(file, store, rack));
            }
            await client.invalidateQueries(fonts);
            store.getState().look({ arrivals: arrivals.filter(({ said }) => said.length > 0) });
            const opened = arrivals.find(({ design }) => design !== undefined)?.design;
            if (opened !== undefined) {
                await client.invalidateQueries({ queryKey: ['jobs'] });
                navigate(`/designs/${opened}`);
            }
        },
    };
}
