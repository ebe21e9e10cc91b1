import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { vi } from 'vitest';
import { server, type Design, type Film, type Sheet, type SheetSnag } from '../../src/api/client';
import { blanks, films, fonts } from '../../src/api/queries';
import { BenchContext, createBench, type BenchStore } from '../../src/bench/state/store';
import { sheet, type Sizes } from './designs';

const rack = [
    { id: 'ink', name: 'Harbour ink', colour: '#22243A', finish: 'smooth' },
    { id: 'chalk', name: 'Chalk', colour: '#F4EFE3', finish: 'smooth' },
    { id: 'buoy', name: 'Buoy', colour: '#E2703A', finish: 'smooth' },
    { id: 'sunup', name: 'Sun-up', colour: '#F2C14E', finish: 'smooth' },
] as unknown as Film[];

/** What the server would say of a design, all of it. */
export const sheetOf = (design: Design, sizes: Sizes = {}, snags: readonly SheetSnag[] = []): Sheet =>
    ({
        ...sheet(design, sizes),
        blank: { left: -300000, top: -100000, width: 600000, height: 700000 },
        ink: null,
        spare: null,
        layers: [],
        joints: [],
        removals: [],
        snags,
        filmLength: 0,
        toWeed: 0,
    }) as unknown as Sheet;

export const snag = (number: number, blocks: boolean, message: string): SheetSnag => ({
    number,
    blocks,
    message,
    cure: 'Mend it.',
    kind: '',
    card: null,
    film: null,
    x: null,
    y: null,
    fixes: [],
});

/** A Bench on which a design was opened. Its server saves whatever it is sent, finds nothing lost, and gives what is named by path. */
export function benchOf(
    design: Design,
    sheet = sheetOf(design),
    given: Readonly<Record<string, unknown>> = {},
): BenchStore {
    let version = 1;
    const saved = (document: Design) => ({ version: (version += 1), savedAt: '2031-06-12T10:00:00Z', sheet, document });
    const answered = (data: unknown) => Promise.resolve({ data, response: new Response() }) as never;
    vi.spyOn(server, 'PUT').mockImplementation(((_: string, { body }: { body: { document: Design } }) =>
        answered({ ...saved(body.document), canUndo: true, canRedo: false, step: version })) as never);
    vi.spyOn(server, 'GET').mockImplementation(((path: string) =>
        answered(
            given[path] ??
                (path.endsWith('losses') ? { snags: [], path: '' } : path.endsWith('stamp') ? { stamp: '' } : []),
        )) as never);
    return createBench({
        id: 'regatta-shirt',
        jobId: 'crew-shirts',
        jobTitle: 'Crew shirts',
        siblings: [],
        document: design,
        sheet,
        version,
        savedAt: '2031-06-12T10:00:00Z',
        canUndo: false,
        canRedo: false,
        step: 1,
        approval: null,
    });
}

/** Draws something on a Bench. */
export function renderOn(store: BenchStore, content: ReactNode) {
    const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });
    client.setQueryData(films.queryKey, rack);
    client.setQueryData(fonts.queryKey, []);
    client.setQueryData(blanks.queryKey, []);
    return render(
        <QueryClientProvider client={client}>
            <BenchContext value={store}>{content}</BenchContext>
        </QueryClientProvider>,
    );
}
