import { useEffect, useState } from 'react';
import type { Key } from '../../ui/keys';
import { useBenchStore } from '../state/store';

/** Longest delay before the keys are loaded, in ms. */
const WAIT = 300;

/** The keys of the Bench: fetched right after it is drawn. */
export function useBenchKeys(): readonly Key[] {
    const store = useBenchStore();
    const [keys, setKeys] = useState<readonly Key[]>([]);
    useEffect(() => {
        const idle = window.requestIdleCallback(
            () =>
                // Dragging of cards is loaded with them.
                void Promise.all([import('./benchKeys'), import('../shared/Dragging')]).then(([{ keysOf }]) => {
                    setKeys(keysOf(store));
                    store.getState().look({ keyed: true });
                }),
            { timeout: WAIT },
        );
        return () => window.cancelIdleCallback(idle);
    }, [store]);
    return keys;
}
