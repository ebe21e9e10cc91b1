import type { Film, SheetLayer, Unit } from '../../api/client';
import { show, showFilm } from '../../measure';
import { Swatch } from '../../ui/Swatch';
import { dropMark, type Reorder } from '../useReorder';
import { finishNames } from './finishes';
import type { Looking } from './looking';

interface Props {
    layer: SheetLayer;
    film: Film | undefined;
    unit: Unit;
    chosen: boolean;
    href: string;
    unsaved: boolean;
    /** Left out where there is only one film. */
    reorder?: Reorder | undefined;
    looking: Looking;
    onLook: (next: Looking) => void;
    onPoint: (film: string | null) => void;
}

/** A cut layer in the stack: its blade side in its weeding box, its size, and what it takes. */
export function FilmCard(props: Props) {
    const { layer, film, unit, chosen, href, unsaved, reorder, looking, onLook, onPoint } = props;
    const name = film?.name ?? layer.film;
    const pad = Math.max(layer.width, layer.height) * 0.03;
    const card = `film:${layer.film}`;
    return (
        <section
            aria-label={`${name} layer`}
            className={`card relative py-2 pr-2 ${reorder ? 'pl-5' : 'pl-2'} ${chosen ? 'border-marigold!' : ''} ${reorder?.moving?.id === card ? 'opacity-60' : ''} ${reorder ? dropMark(reorder, card) : ''}`}
            onPointerEnter={() => onPoint(layer.film)}
            onPointerLeave={() => onPoint(null)}
            {...reorder?.card(card)}
        >
            {reorder && (
                <button
                    aria-label={`Place of ${name} in the press order: drag it, or press the arrow keys`}
                    title="Drag to another place in the press order"
                    className="absolute inset-y-0 left-0 w-5 cursor-grab touch-none rounded-[3px] focus-visible:-outline-offset-2"
                    {...reorder.grip(card)}
                >
                    <svg aria-hidden viewBox="0 0 8 24" className="mx-auto h-6 w-2 fill-quiet opacity-60">
                        {[4, 12, 20].map((y) => (
                            <path key={y} d={`M1 ${y}h6v1.4h-6z`} />
                        ))}
                    </svg>
                </button>
            )}
            <div className="flex items-center gap-2">
                <Swatch colour={film?.colour ?? '#fff'} />
                <b className="flex-1 truncate" title={name}>
                    {name}
                </b>
                <span className="text-xs whitespace-nowrap text-quiet">
                    {show(layer.width, unit)} × {show(layer.height, unit)}
                </span>
            </div>
            <svg
                role="img"
                aria-label={`${name}, blade side${layer.mirrored ? ', mirrored' : ''}`}
                viewBox={`${-pad} ${-pad} ${layer.width + 2 * pad} ${layer.height + 2 * pad}`}
                className="my-1.5 block max-h-28 w-full rounded-[2px] bg-film"
            >
                <g fill="none" stroke="#22243a" strokeWidth=".9">
                    <path data-part="lettering" d={layer.path} vectorEffect="non-scaling-stroke" />
                    <path data-part="marks" d={layer.marks} fill="#22243a" vectorEffect="non-scaling-stroke" />
                    <path d={layer.frame} vectorEffect="non-scaling-stroke" strokeDasharray="5 2" />
                </g>
            </svg>
            <div className="flex justify-between gap-2 text-xs text-quiet">
                <span>{layer.toWeed} to weed</span>
                <span className={layer.fits ? '' : 'font-semibold text-madder'}>
                    {layer.fits ? `${showFilm(layer.filmLength, unit)} of roll` : 'wider than the roll'}
                </span>
            </div>
            <div className="flex justify-between gap-2 text-xs text-quiet">
                <span className="truncate">
                    {film && finishNames[film.finish]}, {(layer.thickness / 1000).toFixed(2)} mm
                </span>
                {layer.safe !== null && <Safe distance={layer.safe} unit={unit} />}
            </div>
            {layer.reason && <p className="mt-1 text-xs text-marigold-deep">{layer.reason}</p>}
            {layer.turned && layer.fits && <p className="text-xs text-quiet">Lies a quarter turn round on the roll.</p>}
            <div className="mt-1.5 flex gap-1.5 text-xs font-semibold text-indigo">
                {reorder && (
                    <>
                        <Look
                            name={`Show only ${name}`}
                            on={looking.at === 'only' && looking.film === layer.film}
                            onClick={() => onLook({ at: 'only', film: layer.film })}
                        >
                            only
                        </Look>
                        <Look
                            name={`Show what is pressed up to ${name}`}
                            on={looking.at === 'up to' && looking.film === layer.film}
                            onClick={() => onLook({ at: 'up to', film: layer.film })}
                        >
                            up to it
                        </Look>
                    </>
                )}
                <a
                    className={`flex-1 rounded-[3px] border border-seam py-1 text-center hover:border-indigo ${unsaved ? 'pointer-events-none opacity-50' : ''}`}
                    aria-label={`Download the blade side of ${name}`}
                    aria-disabled={unsaved}
                    href={href}
                    download
                >
                    Download{reorder ? '' : ' the blade side'}
                </a>
            </div>
        </section>
    );
}

/** How far a film may slip before the blank shows. */
export function Safe({ distance, unit }: { distance: number; unit: Unit }) {
    return (
        <span className={`whitespace-nowrap ${distance >= 500 ? 'text-sage-deep' : 'text-madder'}`}>
            {distance === 0 ? 'no slip allowed' : `safe to ${show(distance, unit)}`}
        </span>
    );
}

function Look({ name, on, onClick, children }: { name: string; on: boolean; onClick: () => void; children: string }) {
    return (
        <button
            aria-label={name}
            aria-pressed={on}
            title={name}
            className={`rounded-[3px] border px-1.5 py-1 ${on ? 'border-ink bg-ink text-white' : 'border-seam hover:border-indigo'}`}
            onClick={onClick}
        >
            {children}
        </button>
    );
}
