import { useQueryClient } from '@tanstack/react-query';
import { answer, server, type BlankEntry, type ShopBlank } from '../api/client';
import { blanks } from '../api/queries';
import { useKept } from '../api/useKept';

/** A blank of the shop, and how it is changed. */
export function useShopBlank(entry: BlankEntry) {
    const client = useQueryClient();
    const path = { id: entry.blank.id };
    return useKept<BlankEntry, ShopBlank>(entry, {
        what: 'blank',
        value: ({ blank }) => blank,
        save: (blank, version) =>
            answer(server.PUT('/api/blanks/{id}', { params: { path }, body: { version, blank } })),
        onSaved: (saved) =>
            client.setQueryData(blanks.queryKey, (list) =>
                list?.map((other) => (other.blank.id === saved.blank.id ? saved : other)),
            ),
        fetch: async () =>
            (await client.query({ ...blanks, staleTime: 0 })).find((other) => other.blank.id === path.id),
    });
}
