import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { answer, Refusal, server, type RackEntry, type RackFilm } from '../api/client';
import { films, rack } from '../api/queries';

/** Saves each change of a film as it is made, one after the other, and says what stood in the way. */
export function useRackFilm(entry: RackEntry) {
    const client = useQueryClient();
    const latest = useRef(entry);
    const queue = useRef(Promise.resolve());
    const [wrong, setWrong] = useState<string | null>(null);
    useEffect(() => {
        if (entry.version > latest.current.version) {
            latest.current = entry;
        }
    }, [entry]);
    const change = useCallback(
        (change: (film: RackFilm) => RackFilm) => {
            queue.current = queue.current.then(async () => {
                const { version, entry: film } = latest.current;
                try {
                    const saved = await answer(
                        server.PUT('/api/film-rack/{id}', {
                            params: { path: { id: film.film.id } },
                            body: { version, entry: change(film) },
                        }),
                    );
                    latest.current = saved;
                    client.setQueryData(rack.queryKey, (list) =>
                        list?.map((other) => (other.entry.film.id === film.film.id ? saved : other)),
                    );
                    await client.invalidateQueries(films);
                    setWrong(null);
                } catch (error) {
                    if (error instanceof Refusal && error.status === 409) {
                        await client.invalidateQueries(rack);
                        setWrong(
                            'This film was changed in another window; this is how it is now. Change it again if it is not right.',
                        );
                    } else {
                        setWrong(
                            error instanceof Refusal
                                ? `Not saved: ${error.message}`
                                : 'Not saved: the server can’t be reached. Try again.',
                        );
                    }
                }
            });
        },
        [client],
    );
    return { change, wrong };
}
