import { useQueryClient } from '@tanstack/react-query';
import { answer, server, type Shop } from '../api/client';
import { shop } from '../api/queries';
import { useKept } from '../api/useKept';

/** The shop itself, and how it is changed. */
export function useShop(now: Shop) {
    const client = useQueryClient();
    return useKept<Shop, Pick<Shop, 'name' | 'unit' | 'weeding' | 'compensates' | 'layout'>>(now, {
        what: 'shop',
        value: ({ name, unit, weeding, compensates, layout }) => ({ name, unit, weeding, compensates, layout }),
        save: (value, version) => answer(server.PUT('/api/shop', { body: { version, ...value } })),
        onSaved: (saved) => client.setQueryData(shop.queryKey, saved),
        fetch: () => client.query({ ...shop, staleTime: 0 }),
    });
}
