import { useCallback, useEffect, useRef, useState } from 'react';
import { Refusal } from './client';

interface Keeping<Entry, Value> {
    /** What it is called in messages. */
    what: string;
    save: (latest: Entry, change: (value: Value) => Value) => Promise<Entry>;
    /** Takes in what was saved. */
    onSaved: (saved: Entry) => void;
    /** Fetches again what was changed elsewhere. */
    refresh: () => Promise<void>;
}

/** Saves each change of an entry of the shop as it is made, one after the other, and says what stood in the way. */
export function useKept<Entry extends { version: number }, Value>(entry: Entry, keeping: Keeping<Entry, Value>) {
    const latest = useRef(entry);
    const queue = useRef(Promise.resolve());
    const how = useRef(keeping);
    const [wrong, setWrong] = useState<string | null>(null);
    useEffect(() => {
        how.current = keeping;
        if (entry.version > latest.current.version) {
            latest.current = entry;
        }
    });
    const change = useCallback((change: (value: Value) => Value) => {
        queue.current = queue.current.then(async () => {
            const { what, save, onSaved, refresh } = how.current;
            try {
                latest.current = await save(latest.current, change);
                onSaved(latest.current);
                setWrong(null);
            } catch (error) {
                if (error instanceof Refusal && error.status === 409) {
                    await refresh();
                    setWrong(
                        `This ${what} was changed in another window; this is how it is now. Change it again if it is not right.`,
                    );
                } else {
                    setWrong(
                        error instanceof Refusal
                            ? `Not saved: ${error.message}`
                            : 'Not saved: the server can’t be reached. Try again.',
                    );
                }
            }
        });
    }, []);
    return { change, wrong };
}
