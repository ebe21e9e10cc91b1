import { Button } from '../ui/Button';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, server, type RackFilm } from '../api/client';
import { films, rack } from '../api/queries';

interface Props {
    /** The film whose settings the new one starts with. */
    like: RackFilm;
    taken: readonly string[];
    onMade: (id: string) => void;
}

/** Puts another film on the rack. */
export function NewFilm({ like, taken, onMade }: Props) {
    const client = useQueryClient();
    const make = useMutation({
        mutationFn: () => {
            let number = 1;
            while (taken.includes(`film-${number}`)) {
                number += 1;
            }
            const film = { ...like.film, id: `film-${number}`, name: `New film ${number}` };
            return answer(
                server.PUT('/api/film-rack/{id}', {
                    params: { path: { id: film.id } },
                    body: { version: 0, entry: { ...like, film, stock: 0 } },
                }),
            );
        },
        onSuccess: async ({ entry }) => {
            await Promise.all([client.invalidateQueries(rack), client.invalidateQueries(films)]);
            onMade(entry.film.id);
        },
    });
    return (
        <span className="flex items-baseline gap-2">
            {make.isError && (
                <span role="alert" className="text-madder">
                    Not added: the server can’t be reached.
                </span>
            )}
            <Button disabled={make.isPending} onClick={() => make.mutate()}>
                Add a film
            </Button>
        </span>
    );
}
