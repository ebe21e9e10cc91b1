import { withFilmsSwapped } from '../model/edits';
import { FilmChoice } from '../shared/FilmChoice';
import { Swatch } from '../../ui/Swatch';
import { useBench, useBenchStore } from '../state/store';

/** Exchanges films in the whole design, for example for another garment colour; a film already in use is swapped. */
export function SwapPanel() {
    const films = useBench((bench) => bench.design.films);
    const layers = useBench((bench) => bench.sheet.layers);
    const { change } = useBenchStore().getState();
    const cut = films.filter(({ id }) => layers.some(({ film }) => film === id)).reverse();
    return (
        <section aria-label="Swap films" className="card grid gap-1.5 p-2">
            <p className="text-xs text-quiet">In the whole design, everything in</p>
            {cut.map(({ id, name, colour }) => (
                <span
                    key={id}
                    className="grid grid-cols-[minmax(0,1fr)_auto_minmax(0,1.1fr)] items-center gap-1.5 text-xs"
                >
                    <span className="flex min-w-0 items-center gap-1.5">
                        <Swatch colour={colour} />
                        <span className="truncate">{name}</span>
                    </span>
                    to
                    <FilmChoice
                        label={`Film instead of ${name}`}
                        value={id}
                        onChange={(film) => film && change(withFilmsSwapped(id, film))}
                    />
                </span>
            ))}
        </section>
    );
}
