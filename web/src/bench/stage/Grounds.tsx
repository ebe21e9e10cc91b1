import type { Line } from '../../api/client';
import { useBench } from '../state/store';

/** Areas between the letters, where a line can also be dragged unless another line's ink is there. */
export function Grounds({ lines }: { lines: readonly Line[] }) {
    const parts = useBench((bench) => bench.sheet.parts);
    return lines.map(({ id }) => {
        const part = parts.find((candidate) => candidate.card === id);
        return part?.ink ? (
            <rect
                key={id}
                data-ground={id}
                className="cursor-move touch-none"
                transform={`translate(${part.middleX} ${part.middleY}) rotate(${part.turn})`}
                x={-part.width / 2}
                y={-part.height / 2}
                width={part.width}
                height={part.height}
                fill="none"
                pointerEvents="all"
            />
        ) : null;
    });
}
