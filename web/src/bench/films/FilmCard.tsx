import type { Film, SheetLayer } from '../../api/client';
import { show, showFilm } from '../../measure';
import { Button } from '../../ui/Button';
import { Swatch } from '../../ui/Swatch';
import { toggled, type Looking } from '../model/looking';
import { cardOf, openCard } from '../state/select';
import { finishNames } from '../../film/finishes';
import { Grip, useGrip } from '../shared/Sortable';
import { useBench, useBenchStore } from '../state/store';
import { BladeSide } from './BladeSide';
import { Safe } from './Safe';

interface Props {
    film: string;
    /** Its name in the press order. */
    card: string;
    /** Whether there are other films. */
    several: boolean;
}

/** A cut layer: colour, name, picture, film length and weeding; details when chosen. */
export function FilmCard({ film: id, card, several }: Props) {
    const layer = useBench(({ sheet }) => sheet.layers.find(({ film }) => film === id));
    const film = useBench(({ design }) => design.films.find((candidate) => candidate.id === id));
    const unit = useBench((bench) => bench.design.unit);
    const open = useBench((bench) => !several || bench.film === id);
    const own = useBench((bench) => {
        const chosen = cardOf(bench.design, openCard(bench));
        return several && chosen !== undefined && 'film' in chosen && chosen.film === id;
    });
    const { look } = useBenchStore().getState();
    const { attach, grip } = useGrip(card);
    if (!layer) {
        return null;
    }
    const name = film?.name ?? id;
    return (
        <section
            ref={attach}
            aria-label={`${name} layer`}
            className={`card relative py-1.5 pr-2 ${several ? 'pl-5' : 'pl-2'} ${own ? 'border-marigold!' : ''}`}
            onPointerEnter={() => look({ pointed: id })}
            onPointerLeave={() => look({ pointed: null })}
        >
            {several && (
                <Grip name={`Place of ${name} in the press order: drag it, or press the arrow keys`} {...grip} />
            )}
            <button
                aria-expanded={open}
                aria-label={`${name}: details`}
                className="grid w-full grid-cols-[minmax(0,1fr)_auto] items-center gap-x-2 text-left"
                onClick={() => look({ film: open ? null : id })}
            >
                <span className="min-w-0">
                    <span className="flex items-center gap-1.5">
                        <Swatch colour={film?.colour ?? 'white'} />
                        <b className="truncate" title={name}>
                            {name}
                        </b>
                    </span>
                    <span className="block text-xs whitespace-nowrap text-quiet">
                        <span className={layer.fits ? '' : 'font-semibold text-madder'}>
                            {layer.fits ? showFilm(layer.filmLength, unit) : 'too wide'}
                        </span>
                        {` · ${layer.toWeed} to weed`}
                    </span>
                </span>
                {!open && <BladeSide layer={layer} name={name} className="h-9 w-14" />}
            </button>
            {layer.reason && <p className="mt-1 text-xs text-marigold-deep">{layer.reason}</p>}
            {open && <Details layer={layer} film={film} name={name} several={several} />}
        </section>
    );
}

interface DetailsProps {
    layer: SheetLayer;
    film: Film | undefined;
    name: string;
    several: boolean;
}

function Details({ layer, film, name, several }: DetailsProps) {
    const id = useBench((bench) => bench.id);
    const unit = useBench((bench) => bench.design.unit);
    const saved = useBench((bench) => bench.saving.state === 'saved');
    return (
        <>
            <BladeSide layer={layer} name={name} className="my-1.5 block max-h-28 w-full" />
            <div className="flex justify-between gap-2 text-xs text-quiet">
                <span>
                    {show(layer.width, unit)} × {show(layer.height, unit)}
                </span>
                <span className="truncate">
                    {film && finishNames[film.finish]}, {(layer.thickness / 1000).toFixed(2)} mm
                </span>
            </div>
            {layer.safe !== null && (
                <p className="text-xs">
                    <Safe distance={layer.safe} unit={unit} />
                </p>
            )}
            {layer.turned && layer.fits && <p className="text-xs text-quiet">Rotated 90° to fit the roll.</p>}
            <div className="mt-1.5 flex flex-wrap gap-1.5 text-xs font-semibold text-indigo">
                {several && (
                    <>
                        <Look what={{ at: 'only', film: layer.film }} name={`Show only ${name}`}>
                            Only this
                        </Look>
                        <Look what={{ at: 'up to', film: layer.film }} name={`Show as pressed up to ${name}`}>
                            Pressed so far
                        </Look>
                    </>
                )}
                <a
                    className={`flex-1 rounded-[3px] border border-seam py-1 text-center hover:border-indigo ${saved ? '' : 'pointer-events-none opacity-50'}`}
                    aria-label={`Download the blade side of ${name}`}
                    aria-disabled={!saved}
                    href={`/api/designs/${id}/blade-side/${layer.film}.svg`}
                    download
                >
                    Download
                </a>
            </div>
        </>
    );
}

/** Shows only this film, or as pressed so far; press again for all films. */
function Look({ what, name, children }: { what: Looking; name: string; children: string }) {
    const looking = useBench((bench) => bench.looking);
    const { look } = useBenchStore().getState();
    const next = toggled(looking, what);
    return (
        <Button
            small
            className="px-1.5!"
            aria-label={name}
            title={name}
            on={next.at === 'all'}
            onClick={() => look({ looking: next })}
        >
            {children}
        </Button>
    );
}
