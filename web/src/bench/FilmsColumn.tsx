import type { Design, Sheet } from '../api/client';
import { FilmCard } from './FilmCard';

interface Props {
    id: string;
    design: Design;
    sheet: Sheet;
    chosen: string | null;
    unsaved: boolean;
}

/** One card for each cut layer in press order, top film first, as the knife sees it. */
export function FilmsColumn({ id, design, sheet, chosen, unsaved }: Props) {
    const film = design.lines.find((line) => line.id === chosen)?.film;
    const layers = [...sheet.layers].reverse();
    return (
        <section aria-label="Films" className="flex min-h-0 flex-col gap-2 overflow-y-auto border-l border-seam p-3">
            <h2 className="heading flex justify-between">
                Films
                {layers.length > 1 && (
                    <span className="text-2xs font-normal tracking-normal normal-case">top film first</span>
                )}
            </h2>
            {layers.map((layer) => (
                <FilmCard
                    key={layer.film}
                    layer={layer}
                    film={design.films.find((candidate) => candidate.id === layer.film)}
                    unit={design.unit}
                    chosen={layer.film === film}
                    href={`/api/designs/${id}/blade-side/${layer.film}.svg`}
                    unsaved={unsaved}
                />
            ))}
            {layers.length === 0 ? (
                <p className="text-quiet">
                    Nothing to cut yet. As soon as words are typed, the films show here as the knife will see them.
                </p>
            ) : (
                <>
                    <p className="text-xs text-quiet">
                        Seen from the blade side. {mirrorWords(layers.map((layer) => layer.mirrored))}
                    </p>
                    <a
                        className={`field flex items-center justify-center font-semibold text-indigo hover:border-indigo ${unsaved ? 'pointer-events-none opacity-50' : ''}`}
                        aria-disabled={unsaved}
                        href={`/api/designs/${id}/wear-side.svg`}
                        download
                    >
                        Download the wear side
                    </a>
                </>
            )}
        </section>
    );
}

function mirrorWords(mirrored: readonly boolean[]): string {
    if (mirrored.every(Boolean)) {
        return 'These films are cut from the back, so they are mirrored here, once.';
    }
    return mirrored.some(Boolean)
        ? 'Films that are cut from the back are mirrored here, once; the others are cut as worn.'
        : 'These films are cut as worn, so nothing is mirrored.';
}
