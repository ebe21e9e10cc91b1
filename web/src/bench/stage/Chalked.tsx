import { useBench } from '../state/store';
import { useStage } from './StageView';

/** Text on the fabric, on a patch of its colour to hide cords, seams and pockets. */
export function Chalked({ x, y, children }: { x: number; y: number; children: string }) {
    const { pixel, chalk } = useStage();
    const cloth = useBench((bench) => bench.design.blank.fabric.colour);
    return (
        <g transform={`translate(${x} ${y}) scale(${pixel})`} pointerEvents="none">
            <rect x="-4" y="-12" width={8 + 6 * children.length} height="16" rx="2" fill={cloth} fillOpacity=".9" />
            <text fontSize="11.5" fill={chalk}>
                {children}
            </text>
        </g>
    );
}
