import { answer, Refusal, server, type Film } from '../../api/client';
import type { Arrival } from '../model/arrival';
import { freeId, withNewMotif } from '../model/edits';
import { openCard } from '../state/select';
import type { BenchStore } from '../state/store';

type Taker = (file: File) => Promise<Omit<Arrival, 'file' | 'failed'>>;

/** Sends files unchanged. */
const raw = (file: File, type: string) => ({
    body: file as unknown as string,
    bodySerializer: (body: unknown) => body as Blob,
    headers: { 'Content-Type': type },
});

/** Importers by file extension. */
const takersOf = (store: BenchStore, rack: readonly Film[]): readonly { ends: RegExp; take: Taker }[] => [
    {
        ends: /\.svg$/i,
        take: async (file) => {
            const artwork = await answer(server.POST('/api/artwork', raw(file, 'image/svg+xml')));
            const { design, change, choose, sheet } = store.getState();
            const around = { on: openCard(store.getState()), ink: sheet.ink };
            const id = freeId(design, 'motif');
            change(withNewMotif(id, file.name.replace(/\.svg$/i, ''), artwork, rack, around));
            choose(id);
            return { said: artwork.notes };
        },
    },
    {
        ends: /\.(ttf|otf|woff2?|ttc)$/i,
        take: async (file) => {
            const { font, known, note } = await answer(
                server.POST('/api/fonts', raw(file, 'application/octet-stream')),
            );
            return { said: [known ? note : `${font.name} is in the type case. ${note}`.trim()], font: font.id };
        },
    },
    {
        ends: /\.(zip|uvret)$/i,
        take: async (file) => {
            const { jobId } = store.getState().opened;
            const made = await answer(
                server.POST('/api/jobs/{id}/design-file', {
                    params: { path: { id: jobId } },
                    ...raw(file, 'application/zip'),
                }),
            );
            return { said: ['It is opened as a design of this job.'], design: made.id };
        },
    },
];

const UNKNOWN =
    'This can’t be used here. Drop an SVG file for a motif, a font (TTF, OTF or WOFF), or a design file (ZIP).';

/** Imports a file: SVG as a motif, fonts into the type case, design files as designs. */
export async function takeIn(file: File, store: BenchStore, rack: readonly Film[]): Promise<Arrival> {
    const taker = takersOf(store, rack).find(({ ends }) => ends.test(file.name));
    if (!taker) {
        return { file: file.name, said: [UNKNOWN], failed: true };
    }
    try {
        return { file: file.name, failed: false, ...(await taker.take(file)) };
    } catch (error) {
        const why = error instanceof Refusal ? error.message : 'The server can’t be reached. Drop it again.';
        return { file: file.name, said: [why], failed: true };
    }
}
