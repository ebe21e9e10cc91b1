import { useQuery } from '@tanstack/react-query';
import type { Frame } from '../../api/client';
import { blanks } from '../../api/queries';
import { useBench } from '../state/store';
import { useStage } from './StageView';

/** The other placements on this blank and size, faintly. */
export function OtherAreas() {
    const { pixel, chalk } = useStage();
    const shop = useQuery(blanks).data;
    const blank = useBench((bench) => bench.design.blank);
    const parts = useBench((bench) => bench.sheet.parts);
    const area = useBench((bench) => bench.sheet.area);
    const { placement } = blank;
    const entry = shop?.find((candidate) => candidate.blank.id === blank.id)?.blank;
    const others = entry?.sizes
        .find(({ size }) => size === blank.size)
        ?.placements.filter(({ id, brim }) => id !== placement.id && !brim);
    const ruler = 26 * pixel;
    const ruled = {
        left: area.left - ruler,
        top: area.top - ruler,
        width: area.width + ruler,
        height: area.height + ruler,
    };
    // Position of the distance from collar, hem or brim.
    const measure = {
        left: -placement.across,
        top: Math.min(-placement.down, 0),
        width: 160 * pixel,
        height: Math.abs(placement.down),
    };
    const taken = [ruled, measure, ...parts.flatMap(({ ink }) => ink ?? [])];
    return others?.map(({ id, name, width, height, across, down }) => {
        const left = across - placement.across - width / 2;
        const top = down - placement.down;
        const spot = spotFor(name, { left, top, width, height }, taken, pixel);
        return (
            <g key={id} opacity=".45">
                <rect
                    x={left}
                    y={top}
                    width={width}
                    height={height}
                    fill="none"
                    stroke={chalk}
                    strokeDasharray="1 6"
                    vectorEffect="non-scaling-stroke"
                />
                {spot && (
                    <text transform={`translate(${spot.x} ${spot.y}) scale(${pixel})`} fontSize="11" fill={chalk}>
                        {name}
                    </text>
                )}
            </g>
        );
    });
}

/** A corner for an area's name, clear of the current area and the ink. */
function spotFor(name: string, area: Frame, taken: readonly Frame[], pixel: number): { x: number; y: number } | null {
    const [width, height, pad] = [6 * name.length * pixel, 14 * pixel, 5 * pixel];
    const [right, bottom] = [area.left + area.width - width - pad, area.top + area.height - height - pad];
    const corners = [
        { left: right, top: bottom },
        { left: area.left + pad, top: bottom },
        { left: right, top: area.top + pad },
        { left: area.left + pad, top: area.top + pad },
        // Outside, above and below.
        { left: area.left, top: area.top - height - pad },
        { left: area.left, top: area.top + area.height + pad },
    ];
    const free = corners.find(({ left, top }) =>
        taken.every(
            (frame) =>
                left + width < frame.left ||
                left > frame.left + frame.width ||
                top + height < frame.top ||
                top > frame.top + frame.height,
        ),
    );
    return free ? { x: free.left, y: free.top + height - 3 * pixel } : null;
}
