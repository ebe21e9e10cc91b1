import { useQueryClient } from '@tanstack/react-query';
import { answer, server, type Shop } from '../api/client';
import { shop } from '../api/queries';
import { useKept } from '../api/useKept';

type Setting = Exclude<keyof Shop, 'version'>;

/** The shop itself, and how it is changed. */
export function useShop(now: Shop) {
    const client = useQueryClient();
    return useKept<Shop, Pick<Shop, Setting>>(now, {
        what: 'shop',
        value: ({ name, unit, weeding, compensates, layout, press, rate }) => ({
            name,
            unit,
            weeding,
            compensates,
            layout,
            press,
            rate,
        }),
        save: (value, version) => answer(server.PUT('/api/shop', { body: { version, ...value } })),
        onSaved: (saved) => client.setQueryData(shop.queryKey, saved),
        fetch: () => client.query({ ...shop, staleTime: 0 }),
    });
}
