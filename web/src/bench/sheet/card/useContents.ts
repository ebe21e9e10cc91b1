import { useEffect, useState } from 'react';
import type { contents } from './contents';

let loaded: typeof contents | null = null;

/** Fetched as soon as the browser has nothing else to do, and at the latest after this time, in ms. */
const WAIT = 1500;

/** What is in the drawers: fetched once the Bench is there, or when the first one is opened. */
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
