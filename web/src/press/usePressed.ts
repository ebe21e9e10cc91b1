import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useState } from 'react';
import { answer, Refusal, server } from '../api/client';
import { pressSheet } from '../api/queries';

/** A piece that was pressed, until the server knows of it. */
interface Note {
    design: string;
    row: string;
    at: string;
}

const KEY = 'uvret.pressed';

/** How long it is waited before the server is told again, in ms. */
const AGAIN = 4000;

const kept = (): Note[] => {
    try {
        return JSON.parse(localStorage.getItem(KEY) ?? '[]') as Note[];
    } catch {
        return [];
    }
};

/** Notes what is pressed: at once on this machine, and on the server as soon as it answers. */
export function usePressed() {
    const client = useQueryClient();
    const [waiting, setWaiting] = useState<Note[]>(kept);
    const keep = useCallback((notes: Note[]) => {
        localStorage.setItem(KEY, JSON.stringify(notes));
        setWaiting(notes);
    }, []);
    // Told one after another; what is noted meanwhile does not tell the first one again.
    const first = waiting[0] ? JSON.stringify(waiting[0]) : '';
    useEffect(() => {
        if (first === '') {
            return;
        }
        const next = JSON.parse(first) as Note;
        let timer = 0;
        let over = false;
        const tell = async () => {
            try {
                const path = { id: next.design };
                const sheet = await answer(server.POST('/api/designs/{id}/press', { params: { path }, body: next }));
                client.setQueriesData({ queryKey: pressSheet(next.design, '').queryKey.slice(0, 2) }, (shown) =>
                    typeof shown === 'object' && shown !== null ? { ...shown, rows: sheet.rows } : shown,
                );
                // What was asked for meanwhile may not know of it yet.
                void client.invalidateQueries({ queryKey: ['press', next.design] });
                void client.invalidateQueries({ queryKey: ['jobs'] });
            } catch (error) {
                if (!(error instanceof Refusal)) {
                    // Away, not refused: it is told later.
                    timer = window.setTimeout(() => void tell(), AGAIN);
                    return;
                }
            }
            if (!over) {
                keep(kept().slice(1));
            }
        };
        void tell();
        return () => {
            over = true;
            window.clearTimeout(timer);
        };
    }, [client, keep, first]);
    return {
        /** Those that the server does not know of yet. */
        waiting,
        note: (design: string, row: string) => keep([...kept(), { design, row, at: new Date().toISOString() }]),
    };
}
