import { createContext, useContext } from 'react';
import type { Frame } from '../../api/client';

/** The visible part of the blank, and µm per screen pixel. */
export interface StageView {
    box: Frame;
    pixel: number;
    /** Screen position to µm on the blank. */
    toStage: (at: { clientX: number; clientY: number }) => { x: number; y: number };
    /** Colour of chalk lines on the fabric. */
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
