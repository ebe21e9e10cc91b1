import { useQuery } from '@tanstack/react-query';
import type { Placement, ShopBlank, Unit } from '../api/client';
import { brightness } from '../film/brightness';
import { areaText } from './areaText';
import { drawings } from './drawings';
import { drawingFrame, placed } from './drawingFrame';
import { drawingUrl } from './Garment';
import { KeepOffMarks } from './KeepOffMarks';

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
    const frame = useQuery(drawingFrame(blank.drawing)).data;
    const chalk = brightness(colour) < 0.55 ? 'var(--color-muslin)' : 'var(--color-ink)';
    const point = drawings.find(({ id }) => id === blank.drawing)?.point;
    if (!frame) {
        return <div />;
    }
    const { left, top, width, height } = placed(frame, size);
    const pixel = Math.max(width, height) / 620;
    return (
        <figure className="flex min-h-0 min-w-0 flex-col p-5">
            <svg
                role="img"
                aria-label={`${blank.name}, ${size.size}, with its areas`}
                viewBox={`${left} ${top} ${width} ${height}`}
                className="min-h-0 w-full flex-1"
            >
                <image href={href} x={left} y={top} width={width} height={height} preserveAspectRatio="none" />
                <KeepOffMarks places={size.keepOff} colour={chalk} />
                {size.placements.map((placement) => {
                    const on = placement.id === chosen;
                    return (
                        <g key={placement.id} className="cursor-pointer" onClick={() => onChoose(placement.id)}>
                            <path
                                d={outlineOf(placement)}
                                fillRule="evenodd"
                                fill={chalk}
                                fillOpacity={on ? 0.14 : 0.04}
                                stroke={on ? 'var(--color-basting)' : chalk}
                                strokeWidth={on ? 2 : 1.2}
                                strokeDasharray={on ? '7 5' : '2 5'}
                                vectorEffect="non-scaling-stroke"
                            />
                            {on && !placement.brim && (
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
                                transform={`translate(${placement.across} ${middleOf(placement)}) scale(${pixel})`}
                                textAnchor="middle"
                                fontSize="12.5"
                                fontWeight={on ? 700 : 500}
                                fill={chalk}
                            >
                                <tspan x="0">{placement.name}</tspan>
                                <tspan x="0" dy="15" fontSize="11">
                                    {areaText(placement, unit).replace(` ${unit}`, placement.brim ? ` ${unit}` : '')}
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

/** The outline of an area: a rectangle, on a brim the band between its edge and the crown. */
function outlineOf({ across, down, width, height, brim }: Placement): string {
    if (!brim) {
        return `M${across - width / 2} ${down}h${width}v${height}h${-width}Z`;
    }
    const { edge, crown } = brim;
    return `M${-edge} 0A${edge} ${edge} 0 0 0 ${edge} 0H${crown}A${crown} ${crown} 0 0 1 ${-crown} 0Z`;
}

const middleOf = ({ down, height, brim }: Placement) => (brim ? (brim.edge + brim.crown) / 2 : down + height / 2);
