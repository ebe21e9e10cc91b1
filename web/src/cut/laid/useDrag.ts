import { useRef, useState, type PointerEvent } from 'react';
import { answer, server, type LaidPieceCard, type Spot } from '../../api/client';
import { moved } from './spots';

export interface Drag {
    number: number;
    along: number;
    across: number;
    /** Pieces that it touches where it is, or null until the server has looked. */
    touches: number[];
    fits: boolean | null;
}

/** Shorter ways are a click, in pixels. */
const SLOP = 4;

/** Moves a piece by hand: the server says at every place what it would touch, exactly. */
export function useDrag(film: string, scale: number, onDrop: (number: number, spot: Spot) => void) {
    const [drag, setDrag] = useState<Drag | null>(null);
    const from = useRef<{ piece: LaidPieceCard; x: number; y: number } | null>(null);
    const asked = useRef({ busy: false, next: null as Spot | null });

    const ask = async (number: number, spot: Spot) => {
        if (asked.current.busy) {
            asked.current.next = spot;
            return;
        }
        asked.current.busy = true;
        const found = await answer(
            server.POST('/api/layouts/{film}/pieces/{number}/try', { params: { path: { film, number } }, body: spot }),
        ).catch(() => null);
        asked.current.busy = false;
        const { next } = asked.current;
        asked.current.next = null;
        if (next && from.current) {
            void ask(number, next);
        }
        if (found) {
            setDrag(
                (now) => now && { ...now, touches: found.touches, fits: found.inside && found.touches.length === 0 },
            );
        }
    };
    const at = (event: PointerEvent, start: { x: number; y: number }) => ({
        along: (event.clientX - start.x) / scale,
        across: -(event.clientY - start.y) / scale,
    });
    return {
        drag,
        grab: (piece: LaidPieceCard) => (event: PointerEvent) => {
            if (event.button === 0) {
                event.currentTarget.setPointerCapture(event.pointerId);
                from.current = { piece, x: event.clientX, y: event.clientY };
            }
        },
        carry: (event: PointerEvent) => {
            const start = from.current;
            if (!start || (!drag && Math.hypot(event.clientX - start.x, event.clientY - start.y) < SLOP)) {
                return;
            }
            const { along, across } = at(event, start);
            const { number } = start.piece;
            setDrag((now) => ({ touches: now?.touches ?? [], fits: now?.fits ?? null, number, along, across }));
            void ask(number, moved(start.piece, along, across));
        },
        drop: (event: PointerEvent) => {
            const start = from.current;
            from.current = null;
            if (start && drag) {
                const { along, across } = at(event, start);
                onDrop(start.piece.number, moved(start.piece, along, across));
            }
            setDrag(null);
        },
        cancel: () => {
            from.current = null;
            setDrag(null);
        },
    };
}
