import { useState, type KeyboardEvent, type PointerEvent } from 'react';

export interface Reorder {
    ids: readonly string[];
    /** The card on its way, and the place that it would take. */
    moving: { id: string; to: number } | null;
    card: (id: string) => { 'data-card': string };
    grip: (id: string) => {
        onPointerDown: (event: PointerEvent<HTMLElement>) => void;
        onPointerMove: (event: PointerEvent<HTMLElement>) => void;
        onPointerUp: () => void;
        onPointerCancel: () => void;
        onKeyDown: (event: KeyboardEvent) => void;
    };
}

/** Cards taken by their grips and put elsewhere in the order, by pointer, finger or arrow keys. */
export function useReorder(ids: readonly string[], onMove: (id: string, to: number) => void): Reorder {
    const [moving, setMoving] = useState<Reorder['moving']>(null);
    return {
        ids,
        moving,
        card: (id) => ({ 'data-card': id }),
        grip: (id) => ({
            onPointerDown: (event) => {
                event.stopPropagation();
                event.currentTarget.setPointerCapture(event.pointerId);
                setMoving({ id, to: ids.indexOf(id) });
            },
            onPointerMove: (event) => {
                if (moving) {
                    const others = ids.filter((other) => other !== id);
                    const above = others.filter((other) => {
                        const box = document.querySelector(`[data-card="${other}"]`)?.getBoundingClientRect();
                        return box && box.top + box.height / 2 < event.clientY;
                    });
                    setMoving({ id, to: above.length });
                }
            },
            onPointerUp: () => {
                if (moving) {
                    onMove(moving.id, moving.to);
                }
                setMoving(null);
            },
            onPointerCancel: () => setMoving(null),
            onKeyDown: (event) => {
                const step = { ArrowUp: -1, ArrowDown: 1 }[event.key];
                if (step !== undefined) {
                    event.preventDefault();
                    event.stopPropagation();
                    onMove(id, ids.indexOf(id) + step);
                }
            },
        }),
    };
}

/** Where the card on its way would come to lie. */
export function dropMark({ moving, ids }: Reorder, id: string): string {
    if (!moving || moving.id === id) {
        return '';
    }
    const others = ids.filter((other) => other !== moving.id);
    if (others[moving.to] === id) {
        return 'before:absolute before:inset-x-0 before:-top-1.5 before:h-1 before:bg-marigold';
    }
    return moving.to === others.length && others.at(-1) === id
        ? 'after:absolute after:inset-x-0 after:-bottom-1.5 after:h-1 after:bg-marigold'
        : '';
}
