import type { CutLayerCard, CutRunCard } from '../api/client';
import { FilmPicture } from './FilmPicture';
import { KnifeDot } from './KnifeDot';
import { metres } from './times';

/** How much of the film is shown beside what is cut from it, in µm. */
const BESIDE = 25_000;
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
            <FilmPicture film={film} width={width} end={end} scale={scale}>
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
                {run && <KnifeDot run={run} scale={scale} />}
            </FilmPicture>
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
