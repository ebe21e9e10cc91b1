import { isLine } from '../model/edits';
import { isPlaced } from '../model/follows';
import { svgMatrix } from '../model/pose';
import { cardOf, partOf } from '../state/select';
import { useBench } from '../state/store';
import { useStage } from './StageView';

const corners = [
    { right: -1, down: -1 },
    { right: 1, down: -1 },
    { right: 1, down: 1 },
    { right: -1, down: 1 },
] as const;

interface Props {
    card: string;
    /** Whether it is the only one: then it can be sized and turned. */
    alone: boolean;
}

/**
 * A chosen part: a basting stitch round its ink, with chalk corners to size it by and a thread with a needle's eye to turn it by. A
 * locked part has neither.
 */
export function Selection({ card: id, alone }: Props) {
    const { pixel } = useStage();
    const card = useBench((bench) => cardOf(bench.design, id));
    const part = useBench((bench) => partOf(bench, id));
    const pose = useBench(({ gesture }) => (gesture?.cards.includes(id) ? gesture.pose : null));
    if (!card || !part?.ink) {
        return null;
    }
    // What follows something is sized by its letters.
    const isSized = !isLine(card) || !isPlaced(card);
    const pad = 7 * pixel;
    const [x, y] = [part.width / 2 + pad, part.height / 2 + pad];
    const mark = 9 * pixel;
    const thread = 30 * pixel;
    const stitch = `M${-x} ${-y}H${x}V${y}H${-x}Z`;
    return (
        <g transform={pose ? svgMatrix(pose) : undefined} data-part="selection">
            <g
                fill="none"
                transform={`translate(${part.middleX} ${part.middleY}) rotate(${part.turn})`}
                strokeLinejoin="round"
            >
                <path d={stitch} className="stroke-ink" strokeOpacity=".35" strokeWidth="3" {...steady} />
                <path d={stitch} className="stroke-basting" strokeWidth="1.6" strokeDasharray="7 5" {...steady} />
                {!card.locked && alone && (
                    <g className="pointer-events-auto">
                        {isSized &&
                            corners.map(({ right, down }) => (
                                <g
                                    key={`${right} ${down}`}
                                    data-grip={`corner ${right} ${down}`}
                                    className={right === down ? 'cursor-nwse-resize' : 'cursor-nesw-resize'}
                                >
                                    <path
                                        d={`M${right * (x - mark)} ${down * y}H${right * x}V${down * (y - mark)}`}
                                        className="stroke-white"
                                        strokeWidth="2.6"
                                        {...steady}
                                    />
                                    <circle {...reach(right * x, down * y, 11 * pixel)} />
                                </g>
                            ))}
                        <g data-grip="thread" className="cursor-grab">
                            <path
                                d={`M0 ${-y}V${-y - thread}`}
                                className="stroke-basting"
                                strokeWidth="1.6"
                                {...steady}
                            />
                            <ellipse
                                cx="0"
                                cy={-y - thread - 8 * pixel}
                                rx={4 * pixel}
                                ry={8 * pixel}
                                className="fill-ink stroke-white"
                                fillOpacity=".25"
                                strokeWidth="2.2"
                                {...steady}
                            />
                            <circle {...reach(0, -y - thread - 8 * pixel, 13 * pixel)} />
                        </g>
                    </g>
                )}
            </g>
        </g>
    );
}

const steady = { vectorEffect: 'non-scaling-stroke' } as const;

/** Where a finger may take hold. */
const reach = (cx: number, cy: number, r: number) =>
    ({ cx, cy, r, fill: 'none', stroke: 'none', pointerEvents: 'all', className: 'touch-none' }) as const;
