import type { CutLayerCard, CutRunCard } from '../api/client';
import { brightness } from '../film/brightness';
import { fillOf } from '../film/finishes';
import { FinishPatterns } from '../film/FinishPatterns';
import { metres } from './times';

/** How much of the film is shown beside what is cut from it, in µm. */
const BESIDE = 25_000;
const ROLL = 14_000;

/** How far apart the numbers of the ruler may be, in µm. */
const STEPS = [10_000, 20_000, 50_000, 100_000, 200_000, 500_000];

interface Props {
    layer: CutLayerCard;
    chosen: boolean;
    /** Pixels a µm. */
    scale: number;
    run: CutRunCard | undefined;
    /** Cuts that went elsewhere, as path data. */
    off: string;
    /** The piece that is to be cut again. */
    piece: number | undefined;
    onChoose: () => void;
    /** Chooses a piece to be cut again; left out where nothing was cut yet. */
    onPiece: ((number: number) => void) | undefined;
}

/** A layer as it lies on its film, blade side up: the roll at the left, the film drawn out to the right. */
export function FilmStrip({ layer, chosen, scale, run, off, piece, onChoose, onPiece }: Props) {
    const { film, copies, length, across } = layer;
    const width = Math.min(film.width, across + BESIDE);
    const end = length + BESIDE;
    const [left, right] = [-2.2 * ROLL, end];
    const step = STEPS.find((one) => one * scale > 28) ?? 1_000_000;
    const ticks = Array.from({ length: Math.floor(end / step) + 1 }, (_, at) => at * step);
    const dark = brightness(film.colour) < 0.35;
    const letters = 11 / scale;
    const part = (from: number, until: number) => `M${from} 0H${until}V${width}H${from}Z`;
    return (
        <button
            aria-pressed={chosen}
            aria-label={`${film.name}, ${metres(length)} of film`}
            className={`block rounded-[3px] border-2 p-2 text-left ${chosen ? 'border-marigold bg-sheet' : 'border-transparent hover:border-seam'}`}
            onClick={onChoose}
        >
            <span className="flex flex-wrap items-baseline gap-x-3 pb-1 text-sm">
                <b>{film.name}</b>
                <span>{metres(length)}</span>
                {copies > 1 && <span>{copies} copies</span>}
                <span className="text-xs text-quiet">
                    {film.bladeSide === 'mirrored' ? 'mirrored' : 'as worn'} · film {film.width / 1000} mm wide
                </span>
            </span>
            <svg
                aria-hidden
                viewBox={`${left} ${-letters} ${right - left} ${width + 4 * letters}`}
                width={(right - left) * scale}
                height={(width + 4 * letters) * scale}
                className="overflow-visible"
            >
                <FinishPatterns films={[film]} />
                <path
                    d={part(-ROLL, end)}
                    fill={fillOf(film)}
                    className="stroke-ink/30"
                    vectorEffect="non-scaling-stroke"
                />
                <ellipse
                    cx={-ROLL}
                    cy={width / 2}
                    rx={ROLL}
                    ry={width / 2}
                    fill={fillOf(film)}
                    className="stroke-ink/40"
                    vectorEffect="non-scaling-stroke"
                />
                <ellipse
                    cx={-ROLL}
                    cy={width / 2}
                    rx={ROLL / 2.6}
                    ry={width / 6}
                    className="fill-muslin stroke-ink/40"
                    vectorEffect="non-scaling-stroke"
                />
                {/* y points up on the film. */}
                <g
                    transform={`translate(0 ${width}) scale(1 -1)`}
                    fill="none"
                    className={dark ? 'stroke-white' : 'stroke-ink'}
                >
                    <Copies layer={layer} chosen={chosen && !run} piece={piece} onPiece={onPiece} />
                    {off && (
                        <g>
                            <path d={off} vectorEffect="non-scaling-stroke" strokeWidth="5" className="stroke-white" />
                            <path
                                data-part="off"
                                d={off}
                                vectorEffect="non-scaling-stroke"
                                strokeWidth="2.4"
                                className="stroke-madder"
                            />
                        </g>
                    )}
                    {run && (
                        <circle
                            data-part="knife"
                            cx={run.along}
                            cy={run.across}
                            r={5 / scale}
                            className="fill-marigold stroke-ink"
                            vectorEffect="non-scaling-stroke"
                        />
                    )}
                </g>
                {ticks.map((at) => (
                    <g key={at} transform={`translate(${at} ${width})`}>
                        <path d={`M0 0V${letters / 2}`} className="stroke-ink" vectorEffect="non-scaling-stroke" />
                        {/* Letters of many thousand units are not drawn at their size. */}
                        <text
                            y="20"
                            fontSize="11"
                            textAnchor="middle"
                            className="fill-ink"
                            transform={`scale(${1 / scale})`}
                        >
                            {at / 1000}
                        </text>
                    </g>
                ))}
            </svg>
        </button>
    );
}

/** The copies of a layer where they lie; a click on a piece chooses it to be cut again. */
function Copies({ layer, chosen, piece, onPiece }: Pick<Props, 'layer' | 'chosen' | 'piece' | 'onPiece'>) {
    const { places, ink, frame, hard } = layer;
    return places.map(({ along, across }) => (
        <g key={`${along} ${across}`} data-part="copy" transform={`translate(${along} ${across})`}>
            {chosen && (
                <path
                    data-part="hard"
                    d={hard}
                    vectorEffect="non-scaling-stroke"
                    strokeWidth="4"
                    strokeLinejoin="round"
                    className="fill-marigold stroke-marigold"
                />
            )}
            {ink.map((path, number) => (
                <path
                    key={number}
                    data-part="piece"
                    d={path}
                    fillRule="evenodd"
                    vectorEffect="non-scaling-stroke"
                    strokeWidth={number === piece ? 2.4 : 1}
                    pointerEvents={onPiece ? 'all' : undefined}
                    className={number === piece ? 'fill-marigold/60 stroke-madder' : ''}
                    onClick={
                        onPiece &&
                        ((event) => {
                            event.stopPropagation();
                            onPiece(number);
                        })
                    }
                />
            ))}
            <path d={frame} vectorEffect="non-scaling-stroke" strokeWidth="1" strokeDasharray="5 3" />
        </g>
    ));
}
