import { useState, type PointerEvent } from 'react';
import type { Frame, Sheet } from '../../api/client';
import { snap, type Guide } from './snap';

/** A part on its way: how far it was dragged, in µm, and the guides that it snapped to. */
export interface Drag {
    line: string;
    dx: number;
    dy: number;
    guides: readonly Guide[];
}

interface Held extends Drag {
    /** What was on the stage when it was dropped: the place is held until the exact result is there. */
    sheet: Sheet;
}

interface Start {
    line: string;
    x: number;
    y: number;
    ink: Frame;
}

/** How far the pointer has to go before it is a drag and not a click, in screen pixels. */
const SLACK = 3;

/**
 * Dragging parts with the pointer. It follows at every frame without asking the server; holding Alt
 * keeps it from snapping.
 */
export function useDrag(
    sheet: Sheet,
    pixel: number,
    onChoose: (line: string) => void,
    onMove: (line: string, dx: number, dy: number) => void,
) {
    const [start, setStart] = useState<Start | null>(null);
    const [drag, setDrag] = useState<Drag | null>(null);
    const [held, setHeld] = useState<Held | null>(null);

    const handlers = (line: string, ink: Frame | null) => ({
        onPointerDown: (event: PointerEvent<SVGElement>) => {
            if (event.button === 0 && ink) {
                event.currentTarget.setPointerCapture(event.pointerId);
                setStart({ line, x: event.clientX, y: event.clientY, ink });
                onChoose(line);
            }
        },
        onPointerMove: (event: PointerEvent<SVGElement>) => {
            if (!start) {
                return;
            }
            const x = event.clientX - start.x;
            const y = event.clientY - start.y;
            if (drag || Math.hypot(x, y) > SLACK) {
                const free = { dx: Math.round(x * pixel), dy: Math.round(y * pixel), guides: [] };
                setDrag({ line: start.line, ...(event.altKey ? free : snap(start, free, sheet, 6 * pixel)) });
            }
        },
        onPointerUp: () => {
            if (drag) {
                setHeld({ ...drag, guides: [], sheet });
                onMove(drag.line, drag.dx, drag.dy);
            }
            setStart(null);
            setDrag(null);
        },
        onPointerCancel: () => {
            setStart(null);
            setDrag(null);
        },
    });

    return { drag: drag ?? (held?.sheet === sheet ? held : null), handlers };
}
