import type { Blank, Unit } from '../../api/client';
import { showWithUnit } from '../../measure';
import { TapeRuler } from './TapeRuler';

interface Props {
    blank: Blank;
    unit: Unit;
    pixel: number;
    onDark: boolean;
}

/** The area that may carry lettering, its tape rulers, and where it is measured from. */
export function PlacementArea({ blank, unit, pixel, onDark }: Props) {
    const { width, height, across, down, from } = blank.placement;
    const chalk = onDark ? '#f5f1e8' : '#22243a';
    // The measure from the measuring point straight to the area is drawn along its way.
    const above = down > 0;
    const start = above ? -down : height;
    const end = above ? 0 : -down;
    // The other measures are written at the area's lower edge.
    const drawn = from.find(({ distance }) => distance === end - start);
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
                <g>
                    <path
                        d={`M${-across} ${start}V${above ? -24 * pixel : end}`}
                        stroke={chalk}
                        strokeDasharray="1 4"
                        strokeWidth="1.2"
                        vectorEffect="non-scaling-stroke"
                    />
                    <text
                        transform={`translate(${-across + 8 * pixel} ${above ? Math.max(start / 2 - 12 * pixel, -58 * pixel) : (start + end) / 2 + 4 * pixel}) scale(${pixel})`}
                        fontSize="11.5"
                        fill={chalk}
                    >
                        {showWithUnit(drawn.distance, unit).replace('.0 mm', ' mm')} from the {drawn.edge}
                    </text>
                </g>
            )}
            {from
                .filter((measure) => measure !== drawn)
                .map(({ edge, distance }, at) => (
                    <text
                        key={edge}
                        transform={`translate(${-width / 2} ${height + (16 + 15 * at) * pixel}) scale(${pixel})`}
                        fontSize="11.5"
                        fill={chalk}
                    >
                        {showWithUnit(distance, unit).replace('.0 mm', ' mm')} from the {edge}
                    </text>
                ))}
            <TapeRuler length={width} unit={unit} pixel={pixel} x={-width / 2} y={-24 * pixel} />
            <TapeRuler length={height} unit={unit} pixel={pixel} x={-width / 2 - 24 * pixel} y={0} upright />
        </g>
    );
}
