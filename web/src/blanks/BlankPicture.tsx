import { useQuery } from '@tanstack/react-query';
import type { ShopBlank, Unit } from '../api/client';
import { showRound } from '../measure';
import { brightness } from '../film/brightness';
import { drawings } from './drawings';
import { drawingUrl } from './Garment';

interface Props {
    blank: ShopBlank;
    size: ShopBlank['sizes'][number];
    unit: Unit;
    chosen: string | null;
    onChoose: (placement: string) => void;
}

/** The blank with its areas drawn where they lie, measured from its measuring point. */
export function BlankPicture({ blank, size, unit, chosen, onChoose }: Props) {
    const colour = blank.fabrics[0]?.colour ?? '#b9b7b2';
    const href = drawingUrl(blank.drawing, colour);
    const frame = useQuery({
        queryKey: ['drawing', blank.drawing],
        queryFn: () => frameOf(href),
        staleTime: Infinity,
    }).data;
    const chalk = brightness(colour) < 0.55 ? 'var(--color-muslin)' : 'var(--color-ink)';
    const point = drawings.find(({ id }) => id === blank.drawing)?.point;
    if (!frame) {
        return <div />;
    }
    const scale = size.width / frame.blankWidth;
    const [left, top, width, height] = frame.box.map((length) => length * scale) as [number, number, number, number];
    const pixel = Math.max(width, height) / 620;
    return (
        <figure className="flex min-h-0 min-w-0 flex-col p-5">
            <svg
                role="img"
                aria-label={`${blank.name}, ${size.size}, with its areas`}
                viewBox={`${left} ${top} ${width} ${height}`}
                className="min-h-0 w-full flex-1"
            >
                <image href={href} x={left} y={top} width={width} height={height} />
                {size.placements.map((placement) => {
                    const on = placement.id === chosen;
                    const x = placement.across - placement.width / 2;
                    return (
                        <g key={placement.id} className="cursor-pointer" onClick={() => onChoose(placement.id)}>
                            <rect
                                x={x}
                                y={placement.down}
                                width={placement.width}
                                height={placement.height}
                                fill={chalk}
                                fillOpacity={on ? 0.14 : 0.04}
                                stroke={on ? 'var(--color-basting)' : chalk}
                                strokeWidth={on ? 2 : 1.2}
                                strokeDasharray={on ? '7 5' : '2 5'}
                                vectorEffect="non-scaling-stroke"
                            />
                            {on && (
                                <path
                                    d={`M0 0V${placement.down}H${placement.across}`}
                                    fill="none"
                                    stroke="var(--color-basting)"
                                    strokeDasharray="2 4"
                                    strokeWidth="1.4"
                                    vectorEffect="non-scaling-stroke"
                                />
                            )}
                            {/* Scaled, since browsers draw no letters larger than 10,000 units. */}
                            <text
                                transform={`translate(${placement.across} ${placement.down + placement.height / 2}) scale(${pixel})`}
                                textAnchor="middle"
                                fontSize="12.5"
                                fontWeight={on ? 700 : 500}
                                fill={chalk}
                            >
                                <tspan x="0">{placement.name}</tspan>
                                <tspan x="0" dy="15" fontSize="11">
                                    {showRound(placement.width, unit)} × {showRound(placement.height, unit)}
                                </tspan>
                            </text>
                        </g>
                    );
                })}
                <circle
                    r={4 * pixel}
                    fill="var(--color-basting)"
                    stroke="var(--color-ink)"
                    strokeWidth="1"
                    vectorEffect="non-scaling-stroke"
                />
            </svg>
            <figcaption className="pt-3 text-center text-xs text-quiet">
                “Down” and “to the right” count from the dot, {point}, to the middle of an area’s top edge.
            </figcaption>
        </figure>
    );
}

/** The drawing's own box and the blank's width in it, as it says itself. */
async function frameOf(href: string): Promise<{ box: number[]; blankWidth: number }> {
    const text = await (await fetch(href)).text();
    const svg = new DOMParser().parseFromString(text, 'image/svg+xml').documentElement;
    return {
        box: (svg.getAttribute('viewBox') ?? '0 0 1 1').split(' ').map(Number),
        blankWidth: Number(svg.getAttribute('data-width') ?? 1),
    };
}
