import { infiniteQueryOptions, keepPreviousData, queryOptions } from '@tanstack/react-query';
import { answer, server, type Drawing } from './client';

export type JobList = 'rail' | 'done' | 'archived';

/** A list of jobs, page by page as they are asked for. */
export const jobs = (list: JobList, find: string) =>
    infiniteQueryOptions({
        queryKey: ['jobs', { list, find }],
        queryFn: ({ pageParam }) =>
            answer(server.GET('/api/jobs', { params: { query: { list, find, from: pageParam } } })),
        initialPageParam: 0,
        getNextPageParam: (last, pages) => {
            const shown = pages.reduce((sum, page) => sum + page.jobs.length, 0);
            return shown < last.found && last.jobs.length > 0 ? shown : undefined;
        },
        placeholderData: keepPreviousData,
    });

export const job = (id: string) =>
    queryOptions({
        queryKey: ['jobs', id],
        queryFn: () => answer(server.GET('/api/jobs/{id}', { params: { path: { id } } })),
    });

/** What a job comes to: film, time, cost. */
export const jobSum = (id: string) =>
    queryOptions({
        queryKey: ['sums', id],
        queryFn: () => answer(server.GET('/api/jobs/{id}/sum', { params: { path: { id } } })),
    });

/** A job's list of names. */
export const roster = (job: string) =>
    queryOptions({
        queryKey: ['jobs', job, 'names'],
        queryFn: () => answer(server.GET('/api/jobs/{id}/names', { params: { path: { id: job } } })),
    });

/** People on one page of a contact sheet. */
export const CONTACTS = 24;

/** How a design comes out for the people of its job's list, page by page as they are asked for. */
export const contactSheet = (design: string) =>
    infiniteQueryOptions({
        queryKey: ['people', design],
        queryFn: ({ pageParam }) =>
            answer(
                server.GET('/api/designs/{id}/people', {
                    params: { path: { id: design }, query: { from: pageParam, count: CONTACTS } },
                }),
            ),
        initialPageParam: 0,
        getNextPageParam: (last, pages) => {
            const shown = pages.length * CONTACTS;
            return shown < last.count ? shown : undefined;
        },
        placeholderData: keepPreviousData,
    });

/** Asked often, and cheap: differs as soon as a job or a design was changed. */
export const stamp = queryOptions({
    queryKey: ['stamp'],
    queryFn: () => answer(server.GET('/api/stamp')),
    refetchInterval: 2500,
    select: (answer) => answer.stamp,
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

/** While something is being cut, it is asked often enough to see the knife move. */
export const cutRoom = queryOptions({
    queryKey: ['cut-room'],
    queryFn: () => answer(server.GET('/api/cut-room')),
    refetchInterval: ({ state }) => (state.data?.runs.length ? 120 : 2000),
});

export const cutLayers = (design: string, copies: number) =>
    queryOptions({
        queryKey: ['cut-layers', design, copies],
        queryFn: () =>
            answer(server.GET('/api/cut-room/designs/{id}', { params: { path: { id: design }, query: { copies } } })),
        // Other copies of the same design: what was laid out stays until they are.
        placeholderData: (before, query) => (query?.queryKey[1] === design ? before : undefined),
    });

/** What is laid out; asked often while it gets better. */
export const layouts = queryOptions({
    queryKey: ['layouts'],
    queryFn: () => answer(server.GET('/api/layouts')),
    refetchInterval: ({ state }) => (state.data?.some((film) => film.state !== 'done') ? 500 : false),
});

export const scraps = queryOptions({
    queryKey: ['scraps'],
    queryFn: () => answer(server.GET('/api/scraps')),
});

export const rack = queryOptions({
    queryKey: ['rack'],
    queryFn: () => answer(server.GET('/api/film-rack')),
});

export const shop = queryOptions({
    queryKey: ['shop'],
    queryFn: () => answer(server.GET('/api/shop')),
    ...kept,
});

export const usualLayering = queryOptions({
    queryKey: ['usual-layering'],
    queryFn: () => answer(server.GET('/api/usual-layering')),
});

/** Designs that can be pressed. */
export const pressDesigns = queryOptions({
    queryKey: ['press'],
    queryFn: () => answer(server.GET('/api/press')),
});

/** What is done at the press with one piece of a design; with the first that is not pressed where none is named. */
export const pressSheet = (design: string, row: string, press = '') =>
    queryOptions({
        queryKey: ['press', design, row, press],
        queryFn: () =>
            answer(server.GET('/api/designs/{id}/press', { params: { path: { id: design }, query: { row, press } } })),
    });

/** What is measured on a kind of blank. */
export const measuresOf = (drawing: Drawing) =>
    queryOptions({
        queryKey: ['measures', drawing],
        queryFn: () => answer(server.GET('/api/drawings/{drawing}/measures', { params: { path: { drawing } } })),
        staleTime: Infinity,
    });
