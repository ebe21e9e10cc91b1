import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link, useLocation, useParams } from 'wouter';
import { blanks } from '../api/queries';
import { Header } from '../ui/Header';
import { NotThere } from '../ui/NotThere';
import { BlankEditor } from './BlankEditor';
import { drawingUrl } from './Garment';
import { NewBlank } from './NewBlank';

/** The blanks that the shop decorates: in their sizes, with the areas that may carry lettering. */
export function BlanksPage() {
    const list = useQuery(blanks);
    const { blank: chosenId = null } = useParams();
    const [, navigate] = useLocation();
    const setChosenId = (id: string) => navigate(`/blanks/${id}`, { replace: true });
    const entries = list.data ?? [];
    const chosen = entries.find(({ blank }) => blank.id === chosenId) ?? entries[0];

    useEffect(() => {
        document.title = 'Blanks · Uvret';
    }, []);

    return (
        <div className="flex h-dvh flex-col">
            <Header />
            {chosen ? (
                <main className="grid min-h-0 flex-1 grid-cols-[264px_minmax(0,1fr)]">
                    <section
                        aria-label="The shop’s blanks"
                        className="flex min-h-0 flex-col gap-1.5 overflow-y-auto border-r border-seam p-3"
                    >
                        <h1 className="heading">Blanks</h1>
                        <ul className="grid gap-1.5">
                            {entries.map(({ blank }) => (
                                <li key={blank.id}>
                                    <button
                                        aria-pressed={blank.id === chosen.blank.id}
                                        className={`card flex w-full items-center gap-3 px-2.5 py-1.5 text-left hover:border-quiet ${blank.id === chosen.blank.id ? 'border-marigold! shadow-[inset_3px_0_0_var(--color-marigold)]' : ''}`}
                                        onClick={() => setChosenId(blank.id)}
                                    >
                                        <img
                                            alt=""
                                            src={drawingUrl(blank.drawing, blank.fabrics[0]?.colour ?? '#cccccc')}
                                            className="size-10 object-contain"
                                        />
                                        <span className="min-w-0">
                                            <b className="block truncate">{blank.name}</b>
                                            <span className="block truncate text-xs text-quiet">
                                                {blank.sizes.map(({ size }) => size).join(', ')}
                                            </span>
                                        </span>
                                    </button>
                                </li>
                            ))}
                        </ul>
                        <Link
                            to="/measure-a-blank"
                            className="field shrink-0 text-center font-semibold text-indigo hover:border-indigo"
                        >
                            Measure a blank
                        </Link>
                        <NewBlank
                            like={chosen.blank}
                            taken={entries.map(({ blank }) => blank.id)}
                            onMade={setChosenId}
                        />
                    </section>
                    <BlankEditor key={chosen.blank.id} entry={chosen} />
                </main>
            ) : (
                <NotThere what="blanks" empty="The shop has no blanks" list={list} />
            )}
        </div>
    );
}
