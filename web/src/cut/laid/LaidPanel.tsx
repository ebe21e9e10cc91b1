import { useQuery } from '@tanstack/react-query';
import { Refusal, type FilmLayoutCard, type LaidPieceCard } from '../../api/client';
import { rack } from '../../api/queries';
import { Button } from '../../ui/Button';
import { useCutKeys } from '../cutKeys';
import { formats } from '../formats';
import { metres } from '../times';
import { nameOf } from './chosen';
import { spotOf, turned } from './spots';
import type { useDesk } from './useLayouts';

interface Props {
    film: FilmLayoutCard;
    piece: number | null;
    busy: boolean;
    desk: ReturnType<typeof useDesk>;
}

/** The chosen film: what it comes to, pieces placed by hand, and the way to the cutter. */
export function LaidPanel({ film, piece, busy, desk }: Props) {
    const entry = useQuery(rack).data?.find(({ entry }) => entry.film.id === film.film)?.entry;
    const chosen = film.pieces.find(({ number }) => number === piece);
    const stale = film.pieces.filter((one) => one.stale).length;
    const pinned = film.pieces.filter((one) => one.pinned).length;
    const idle = !busy && !desk.cut.isPending && film.state === 'done' && stale === 0;
    const cost = (film.price * film.length) / 1e6;
    const inUse = film.stocks.filter(({ id }) => film.pieces.some(({ stock }) => stock === id));
    const send = (stock: string | undefined) => stock !== undefined && desk.cut.mutate({ film: film.film, stock });
    useCutKeys({ 'Ctrl+Enter': idle && (() => send(inUse[0]?.id)) });
    return (
        <section aria-label={`How ${film.name} is laid out`}>
            <h2 className="heading">{film.name}</h2>
            <div className="card mt-2 px-3 py-2">
                <b>{entry?.film.bladeSide === 'as worn' ? 'As worn, carrier up' : 'Mirrored, carrier down'}</b>
                <p className="text-xs text-quiet">
                    Roll of {film.width / 1000} mm, {metres(film.stock)} left on the rack.
                    {entry && ` Blade ${entry.cut.blade}°, ${entry.cut.force} g, ${entry.cut.speed} mm/s.`}
                </p>
            </div>
            <dl className="mt-2 grid grid-cols-[6rem_1fr] gap-y-1 text-sm">
                <dt className="text-quiet">Pieces</dt>
                <dd className="font-semibold">
                    {film.pieces.length}
                    {pinned > 0 && ` · ${pinned} pinned`}
                </dd>
                <dt className="text-quiet">Film</dt>
                <dd className="font-semibold">
                    {metres(film.length)}
                    {cost > 0 && ` · ${cost.toFixed(2)}`}
                </dd>
            </dl>
            {film.left.length > 0 && (
                <p className="mt-2 text-xs font-semibold text-madder">
                    Wider than the film: {[...new Set(film.left)].join(', ')}. Use a wider film or make it smaller.
                </p>
            )}
            {film.length > film.stock && film.stock > 0 && (
                <p className="mt-2 text-xs font-semibold text-madder">
                    {metres(film.length - film.stock)} short.
                    {film.substitutes.map(({ film, width, length, pieces }) => (
                        <span key={`${film} ${width} ${length}`} className="block font-normal text-quiet">
                            {pieces} {pieces === 1 ? 'piece fits' : 'pieces fit'} on a {film} scrap,{' '}
                            {Math.round(width / 1000)} × {Math.round(length / 1000)} mm.
                        </span>
                    ))}
                </p>
            )}
            {stale > 0 && film.state === 'done' && (
                <div className="mt-2">
                    <p className="text-xs font-semibold text-madder">
                        {stale === 1 ? 'One piece has' : `${stale} pieces have`} changed since the layout.
                    </p>
                    <Button
                        small
                        className="mt-1"
                        onClick={() => desk.steer.mutate({ film: film.film, act: 'changed' })}
                    >
                        Lay out changed pieces
                    </Button>
                </div>
            )}
            {chosen && <ByHand film={film} piece={chosen} desk={desk} />}
            <div className="mt-3 flex gap-2">
                <Button small onClick={() => desk.steer.mutate({ film: film.film, act: 'again' })}>
                    {pinned > 0 ? 'Tidy around pinned pieces' : 'Lay out again'}
                </Button>
            </div>
            <div className="mt-3 grid gap-1.5">
                {inUse.map((stock, at) => (
                    <Button
                        key={stock.id}
                        look={at === 0 ? 'main' : 'plain'}
                        disabled={!idle}
                        onClick={() => send(stock.id)}
                    >
                        {film.mat
                            ? 'Send this zone to the cutter'
                            : `Send ${nameOf(stock)}${stock.kind === 'roll' ? ' to the cutter' : ''}`}
                    </Button>
                ))}
            </div>
            {film.state !== 'done' && (
                <p className="mt-1 text-xs text-quiet">Still improving. Stop it to send what is laid out.</p>
            )}
            <div className="mt-3 grid gap-1">
                {inUse.map((stock) => (
                    <p key={stock.id} className="flex items-baseline gap-2 text-xs text-quiet">
                        <span className="first-letter:uppercase">{film.mat ? 'zone' : stock.kind}</span>
                        {formats.map(([format, name]) => (
                            <a
                                key={format}
                                className="font-semibold text-indigo hover:underline"
                                href={`/api/layouts/${film.film}/${stock.id}.${format}`}
                                download
                            >
                                {name}
                            </a>
                        ))}
                    </p>
                ))}
            </div>
            <p role="status" className="mt-1 text-xs font-semibold text-madder">
                {desk.cut.error instanceof Refusal && desk.cut.error.problem.detail}
            </p>
        </section>
    );
}

/** A piece that was chosen on the film. */
function ByHand({ film, piece, desk }: { film: FilmLayoutCard; piece: LaidPieceCard; desk: Props['desk'] }) {
    const to = (spot: ReturnType<typeof spotOf>) => desk.move.mutate({ film: film.film, number: piece.number, spot });
    const pin = () => to({ ...spotOf(piece), pinned: !piece.pinned });
    const turn = film.turns.length > 1 && (() => to(turned(piece, film.turns)));
    useCutKeys({ i: pin, r: turn });
    return (
        <div role="group" aria-label="Selected piece" className="mt-3 border-t border-dashed border-seam pt-2">
            <p className="truncate text-sm font-semibold">
                {piece.mark}. {piece.name} <span className="text-quiet">copy {piece.copy}</span>
            </p>
            <p className="text-xs text-quiet">Drag it on the film to move it.</p>
            <div className="mt-1.5 flex gap-1.5">
                <Button small on={piece.pinned} onClick={pin}>
                    {piece.pinned ? 'Pinned' : 'Pin'}
                </Button>
                {turn && (
                    <Button small onClick={turn}>
                        Rotate
                    </Button>
                )}
            </div>
        </div>
    );
}
