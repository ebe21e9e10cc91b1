import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { server, type FilmLayoutCard, type ScrapCard } from '../../api/client';
import { films, scraps } from '../../api/queries';
import { Button } from '../../ui/Button';

/** Scraps on the rack, and those that a cut left: to be kept or thrown away. */
export function Scraps({ laid }: { laid: readonly FilmLayoutCard[] }) {
    const all = useQuery(scraps).data ?? [];
    return (
        <section
            aria-label="Scraps"
            className="max-h-2/5 shrink-0 overflow-y-auto border-t border-dashed border-seam p-3"
        >
            <h2 className="heading">Scraps</h2>
            <ul className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-2">
                {all.map((scrap) => (
                    <Scrap key={scrap.id} scrap={scrap} takes={namesOn(scrap.id, laid)} />
                ))}
            </ul>
            {all.length === 0 && <p className="mt-2 text-xs text-quiet">None. Cuts leave them here.</p>}
        </section>
    );
}

const namesOn = (scrap: string, laid: readonly FilmLayoutCard[]) => [
    ...new Set(laid.flatMap(({ pieces }) => pieces.filter(({ stock }) => stock === scrap).map(({ name }) => name))),
];

function Scrap({ scrap, takes }: { scrap: ScrapCard; takes: readonly string[] }) {
    const client = useQueryClient();
    const film = useQuery(films).data?.find(({ id }) => id === scrap.film);
    const onSettled = () => client.invalidateQueries({ queryKey: scraps.queryKey });
    const path = { id: scrap.id };
    const keep = useMutation({
        mutationFn: () => server.POST('/api/scraps/{id}/keep', { params: { path } }),
        onSettled,
    });
    const remove = useMutation({
        mutationFn: () => server.DELETE('/api/scraps/{id}', { params: { path } }),
        onSettled,
    });
    const high = Math.max(scrap.width, scrap.length);
    return (
        <li className="card flex items-center gap-2 px-2.5 py-1.5 text-xs">
            <svg aria-hidden viewBox={`0 0 ${high} ${high}`} className="size-7 shrink-0">
                <g transform={`translate(0 ${scrap.length}) scale(1 -1)`}>
                    <path
                        d={scrap.outline}
                        fill={film?.colour ?? 'none'}
                        className="stroke-ink/50"
                        vectorEffect="non-scaling-stroke"
                    />
                </g>
            </svg>
            <span className="min-w-0 flex-1">
                <b>{film?.name ?? scrap.film}</b> {Math.round(scrap.width / 1000)} × {Math.round(scrap.length / 1000)}
                {scrap.offered ? (
                    <span className="block text-quiet">left by a cut</span>
                ) : (
                    takes.length > 0 && (
                        <span className="block truncate font-semibold text-sage-deep">takes {takes.join(', ')}</span>
                    )
                )}
            </span>
            {scrap.offered && (
                <Button small look="words" onClick={() => keep.mutate()}>
                    Keep
                </Button>
            )}
            <Button
                small
                look="away"
                aria-label={`Throw away the scrap of ${film?.name ?? scrap.film}`}
                onClick={() => remove.mutate()}
            >
                {scrap.offered ? 'Bin' : '×'}
            </Button>
        </li>
    );
}
