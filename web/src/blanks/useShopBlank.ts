import { useQueryClient } from '@tanstack/react-query';
import { answer, server, type BlankEntry, type ShopBlank } from '../api/client';
import { blanks } from '../api/queries';
import { useKept } from '../api/useKept';

/** A blank of the shop, and how it is changed. */
export function useShopBlank(entry: BlankEntry) {
    const client = useQueryClient();
    return useKept<BlankEntry, ShopBlank>(entry, {
        what: 'blank',
        save: ({ version, blank }, change) =>
            answer(
                server.PUT('/api/blanks/{id}', {
                    params: { path: { id: blank.id } },
                    body: { version, blank: change(blank) },
                }),
            ),
        onSaved: (saved) =>
            client.setQueryData(blanks.queryKey, (list) =>
                list?.map((other) => (other.blank.id === saved.blank.id ? saved : other)),
            ),
        refresh: () => client.invalidateQueries(blanks),
    });
}
