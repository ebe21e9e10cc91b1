import { showWithUnit } from '../../measure';
import { useBench } from '../state/store';
import { useStage } from './StageView';
import { TapeRuler } from './TapeRuler';

/** The area that may carry lettering, its tape rulers, and how far it is from collar, hem, seam or brim. */
export function PlacementArea() {
    const { pixel, chalk } = useStage();
    const placement = useBench((bench) => bench.design.blank.placement);
    const unit = useBench((bench) => bench.design.unit);
    const { width, height, across, down, from } = placement;
    // The measure from the measuring point straight to the area is drawn along its way.
    const above = down > 0;
    const start = above ? -down : height;
    const end = above ? 0 : -down;
    // The other measures are written at the area's lower edge.
    const drawn = from.find(({ distance }) => distance === end - start);
    const words = ({ edge, distance }: (typeof from)[number]) =>
        `${showWithUnit(distance, unit).replace('.0 mm', ' mm')} from the ${edge}`;
    return (
        <g>
            <rect
                x={-width / 2}
                width={width}
                height={height}
                fill="none"
                stroke={chalk}
                strokeOpacity=".8"
                strokeDasharray="2 5"
                vectorEffect="non-scaling-stroke"
            />
            {drawn && Math.abs(end - start) > 12 * pixel && (
                <>
                    <path
                        d={`M${-across} ${start}V${above ? -24 * pixel : end}`}
                        stroke={chalk}
                        strokeDasharray="1 4"
                        strokeWidth="1.2"
                        vectorEffect="non-scaling-stroke"
                    />
                    <Chalked
                        x={-across + 8 * pixel}
                        y={above ? Math.max(start / 2 - 12 * pixel, -58 * pixel) : (start + end) / 2 + 4 * pixel}
                    >
                        {words(drawn)}
                    </Chalked>
                </>
            )}
            {from
                .filter((measure) => measure !== drawn)
                .map((measure, at) => (
                    <Chalked key={measure.edge} x={-width / 2} y={height + (16 + 18 * at) * pixel}>
                        {words(measure)}
                    </Chalked>
                ))}
            <TapeRuler length={width} unit={unit} x={-width / 2} y={-24 * pixel} />
            <TapeRuler length={height} unit={unit} x={-width / 2 - 24 * pixel} y={0} upright />
        </g>
    );
}

/** Words on the cloth, on a patch of its colour, so that cords, seams and pockets do not run through them. */
function Chalked({ x, y, children }: { x: number; y: number; children: string }) {
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
