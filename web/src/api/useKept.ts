import { useEffect, useState } from 'react';
import { useOutbox } from './useOutbox';

interface Keeping<Entry, Value> {
    /** Its name in messages. */
    what: string;
    value: (entry: Entry) => Value;
    save: (value: Value, version: number) => Promise<Entry>;
    /** Receives the server's value. */
    onSaved: (saved: Entry) => void;
    /** Fetches the current value after a change elsewhere. */
    fetch: () => Promise<Entry | undefined>;
}

/** Why saving failed, for one field or in general. */
export interface Note {
    path: string;
    text: string;
}

/** An entry of the shop, saved with every change, and why saving failed. */
export function useKept<Entry extends { version: number }, Value>(entry: Entry, keeping: Keeping<Entry, Value>) {
    const { what, value, save, onSaved, fetch } = keeping;
    const [elsewhere, setElsewhere] = useState(false);
    const saved = (entry: Entry) => ({ value: value(entry), version: entry.version });
    const outbox = useOutbox<Value, Entry>(saved(entry), {
        send: save,
        read: saved,
        took: (answer) => {
            setElsewhere(false);
            onSaved(answer);
        },
        overtaken: async () => {
            const now = await fetch();
            if (now) {
                outbox.box.adopt(saved(now));
                onSaved(now);
            }
            setElsewhere(true);
        },
        givesUp: true,
    });
    const { box, saving, unsaved, version } = outbox;
    useEffect(() => {
        if (entry.version > version && !unsaved) {
            box.adopt(saved(entry));
        }
        // How a value is read from its entry never changes.
        // eslint-disable-next-line react-hooks/exhaustive-deps
    }, [box, entry, unsaved, version]);
    const note: Note | null = elsewhere
        ? {
              path: '',
              text: `This ${what} was changed in another window; this is how it is now. Change it again if it is not right.`,
          }
        : 'why' in saving
          ? { path: 'path' in saving ? saving.path : '', text: `Not saved: ${saving.why}` }
          : null;
    return { value: outbox.value, change: box.change, ask: box.ask, retry: box.retry, note, saving };
}
