import { useQueryClient } from '@tanstack/react-query';
import { answer, server, type RackEntry, type RackFilm } from '../api/client';
import { films, rack } from '../api/queries';
import { useKept } from '../api/useKept';

/** A film of the rack, and how it is changed. */
export function useRackFilm(entry: RackEntry) {
    const client = useQueryClient();
    return useKept<RackEntry, RackFilm>(entry, {
        what: 'film',
        save: ({ version, entry: film }, change) =>
            answer(
                server.PUT('/api/film-rack/{id}', {
                    params: { path: { id: film.film.id } },
                    body: { version, entry: change(film) },
                }),
            ),
        onSaved: (saved) => {
            client.setQueryData(rack.queryKey, (list) =>
                list?.map((other) => (other.entry.film.id === saved.entry.film.id ? saved : other)),
            );
            void client.invalidateQueries(films);
        },
        refresh: () => client.invalidateQueries(rack),
    });
}
