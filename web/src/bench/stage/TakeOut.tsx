import { useState, type PointerEvent } from 'react';
import type { Frame } from '../../api/client';

export interface TakingOut {
    card: string;
    shape: 'box' | 'lasso';
}

interface Props {
    taking: TakingOut;
    /** The ink of the card, from whose middle the piece is measured. */
    ink: Frame;
    view: Frame;
    toStage: (event: PointerEvent) => { x: number; y: number };
    onTake: (points: number[]) => void;
}

/** Draws round what is to be taken out of a card: a box, or freely. */
export function TakeOut({ taking, ink, view, toStage, onTake }: Props) {
    const [points, setPoints] = useState<readonly { x: number; y: number }[]>([]);
    const outline = taking.shape === 'box' ? boxOf(points) : points;
    const end = () => {
        const [x, y] = [ink.left + ink.width / 2, ink.top + ink.height / 2];
        const kept = outline.flatMap((point) => [Math.round(point.x - x), Math.round(point.y - y)]);
        setPoints([]);
        if (kept.length >= 6) {
            onTake(kept.slice(0, 4000));
        }
    };
    return (
        <g className="pointer-events-auto">
            <rect
                data-part="take-out"
                x={view.left}
                y={view.top}
                width={view.width}
                height={view.height}
                fill="#22243a"
                fillOpacity=".08"
                className="cursor-crosshair touch-none"
                onPointerDown={(event) => {
                    event.stopPropagation();
                    event.currentTarget.setPointerCapture(event.pointerId);
                    setPoints([toStage(event)]);
                }}
                onPointerMove={(event) => {
                    if (points.length > 0) {
                        setPoints([...points, toStage(event)]);
                    }
                }}
                onPointerUp={end}
                onPointerCancel={() => setPoints([])}
            />
            {outline.length > 1 && (
                <path
                    d={`M${outline.map(({ x, y }) => `${x} ${y}`).join('L')}Z`}
                    fill="#b3372f"
                    fillOpacity=".25"
                    stroke="#b3372f"
                    strokeDasharray="4 3"
                    strokeWidth="1.4"
                    vectorEffect="non-scaling-stroke"
                    pointerEvents="none"
                />
            )}
        </g>
    );
}

function boxOf(points: readonly { x: number; y: number }[]) {
    const [from, to] = [points[0], points.at(-1)];
    return !from || !to || from === to || from.x === to.x || from.y === to.y
        ? []
        : [from, { x: to.x, y: from.y }, to, { x: from.x, y: to.y }];
}
