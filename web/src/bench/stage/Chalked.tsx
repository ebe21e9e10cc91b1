import { useBench } from '../state/store';
import { useStage } from './StageView';

/** Words on the cloth, on a patch of its colour, so that cords, seams and pockets do not run through them. */
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
