import { useState, type PointerEvent } from 'react';
import type { Erasure, Frame, SheetPart } from '../../api/client';

export interface TakingOut {
    card: string;
    shape: 'box' | 'lasso';
}

interface Props {
    taking: TakingOut;
    /** The part that is taken from. */
    part: SheetPart;
    view: Frame;
    toStage: (event: PointerEvent) => { x: number; y: number };
    onTake: (piece: Pick<Erasure, 'points' | 'of'>) => void;
}

/** Draws round what is to be taken out of a card: a box, or freely. */
export function TakeOut({ taking, part, view, toStage, onTake }: Props) {
    const [points, setPoints] = useState<readonly { x: number; y: number }[]>([]);
    const outline = taking.shape === 'box' ? boxOf(points) : points;
    const end = () => {
        const kept = outline.flatMap(({ x, y }) => [Math.round(x - part.middleX), Math.round(y - part.middleY)]);
        setPoints([]);
        if (kept.length >= 6) {
            // A line is as large as its letters, however many there are.
            const [width, height] =
                part.letterHeight > 0 ? [part.letterHeight, part.letterHeight] : [part.width, part.height];
            onTake({ points: kept.slice(0, 4000), of: { width, height, turn: part.turn } });
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
