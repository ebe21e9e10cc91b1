import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { rack } from '../api/queries';
import { finishNames } from '../film/finishes';
import { Header } from '../ui/Header';
import { NotThere } from '../ui/NotThere';
import { FilmEditor } from './FilmEditor';
import { FilmSwatch } from './FilmSwatch';
import { NewFilm } from './NewFilm';
import { UsualJoint } from './UsualJoint';

/** The films that the shop has: what they look like, what they carry, and how they are cut and pressed. */
export function RackPage() {
    const list = useQuery(rack);
    const [chosenId, setChosenId] = useState<string | null>(null);
    const entries = list.data ?? [];
    const chosen = entries.find(({ entry }) => entry.film.id === chosenId) ?? entries[0];

    useEffect(() => {
        document.title = 'Film rack · Uvret';
    }, []);

    return (
        <div className="flex h-dvh flex-col">
            <Header />
            {chosen ? (
                <main className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_400px]">
                    <section aria-label="Films on the rack" className="min-h-0 overflow-y-auto p-4">
                        <div className="flex items-baseline justify-between">
                            <h1 className="heading">Film rack</h1>
                            <NewFilm
                                like={chosen.entry}
                                taken={entries.map(({ entry }) => entry.film.id)}
                                onMade={setChosenId}
                            />
                        </div>
                        <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(200px,1fr))] gap-2">
                            {entries.map(({ entry: { film, price, stock } }) => (
                                <li key={film.id}>
                                    <button
                                        aria-pressed={film.id === chosen.entry.film.id}
                                        className={`card flex w-full items-stretch gap-3 overflow-hidden text-left hover:border-quiet ${film.id === chosen.entry.film.id ? 'border-marigold! shadow-[inset_3px_0_0_var(--color-marigold)]' : ''}`}
                                        onClick={() => setChosenId(film.id)}
                                    >
                                        <FilmSwatch film={film} className="my-2 ml-2.5 size-12" />
                                        <span className="min-w-0 flex-1 py-2 pr-2.5">
                                            <b className="block truncate">{film.name}</b>
                                            <span className="block truncate text-xs text-quiet">
                                                {film.opaque ? finishNames[film.finish] : 'translucent'}
                                                {film.applied === 'cold' && ', cold'} · {film.width / 1000} mm
                                            </span>
                                            <span className="block truncate text-xs text-quiet">
                                                {price ? `${price.toFixed(2)} per m · ` : ''}
                                                <b className={stock ? '' : 'text-madder'}>
                                                    {stock ? `${(stock / 1e6).toFixed(1)} m` : 'none left'}
                                                </b>
                                            </span>
                                        </span>
                                    </button>
                                </li>
                            ))}
                        </ul>
                        <UsualJoint />
                    </section>
                    <FilmEditor key={chosen.entry.film.id} entry={chosen} only={entries.length === 1} />
                </main>
            ) : (
                <NotThere what="films" empty="The rack is empty" list={list} />
            )}
        </div>
    );
}
