import { useQuery } from '@tanstack/react-query';
import type { Blank } from '../../api/client';
import { blanks } from '../../api/queries';

interface Props {
    blank: Blank;
    pixel: number;
    onDark: boolean;
}

/** The other areas that the shop has on this blank in this size, faintly, to see what is beside. */
export function OtherAreas({ blank, pixel, onDark }: Props) {
    const shop = useQuery(blanks).data;
    const entry = shop?.find((candidate) => candidate.blank.id === blank.id)?.blank;
    const others = entry?.sizes
        .find(({ size }) => size === blank.size)
        ?.placements.filter(({ id }) => id !== blank.placement.id);
    const chalk = onDark ? '#f5f1e8' : '#22243a';
    return others?.map(({ id, name, width, height, across, down }) => (
        <g
            key={id}
            transform={`translate(${across - blank.placement.across} ${down - blank.placement.down})`}
            opacity=".45"
        >
            <rect
                x={-width / 2}
                width={width}
                height={height}
                fill="none"
                stroke={chalk}
                strokeDasharray="1 6"
                vectorEffect="non-scaling-stroke"
            />
            <text
                transform={`translate(${width / 2 - 5 * pixel} ${height - 6 * pixel}) scale(${pixel})`}
                textAnchor="end"
                fontSize="11"
                fill={chalk}
            >
                {name}
            </text>
        </g>
    ));
}
