import { createContext, useContext } from 'react';
import type { Frame } from '../../api/client';

/** What of the blank is in sight, and how many µm a screen pixel covers. */
export interface StageView {
    box: Frame;
    pixel: number;
    /** A place on the screen, in µm on the blank. */
    toStage: (at: { clientX: number; clientY: number }) => { x: number; y: number };
    /** The colour of what is drawn on the cloth in chalk. */
    chalk: string;
    onDark: boolean;
}

export const StageContext = createContext<StageView | null>(null);

export function useStage(): StageView {
    const view = useContext(StageContext);
    if (!view) {
        throw new Error('There is no stage around this.');
    }
    return view;
}

export const viewBoxOf = ({ left, top, width, height }: Frame) => `${left} ${top} ${width} ${height}`;
