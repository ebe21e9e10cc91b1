import { useEffect, useState } from 'react';
import type { contents } from './contents';

let loaded: typeof contents | null = null;

/** Longest delay before the drawers are loaded, in ms. */
const WAIT = 1500;

/** Contents of the drawers: loaded when the browser is idle, or when a drawer opens. */
export function useContents(asked: boolean): typeof contents | null {
    const [now, setNow] = useState(loaded);
    useEffect(() => {
        if (loaded) {
            return;
        }
        const load = () =>
            void import('./contents').then((module) => {
                loaded = module.contents;
                setNow(loaded);
            });
        if (asked) {
            load();
            return;
        }
        const idle = window.requestIdleCallback(load, { timeout: WAIT });
        return () => window.cancelIdleCallback(idle);
    }, [asked]);
    return now;
}
