import type { Film, SheetLayer, Unit } from '../api/client';
import { show, showFilm } from '../measure';
import { Swatch } from '../ui/Swatch';

interface Props {
    layer: SheetLayer;
    film: Film | undefined;
    unit: Unit;
    chosen: boolean;
    href: string;
    unsaved: boolean;
}

/** A cut layer: its blade side in its weeding box, its size, and what it takes. */
export function FilmCard({ layer, film, unit, chosen, href, unsaved }: Props) {
    const name = film?.name ?? layer.film;
    const pad = Math.max(layer.width, layer.height) * 0.03;
    return (
        <section aria-label={`${name} layer`} className={`card p-2 ${chosen ? 'border-marigold!' : ''}`}>
            <div className="flex items-center gap-2">
                <Swatch colour={film?.colour ?? '#fff'} />
                <b className="flex-1 truncate">{name}</b>
                <span className="text-xs whitespace-nowrap text-quiet">
                    {show(layer.width, unit)} × {show(layer.height, unit)}
                </span>
            </div>
            <svg
                role="img"
                aria-label={`${name}, blade side${layer.mirrored ? ', mirrored' : ''}`}
                viewBox={`${-pad} ${-pad} ${layer.width + 2 * pad} ${layer.height + 2 * pad}`}
                className="my-1.5 block max-h-36 w-full rounded-[2px] bg-film"
            >
                <g fill="none" stroke="#22243a" strokeWidth=".9">
                    <path data-part="lettering" d={layer.path} vectorEffect="non-scaling-stroke" />
                    <rect
                        width={layer.width}
                        height={layer.height}
                        vectorEffect="non-scaling-stroke"
                        strokeDasharray="5 2"
                    />
                </g>
            </svg>
            <div className="flex justify-between text-xs text-quiet">
                <span>{layer.toWeed} to weed</span>
                <span className={layer.fits ? '' : 'font-semibold text-madder'}>
                    {layer.fits ? `${showFilm(layer.filmLength, unit)} of roll` : 'wider than the roll'}
                </span>
            </div>
            {layer.turned && layer.fits && <p className="text-xs text-quiet">Lies a quarter turn round on the roll.</p>}
            <a
                className={`mt-1.5 block rounded-[3px] border border-seam py-1 text-center text-xs font-semibold text-indigo hover:border-indigo ${unsaved ? 'pointer-events-none opacity-50' : ''}`}
                aria-disabled={unsaved}
                href={href}
                download
            >
                Download the blade side
            </a>
        </section>
    );
}
