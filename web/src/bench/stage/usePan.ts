import { useRef, type PointerEvent } from 'react';
import type { View } from './useView';

/** Moving the view by dragging beside the parts, and zooming with two fingers. */
export function usePan({ pan, zoom }: View, onClick: () => void) {
    const fingers = useRef(new Map<number, { x: number; y: number }>());
    const moved = useRef(0);
    return {
        onPointerDown: (event: PointerEvent) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            fingers.current.set(event.pointerId, { x: event.clientX, y: event.clientY });
            moved.current = 0;
        },
        onPointerMove: (event: PointerEvent) => {
            const was = fingers.current.get(event.pointerId);
            if (!was) {
                return;
            }
            const others = [...fingers.current].filter(([id]) => id !== event.pointerId).map(([, at]) => at);
            fingers.current.set(event.pointerId, { x: event.clientX, y: event.clientY });
            moved.current += Math.abs(event.clientX - was.x) + Math.abs(event.clientY - was.y);
            const other = others[0];
            if (other) {
                const before = Math.hypot(was.x - other.x, was.y - other.y);
                const after = Math.hypot(event.clientX - other.x, event.clientY - other.y);
                zoom(after / Math.max(before, 1), { clientX: other.x, clientY: other.y });
            } else {
                pan(event.clientX - was.x, event.clientY - was.y);
            }
        },
        onPointerUp: (event: PointerEvent) => {
            // What began on a part is none of the hand's business.
            if (fingers.current.delete(event.pointerId) && moved.current < 4) {
                onClick();
            }
        },
        onPointerCancel: (event: PointerEvent) => {
            fingers.current.delete(event.pointerId);
        },
    };
}
