import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, server, type FilmLayoutCard, type Spot } from '../../api/client';
import { layouts } from '../../api/queries';
import type { Item } from './chosen';

const noFilms: FilmLayoutCard[] = [];

/** The films that are laid out. */
export const useLayouts = () => useQuery(layouts).data ?? noFilms;

/** What can be done with them. */
export function useDesk() {
    const client = useQueryClient();
    // What is being fetched was true before this answer.
    const take = async (read: (films: FilmLayoutCard[] | undefined) => FilmLayoutCard[] | undefined) => {
        await client.cancelQueries({ queryKey: layouts.queryKey });
        client.setQueryData(layouts.queryKey, read);
    };
    const put = (film: FilmLayoutCard) => take((films) => films?.map((one) => (one.film === film.film ? film : one)));
    const onError = () => client.invalidateQueries({ queryKey: layouts.queryKey });
    const choose = useMutation({
        mutationFn: ({ items, onMat }: { items: Item[]; onMat: boolean }) =>
            answer(server.PUT('/api/layouts', { body: { items, onMat } })),
        onSuccess: (films) => take(() => films),
        onError,
    });
    const steer = useMutation({
        mutationFn: ({ film, act }: { film: string; act: 'again' | 'changed' | 'stop' }) =>
            answer(server.POST('/api/layouts/{film}/{act}', { params: { path: { film, act } } })),
        onSuccess: put,
        onError,
    });
    const move = useMutation({
        mutationFn: ({ film, number, spot }: { film: string; number: number; spot: Spot }) =>
            answer(
                server.PUT('/api/layouts/{film}/pieces/{number}', { params: { path: { film, number } }, body: spot }),
            ),
        onSuccess: put,
        onError,
    });
    const cut = useMutation({
        mutationFn: ({ film, stock }: { film: string; stock: string }) =>
            answer(server.POST('/api/layouts/{film}/cut', { params: { path: { film } }, body: { stock } })),
        onSettled: () => client.invalidateQueries({ queryKey: ['cut-room'] }),
    });
    return { choose, steer, move, cut };
}
