import type { ComponentProps } from 'react';
import type { SheetPart, Unit } from '../../api/client';
import { show } from '../../measure';
import { isLine, type Card } from '../edits';
import { isPlaced } from '../follows';
import { svgMatrix } from './pose';
import type { Gesture, Grip } from './useHands';

interface Props {
    item: Card;
    part: SheetPart;
    unit: Unit;
    gesture: Gesture | null;
    pixel: number;
    handlers: (card: string, grip: Grip) => ComponentProps<'g'>;
}

const corners = [
    { right: -1, down: -1 },
    { right: 1, down: -1 },
    { right: 1, down: 1 },
    { right: -1, down: 1 },
] as const;

/**
 * The chosen part: a basting stitch round its ink, with chalk corners to size it by and a thread with a
 * needle's eye to turn it by. A locked part has neither.
 */
export function Selection({ item, part, unit, gesture, pixel, handlers }: Props) {
    // What stands on something is sized by its letters.
    const isSized = !isLine(item) || !isPlaced(item);
    const pad = 7 * pixel;
    const [x, y] = [part.width / 2 + pad, part.height / 2 + pad];
    const mark = 9 * pixel;
    const thread = 30 * pixel;
    const stitch = `M${-x} ${-y}H${x}V${y}H${-x}Z`;
    return (
        <g transform={gesture ? svgMatrix(gesture.pose) : undefined} data-part="selection">
            <g
                fill="none"
                transform={`translate(${part.middleX} ${part.middleY}) rotate(${part.turn})`}
                strokeLinejoin="round"
            >
                <path d={stitch} stroke="#22243a" strokeOpacity=".35" strokeWidth="3" {...steady} />
                <path d={stitch} stroke="#f3a63b" strokeWidth="1.6" strokeDasharray="7 5" {...steady} />
                {!item.locked && (
                    <>
                        {isSized &&
                            corners.map(({ right, down }) => (
                                <g
                                    key={`${right} ${down}`}
                                    data-grip={`corner ${right} ${down}`}
                                    className={right === down ? 'cursor-nwse-resize' : 'cursor-nesw-resize'}
                                    {...handlers(item.id, { kind: 'corner', right, down })}
                                >
                                    <path
                                        d={`M${right * (x - mark)} ${down * y}H${right * x}V${down * (y - mark)}`}
                                        stroke="#fff"
                                        strokeWidth="2.6"
                                        {...steady}
                                    />
                                    <circle {...reach(right * x, down * y, pixel)} />
                                </g>
                            ))}
                        <g data-grip="thread" className="cursor-grab" {...handlers(item.id, { kind: 'thread' })}>
                            <path d={`M0 ${-y}V${-y - thread}`} stroke="#f3a63b" strokeWidth="1.6" {...steady} />
                            <ellipse
                                cx="0"
                                cy={-y - thread - 8 * pixel}
                                rx={4 * pixel}
                                ry={8 * pixel}
                                fill="#22243a"
                                fillOpacity=".25"
                                stroke="#fff"
                                strokeWidth="2.2"
                                {...steady}
                            />
                            <circle {...reach(0, -y - thread - 8 * pixel, pixel)} />
                        </g>
                    </>
                )}
                {gesture?.note && (
                    <g transform={`translate(0 ${y + 20 * pixel}) rotate(${-part.turn}) scale(${pixel})`}>
                        <rect x="-62" y="-13" width="124" height="20" rx="3" fill="#fffdf8" stroke="#cfc6b4" />
                        <text y="1.5" textAnchor="middle" fontSize="12" fontWeight="700" fill="#22243a" stroke="none">
                            {'turn' in gesture.note
                                ? `${gesture.note.turn}°`
                                : `${show(gesture.note.width, unit)} × ${show(gesture.note.height, unit)}`}
                        </text>
                    </g>
                )}
            </g>
        </g>
    );
}

const steady = { vectorEffect: 'non-scaling-stroke' } as const;

/** Where a finger may take hold. */
const reach = (cx: number, cy: number, pixel: number) =>
    ({ cx, cy, r: 13 * pixel, fill: 'none', stroke: 'none', pointerEvents: 'all', className: 'touch-none' }) as const;
