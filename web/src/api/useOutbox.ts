import { useEffect, useState, useSyncExternalStore } from 'react';
import { Outbox, type Ports, type Saved } from './outbox';

/** An outbox for the lifetime of its component. Warns before the tab is closed with unsaved changes. */
export function useOutbox<Value, Answer>(start: Saved<Value>, ports: Ports<Value, Answer>) {
    const [box] = useState(() => new Outbox<Value, Answer>(start, ports));
    useEffect(() => box.through(ports));
    const seen = useSyncExternalStore(box.subscribe, box.snapshot);
    useEffect(() => {
        const warn = (event: BeforeUnloadEvent) => {
            if (box.snapshot().unsaved) {
                event.preventDefault();
            }
        };
        window.addEventListener('beforeunload', warn);
        window.addEventListener('online', box.retry);
        return () => {
            window.removeEventListener('beforeunload', warn);
            window.removeEventListener('online', box.retry);
        };
    }, [box]);
    return { box, ...seen };
}
