import type { CutRunCard, Film, FilmLayoutCard, Spot } from '../../api/client';
import { brightness } from '../../film/brightness';
import { fillOf } from '../../film/finishes';
import { FinishPatterns } from '../../film/FinishPatterns';
import { metres } from '../times';
import { matShort } from './chosen';
import { LaidPiece } from './LaidPiece';
import { useDrag } from './useDrag';

interface Props {
    films: readonly FilmLayoutCard[];
    mat: NonNullable<FilmLayoutCard['mat']>;
    chosen: string | undefined;
    piece: number | null;
    run: CutRunCard | undefined;
    onChoose: (film: string) => void;
    onPiece: (number: number | null) => void;
    onMove: (film: string, number: number, spot: Spot) => void;
}

/** One carrier mat with a zone for each film, blade side up; its length runs to the right. */
export function LaidMat({ films, mat, chosen, piece, run, onChoose, onPiece, onMove }: Props) {
    const short = matShort(films);
    const long = mat.length + short;
    const scale = Math.min(680 / long, 420 / mat.width);
    return (
        <section aria-label="Carrier mat" className="mt-2">
            <p className="flex flex-wrap items-baseline gap-x-3 pb-1 text-sm">
                <b>Carrier mat</b>
                <span className="text-xs text-quiet">
                    {mat.width / 1000} × {mat.length / 1000} mm, {mat.edge / 1000} mm free at the edges
                </span>
                {short > 0 && <b className="text-madder">{metres(short)} too short. Take a job off, or cut by film.</b>}
            </p>
            <svg
                aria-hidden
                viewBox={`0 0 ${long} ${mat.width}`}
                width={long * scale}
                height={mat.width * scale}
                className="overflow-visible"
            >
                <FinishPatterns films={films.map(asFilm)} />
                <rect
                    width={mat.length}
                    height={mat.width}
                    className="fill-tape stroke-ink/50"
                    vectorEffect="non-scaling-stroke"
                />
                {films.map((film) => (
                    <Zone
                        key={film.film}
                        film={film}
                        scale={scale}
                        width={mat.width}
                        chosen={film.film === chosen}
                        piece={film.film === chosen ? piece : null}
                        onChoose={() => onChoose(film.film)}
                        onPiece={onPiece}
                        onMove={(number, spot) => onMove(film.film, number, spot)}
                    />
                ))}
                {run && films.some(({ film }) => film === run.film) && (
                    <circle
                        data-part="knife"
                        cx={run.along}
                        cy={mat.width - run.across}
                        r={5 / scale}
                        className="fill-marigold stroke-ink"
                        vectorEffect="non-scaling-stroke"
                    />
                )}
            </svg>
            <ul className="mt-2 flex flex-wrap gap-1.5 text-xs">
                {films.map(({ film, name, length, state }) => (
                    <li key={film}>
                        <button
                            aria-pressed={film === chosen}
                            className="field aria-pressed:border-marigold aria-pressed:font-semibold"
                            onClick={() => onChoose(film)}
                        >
                            {name} {state === 'waiting' || state === 'brief' ? 'waiting' : metres(length)}
                        </button>
                    </li>
                ))}
            </ul>
        </section>
    );
}

const asFilm = ({ film, colour, finish }: FilmLayoutCard) => ({ id: film, colour, finish }) as Film;

interface ZoneProps {
    film: FilmLayoutCard;
    scale: number;
    width: number;
    chosen: boolean;
    piece: number | null;
    onChoose: () => void;
    onPiece: (number: number | null) => void;
    onMove: (number: number, spot: Spot) => void;
}

function Zone({ film, scale, width, chosen, piece, onChoose, onPiece, onMove }: ZoneProps) {
    const hands = useDrag(film.film, scale, onMove);
    const { mat, length, stocks } = film;
    const across = stocks[0]?.width ?? 0;
    if (!mat || length === 0) {
        return null;
    }
    return (
        <g
            data-part="zone"
            transform={`translate(${mat.from} ${width - mat.edge}) scale(1 -1)`}
            fill="none"
            className={brightness(film.colour) < 0.35 ? 'stroke-white' : 'stroke-ink'}
            onPointerDown={onChoose}
        >
            <rect
                width={length}
                height={across}
                fill={fillOf(asFilm(film))}
                strokeWidth={chosen ? 3 : 1}
                className={chosen ? 'stroke-marigold' : 'stroke-ink/40'}
                vectorEffect="non-scaling-stroke"
            />
            {film.pieces
                .filter(({ stock }) => stock !== '')
                .map((one) => (
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
        </g>
    );
}
