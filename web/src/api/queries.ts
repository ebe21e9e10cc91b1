import { infiniteQueryOptions, keepPreviousData, queryOptions } from '@tanstack/react-query';
import { answer, server, type Drawing } from './client';

export type JobList = 'rail' | 'done' | 'archived';

/** A list of jobs, page by page. */
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

/** A job's totals: film, time, cost. */
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

/** A design's lettering for the people of its job's list, page by page. */
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

/** Cheap to poll: changes whenever a job or design changes. */
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

/** Polled often enough during a cut to see the knife move. */
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
        // For another number of copies, the previous layout stays until the new one arrives.
        placeholderData: (before, query) => (query?.queryKey[1] === design ? before : undefined),
    });

/** Layouts; polled often while they improve. */
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

/** Designs to press. */
export const pressDesigns = queryOptions({
    queryKey: ['press'],
    queryFn: () => answer(server.GET('/api/press')),
});

/** Press sheet for one piece of a design; for the first not pressed yet if none is named. */
export const pressSheet = (design: string, row: string, press = '') =>
    queryOptions({
        queryKey: ['press', design, row, press],
        queryFn: () =>
            answer(server.GET('/api/designs/{id}/press', { params: { path: { id: design }, query: { row, press } } })),
    });

/** Measures to take on a kind of blank. */
export const measuresOf = (drawing: Drawing) =>
    queryOptions({
        queryKey: ['measures', drawing],
        queryFn: () => answer(server.GET('/api/drawings/{drawing}/measures', { params: { path: { drawing } } })),
        staleTime: Infinity,
    });
