import { useStage } from './StageView';

interface Props {
    x: number;
    y: number;
    /** The plate's anchor point. */
    from?: 'middle' | 'left';
    children: string;
}

/** A short label on the stage, the same size at any zoom. */
export function Plate({ x, y, from = 'middle', children }: Props) {
    const { pixel } = useStage();
    const width = 10 + 6.4 * children.length;
    const left = from === 'left' ? 0 : -width / 2;
    return (
        <g transform={`translate(${x} ${y}) scale(${pixel})`} pointerEvents="none">
            <rect x={left} y="-9" width={width} height="18" rx="3" className="fill-paper stroke-seam" />
            <text x={left + width / 2} y="4" textAnchor="middle" fontSize="11.5" fontWeight="700" className="fill-ink">
                {children}
            </text>
        </g>
    );
}
