import { showWithUnit } from '../../measure';
import { useBench } from '../state/store';
import { BrimBand } from './BrimBand';
import { Chalked } from './Chalked';
import { useStage } from './StageView';
import { TapeRuler } from './TapeRuler';

/** The placement area (on a brim, a band) with tape rulers and its distance from collar, hem, seam or brim. */
export function PlacementArea() {
    const { pixel, chalk } = useStage();
    const placement = useBench((bench) => bench.design.blank.placement);
    const unit = useBench((bench) => bench.design.unit);
    const { width, height, across, down, from, brim } = placement;
    // The distance straight from the measuring point is drawn along its line.
    const above = down > 0;
    const start = above ? -down : height;
    const end = above ? 0 : -down;
    // Other distances are written at the area's lower edge.
    const drawn = from.find(({ distance }) => distance === end - start);
    const words = ({ edge, distance }: (typeof from)[number]) =>
        `${showWithUnit(distance, unit).replace('.0 mm', ' mm')} from the ${edge}`;
    if (brim) {
        return <BrimBand placement={placement} brim={brim} />;
    }
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
