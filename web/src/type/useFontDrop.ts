import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { answer, Refusal, server } from '../api/client';
import { fonts } from '../api/queries';
import { useFileDrop } from '../ui/useFileDrop';

/** What became of a font file. */
export interface Arrived {
    file: string;
    /** The font's id; null if it was refused. */
    font: string | null;
    said: string;
}

const isFont = (file: File) => /\.(ttf|otf|woff2?|ttc)$/i.test(file.name);

/** Takes in fonts that are dropped anywhere on the page, one after the other. */
export function useFontDrop() {
    const client = useQueryClient();
    const [arrived, setArrived] = useState<Arrived[]>([]);

    const take = useCallback(
        async (files: Iterable<File>) => {
            const said: Arrived[] = [];
            for (const file of files) {
                try {
                    const { font, known, note } = await answer(
                        server.POST('/api/fonts', {
                            body: file as unknown as string,
                            bodySerializer: (body) => body as unknown as Blob,
                            headers: { 'Content-Type': 'application/octet-stream' },
                        }),
                    );
                    said.push({
                        file: file.name,
                        font: font.id,
                        said: known ? note : `${font.name} is in the type case. ${note}`.trim(),
                    });
                } catch (error) {
                    const why =
                        error instanceof Refusal ? error.message : 'The server can’t be reached. Drop it again.';
                    said.push({
                        file: file.name,
                        font: null,
                        said: isFont(file) ? why : `This is no font file. ${why}`,
                    });
                }
            }
            await client.invalidateQueries(fonts);
            setArrived(said);
        },
        [client],
    );

    const over = useFileDrop((files) => void take(files));

    return { over, arrived, take, dismiss: useCallback(() => setArrived([]), []) };
}
