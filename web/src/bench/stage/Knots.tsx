import { useMemo } from 'react';
import { knotsOf } from '../model/knots';
import { cardOf, partOf } from '../state/select';
import { useBench } from '../state/store';
import { useStage } from './StageView';

/** The chosen line's path, and the knots that change the chosen card's shape. */
export function Knots({ card: id }: { card: string }) {
    const { pixel } = useStage();
    const design = useBench((bench) => bench.design);
    const part = useBench((bench) => partOf(bench, id));
    const drawer = useBench((bench) => bench.drawer);
    const moving = useBench((bench) => bench.gesture !== null);
    const card = cardOf(design, id);
    const knots = useMemo(() => (card ? knotsOf(card, part, design, drawer) : []), [card, part, design, drawer]);
    if (moving) {
        return null;
    }
    return (
        <g className="pointer-events-auto">
            {part?.handles?.path && (
                <path
                    data-part="path"
                    d={part.handles.path}
                    className="stroke-basting"
                    fill="none"
                    strokeOpacity=".8"
                    strokeWidth="1.2"
                    strokeDasharray="1 4"
                    strokeLinecap="round"
                    pointerEvents="none"
                    vectorEffect="non-scaling-stroke"
                />
            )}
            {knots.map(({ name, x, y }) => (
                <g key={name} data-grip={name} className="cursor-move">
                    <circle cx={x} cy={y} r={11 * pixel} fill="none" pointerEvents="all" className="touch-none" />
                    <path
                        d={`M${x - 5 * pixel} ${y}L${x} ${y - 5 * pixel}L${x + 5 * pixel} ${y}L${x} ${y + 5 * pixel}Z`}
                        className="fill-paper stroke-marigold"
                        strokeWidth="2"
                        vectorEffect="non-scaling-stroke"
                        pointerEvents="none"
                    />
                </g>
            ))}
        </g>
    );
}
