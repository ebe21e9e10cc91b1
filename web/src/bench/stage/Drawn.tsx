import { useBench } from '../state/store';
import { useStage } from './StageView';

/** The loop being drawn, to erase or to select. */
export function Drawn() {
    const { box } = useStage();
    const points = useBench((bench) => bench.drawn);
    const erasing = useBench((bench) => bench.erasing !== null);
    const drawing = useBench((bench) => bench.erasing !== null || bench.lasso);
    return (
        <g className={drawing ? 'pointer-events-auto' : undefined}>
            {drawing && (
                <rect
                    data-part={erasing ? 'erase' : 'lasso'}
                    x={box.left}
                    y={box.top}
                    width={box.width}
                    height={box.height}
                    fillOpacity={erasing ? 0.08 : 0}
                    className="cursor-crosshair touch-none fill-ink"
                    pointerEvents="all"
                />
            )}
            {points.length > 1 && (
                <path
                    data-part="loop"
                    d={`M${points.map(({ x, y }) => `${x} ${y}`).join('L')}Z`}
                    className={erasing ? 'fill-madder stroke-madder' : 'fill-basting stroke-basting'}
                    fillOpacity=".2"
                    strokeDasharray="4 3"
                    strokeWidth="1.4"
                    vectorEffect="non-scaling-stroke"
                    pointerEvents="none"
                />
            )}
        </g>
    );
}
