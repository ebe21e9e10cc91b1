import type { CutRunCard, FilmLayoutCard, LaidStock, Spot } from '../../api/client';
import type { Finish } from '../../film/finishes';
import { FilmPicture } from '../FilmPicture';
import { KnifeDot } from '../KnifeDot';
import { metres } from '../times';
import { nameOf } from './chosen';
import { LaidPiece } from './LaidPiece';
import { useDrag } from './useDrag';

interface Props {
    film: FilmLayoutCard;
    chosen: boolean;
    /** The piece that is chosen, by its number. */
    piece: number | null;
    scale: number;
    run: CutRunCard | undefined;
    onChoose: () => void;
    onPiece: (number: number | null) => void;
    onMove: (number: number, spot: Spot) => void;
}

/** A film with all that is laid on it: scraps first, then the roll. */
export function LaidFilm({ film, chosen, piece, scale, run, onChoose, onPiece, onMove }: Props) {
    const hands = useDrag(film.film, scale, onMove);
    return (
        <section
            aria-label={`${film.name}, ${metres(film.length)} of film`}
            className={`min-w-0 rounded-[3px] border-2 p-2 ${chosen ? 'border-marigold bg-sheet' : 'border-transparent'}`}
            onPointerDown={onChoose}
        >
            <p className="flex flex-wrap items-baseline gap-x-3 pb-1 text-sm">
                <button aria-pressed={chosen} className="font-bold hover:underline" onClick={onChoose}>
                    {film.name}
                </button>
                {film.state === 'waiting' || film.state === 'brief' ? (
                    <span className="text-xs text-quiet">waiting to be laid out</span>
                ) : (
                    <Figures film={film} />
                )}
            </p>
            <div
                role="group"
                aria-label={`Pieces on ${film.name}`}
                tabIndex={0}
                className="flex flex-wrap items-end gap-x-6 overflow-x-auto"
            >
                {film.stocks.map((stock) => (
                    <OnStock
                        key={stock.id}
                        film={film}
                        stock={stock}
                        scale={scale}
                        piece={chosen ? piece : null}
                        hands={hands}
                        run={run?.film === film.film && run.stock === stock.id ? run : undefined}
                        onPiece={onPiece}
                    />
                ))}
            </div>
        </section>
    );
}

function Figures({ film: { length, boxes, covered } }: { film: FilmLayoutCard }) {
    return (
        <>
            <span>{metres(length)}</span>
            {boxes > length && (
                <span className="text-xs text-quiet">
                    as boxes {metres(boxes)} · <b className="text-sage-deep">{metres(boxes - length)} saved</b>
                </span>
            )}
            <span className="text-xs text-quiet">{Math.round(100 - 100 * covered)} % waste</span>
        </>
    );
}

/** Film shown behind the last piece, in µm: room to move pieces. */
const BEYOND = 60_000;

interface StockProps {
    film: FilmLayoutCard;
    stock: LaidStock;
    scale: number;
    piece: number | null;
    hands: ReturnType<typeof useDrag>;
    run: CutRunCard | undefined;
    onPiece: (number: number | null) => void;
}

function OnStock({ film, stock, scale, piece, hands, run, onPiece }: StockProps) {
    const pieces = film.pieces.filter((one) => one.stock === stock.id);
    if (pieces.length === 0) {
        return null;
    }
    return (
        <figure>
            {stock.kind !== 'roll' && (
                <figcaption className="text-xs text-quiet first-letter:uppercase">{nameOf(stock)}</figcaption>
            )}
            <FilmPicture
                film={{ id: film.film, colour: film.colour, finish: film.finish as Finish }}
                width={stock.width}
                end={stock.length + (stock.kind === 'roll' ? BEYOND : 2_000)}
                scale={scale}
                outline={stock.outline}
            >
                {pieces.map((one) => (
                    <LaidPiece
                        key={one.number}
                        piece={one}
                        shape={film.shapes[one.shape]}
                        chosen={one.number === piece}
                        drag={hands.drag}
                        hands={hands}
                        onChoose={() => onPiece(one.number)}
                    />
                ))}
                {run && <KnifeDot run={run} scale={scale} />}
            </FilmPicture>
        </figure>
    );
}
