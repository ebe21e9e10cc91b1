import { queryOptions } from '@tanstack/react-query';
import { answer, server } from './client';

export const jobs = queryOptions({
    queryKey: ['jobs'],
    queryFn: () => answer(server.GET('/api/jobs')),
});

export const openDesign = (id: string) =>
    queryOptions({
        queryKey: ['design', id],
        queryFn: () => answer(server.GET('/api/designs/{id}', { params: { path: { id } } })),
        staleTime: Infinity,
        gcTime: 0,
    });

const kept = { staleTime: 5 * 60_000 };

export const fonts = queryOptions({
    queryKey: ['fonts'],
    queryFn: () => answer(server.GET('/api/fonts')),
    ...kept,
});

export const films = queryOptions({
    queryKey: ['films'],
    queryFn: () => answer(server.GET('/api/films')),
    ...kept,
});

export const blanks = queryOptions({
    queryKey: ['blanks'],
    queryFn: () => answer(server.GET('/api/blanks')),
    ...kept,
});
