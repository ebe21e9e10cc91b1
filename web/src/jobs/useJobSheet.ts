import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { answer, Refusal, server, type JobSheet } from '../api/client';

/** A change of what the job's sheet says. */
export type SheetChange = Partial<Pick<JobSheet, 'title' | 'customer' | 'due' | 'state' | 'items'>>;

export interface SheetNote {
    path: string;
    text: string;
}

/**
 * Saves each change of a job's sheet as it is made, one after the other, and says what stood in the way.
 */
export function useJobSheet(sheet: JobSheet) {
    const client = useQueryClient();
    const latest = useRef(sheet);
    const queue = useRef(Promise.resolve());
    const [note, setNote] = useState<SheetNote | null>(null);
    useEffect(() => {
        if (sheet.version > latest.current.version) {
            latest.current = sheet;
        }
    }, [sheet]);

    const show = useCallback(
        (next: JobSheet) => {
            latest.current = next;
            client.setQueryData(['jobs', next.id], next);
            void client.invalidateQueries({ queryKey: ['jobs'], exact: true });
        },
        [client],
    );

    /** Does something to the job on the server, and shows what came of it. */
    const act = useCallback(
        (work: (now: JobSheet) => Promise<JobSheet>) => {
            queue.current = queue.current.then(async () => {
                try {
                    show(await work(latest.current));
                    setNote(null);
                } catch (error) {
                    if (error instanceof Refusal && error.status === 409) {
                        await client.invalidateQueries({ queryKey: ['jobs', sheet.id] });
                        setNote({
                            path: '',
                            text: 'The job was changed in another window; this is how it is now. Change it again if it is not right.',
                        });
                    } else if (error instanceof Refusal) {
                        setNote({ path: error.problem.path, text: error.message });
                    } else {
                        setNote({ path: '', text: 'Not saved: the server can’t be reached. Try again.' });
                    }
                }
            });
            return queue.current;
        },
        [client, show, sheet.id],
    );

    const change = useCallback(
        (change: SheetChange) =>
            act(({ id, version, title, customer, due, state, items }) =>
                answer(
                    server.PUT('/api/jobs/{id}', {
                        params: { path: { id } },
                        body: { version, title, customer, due, state, items, ...change },
                    }),
                ),
            ),
        [act],
    );

    return { act, change, note };
}

export type Sheet = ReturnType<typeof useJobSheet>;
