const corners = [
    { right: -1, down: -1 },
    { right: 1, down: -1 },
    { right: 1, down: 1 },
    { right: -1, down: 1 },
] as const;

interface Props {
    /** Half the frame's width and height, in µm. */
    x: number;
    y: number;
    pixel: number;
    /** Whether it has corners for sizing. */
    sized: boolean;
}

/** Handles of a frame centred on the origin: chalk corners for sizing, a thread with a needle's eye for turning. */
export function Grips({ x, y, pixel, sized }: Props) {
    const mark = 9 * pixel;
    const end = -y - 30 * pixel;
    const eye = end - 8 * pixel;
    return (
        <g className="pointer-events-auto" fill="none">
            {sized &&
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
                <path d={`M0 ${-y}V${end}`} className="stroke-basting" strokeWidth="1.6" {...steady} />
                <ellipse
                    cx="0"
                    cy={eye}
                    rx={4 * pixel}
                    ry={8 * pixel}
                    className="fill-ink stroke-white"
                    fillOpacity=".25"
                    strokeWidth="2.2"
                    {...steady}
                />
                <circle {...reach(0, eye, 13 * pixel)} />
            </g>
        </g>
    );
}

const steady = { vectorEffect: 'non-scaling-stroke' } as const;

/** Touch target. */
const reach = (cx: number, cy: number, r: number) =>
    ({ cx, cy, r, fill: 'none', stroke: 'none', pointerEvents: 'all', className: 'touch-none' }) as const;
