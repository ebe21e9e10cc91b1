import { useId, type ReactNode } from 'react';

interface Fabric {
    /** Fills with the fabric, its weave and the light on it. */
    cloth: (d: string) => ReactNode;
    /** A seam: a fold line with a stitched line beside it. */
    seam: (d: string) => ReactNode;
    stitch: (d: string) => ReactNode;
    fold: (d: string) => ReactNode;
}

/**
 * How a colour of cloth is drawn: darker in the folds, lighter where the light falls. The grain
 * makes weave and stitches finer on small blanks.
 */
export function useFabric(colour: string, grain = 1): Fabric & { defs: ReactNode } {
    const id = useId().replaceAll(':', '');
    const light = brightness(colour) > 0.55;
    const dark = light ? '#3b3524' : '#000';
    return {
        defs: (
            <defs>
                <pattern id={`${id}w`} width={3 * grain} height={3 * grain} patternUnits="userSpaceOnUse">
                    <path
                        d="M0 .75h3M.75 0v3"
                        transform={`scale(${grain})`}
                        stroke={light ? '#5b4f2e' : '#fff'}
                        strokeOpacity=".05"
                        strokeWidth=".7"
                    />
                </pattern>
                <linearGradient id={`${id}s`} x1="0" x2="1" y1="0" y2="0.12">
                    <stop offset="0" stopColor={dark} stopOpacity=".2" />
                    <stop offset=".22" stopColor={dark} stopOpacity=".02" />
                    <stop offset=".5" stopColor="#fff" stopOpacity=".06" />
                    <stop offset=".8" stopColor={dark} stopOpacity=".03" />
                    <stop offset="1" stopColor={dark} stopOpacity=".22" />
                </linearGradient>
                <filter id={`${id}f`} x="-50%" y="-50%" width="200%" height="200%">
                    <feGaussianBlur stdDeviation={6 * grain} />
                </filter>
            </defs>
        ),
        cloth: (d) => (
            <>
                <path d={d} fill={colour} />
                <path d={d} fill={`url(#${id}w)`} />
                <path d={d} fill={`url(#${id}s)`} stroke={dark} strokeOpacity=".35" strokeWidth={0.8 * grain} />
            </>
        ),
        seam: (d) => <path d={d} fill="none" stroke={dark} strokeOpacity=".32" strokeWidth={1.1 * grain} />,
        stitch: (d) => (
            <path
                d={d}
                fill="none"
                stroke={light ? '#4a4230' : '#fff'}
                strokeOpacity={light ? 0.4 : 0.3}
                strokeWidth={0.7 * grain}
                strokeDasharray={`${3 * grain} ${2.2 * grain}`}
            />
        ),
        fold: (d) => (
            <path
                d={d}
                fill="none"
                stroke={dark}
                strokeOpacity=".22"
                strokeWidth={8 * grain}
                strokeLinecap="round"
                filter={`url(#${id}f)`}
            />
        ),
    };
}

/** From 0 for black to 1 for white. */
export function brightness(colour: string): number {
    const channel = (at: number) => parseInt(colour.slice(at, at + 2), 16) / 255;
    return 0.3 * channel(1) + 0.59 * channel(3) + 0.11 * channel(5);
}
