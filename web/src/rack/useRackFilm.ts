import { useQueryClient } from '@tanstack/react-query';
import { answer, server, type RackEntry, type RackFilm } from '../api/client';
import { films, rack } from '../api/queries';
import { useKept } from '../api/useKept';

/** A film of the rack, and how it is changed. */
export function useRackFilm(entry: RackEntry) {
    const client = useQueryClient();
    const path = { id: entry.entry.film.id };
    return useKept<RackEntry, RackFilm>(entry, {
        what: 'film',
        value: ({ entry: film }) => film,
        save: (film, version) =>
            answer(server.PUT('/api/film-rack/{id}', { params: { path }, body: { version, entry: film } })),
        onSaved: (saved) => {
            client.setQueryData(rack.queryKey, (list) =>
                list?.map((other) => (other.entry.film.id === saved.entry.film.id ? saved : other)),
            );
            void client.invalidateQueries(films);
        },
        fetch: async () =>
            (await client.query({ ...rack, staleTime: 0 })).find((other) => other.entry.film.id === path.id),
    });
}
