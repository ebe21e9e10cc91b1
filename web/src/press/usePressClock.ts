import { useEffect, useEffectEvent, useState } from 'react';

/** One closing of the press: which step, in which section. */
export interface Run {
    step: number;
    section: number;
    seconds: number;
}

export interface PressClock {
    /** The run that is next or under way; as many as there are when all are done. */
    at: number;
    /** Seconds left of it, rounded up. */
    left: number;
    running: boolean;
    start: () => void;
    /** Stops what runs, and begins it again. */
    again: () => void;
    goTo: (at: number) => void;
}

/** How often the clock is looked at, in ms. */
const TICK = 100;

/** Counts the runs of one piece down, one after another; each is started by hand. It needs no server. */
export function usePressClock(runs: readonly Run[], onRun: () => void, onDone: () => void): PressClock {
    const [at, setAt] = useState(0);
    const [ends, setEnds] = useState<number | null>(null);
    const [now, setNow] = useState(() => Date.now());
    const seconds = runs[at]?.seconds ?? 0;
    const over = useEffectEvent(() => {
        setEnds(null);
        setAt(at + 1);
        onRun();
        if (at + 1 >= runs.length) {
            onDone();
        }
    });
    useEffect(() => {
        if (ends === null) {
            return;
        }
        const timer = window.setInterval(() => {
            setNow(Date.now());
            if (Date.now() >= ends) {
                window.clearInterval(timer);
                over();
            }
        }, TICK);
        return () => window.clearInterval(timer);
    }, [ends]);
    const goTo = (next: number) => {
        setEnds(null);
        setAt(next);
    };
    return {
        at,
        left: ends === null ? seconds : Math.max(0, Math.ceil((ends - now) / 1000)),
        running: ends !== null,
        start: () => {
            if (ends === null && at < runs.length) {
                setNow(Date.now());
                setEnds(Date.now() + 1000 * seconds);
            }
        },
        again: () => goTo(at),
        goTo,
    };
}
