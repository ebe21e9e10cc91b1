import { lazy, Suspense, useState } from 'react';
import type { Sheet } from '../../api/client';
import { Button } from '../../ui/Button';
import { withFilmOrder } from '../model/edits';
import { toggled, type Looking } from '../model/looking';
import { Sortable } from '../shared/Sortable';
import { useBench, useBenchStore } from '../state/store';
import { FilmCard } from './FilmCard';
import { JointRow } from './JointRow';
import { MarksRow } from './MarksRow';

const SlipPanel = lazy(() => import('./SlipPanel').then(({ SlipPanel }) => ({ default: SlipPanel })));
const SwapPanel = lazy(() => import('./SwapPanel').then(({ SwapPanel }) => ({ default: SwapPanel })));
const ThicknessPanel = lazy(() =>
    import('./ThicknessPanel').then(({ ThicknessPanel }) => ({ default: ThicknessPanel })),
);
const WeedingPanel = lazy(() => import('./WeedingPanel').then(({ WeedingPanel }) => ({ default: WeedingPanel })));
const FewerFilmsDialog = lazy(() =>
    import('./FewerFilmsDialog').then(({ FewerFilmsDialog }) => ({ default: FewerFilmsDialog })),
);

/** The stack of films: one card for each cut layer in press order, top film first, with the joints between them. */
export function FilmsColumn() {
    const count = useBench((bench) => bench.sheet.layers.length);
    const saved = useBench((bench) => bench.saving.state === 'saved');
    const id = useBench((bench) => bench.id);
    const mirrored = useBench(({ sheet }) => mirrorWords(sheet.layers.map((layer) => layer.mirrored)));
    return (
        <section
            aria-label="Films"
            className="flex min-h-0 flex-col gap-1.5 overflow-y-auto border-l border-seam p-3 pt-2.5"
        >
            <h2 className="heading flex justify-between">
                Films
                {count > 1 && <span className="text-2xs font-normal tracking-normal normal-case">top film first</span>}
            </h2>
            {count === 0 ? (
                <p className="text-quiet">
                    Nothing to cut yet. Type some words, and the films show here as the knife will cut them.
                </p>
            ) : (
                <>
                    <Stack />
                    <Tools several={count > 1} />
                    <p className="pt-1 text-xs text-quiet">Seen from the blade side. {mirrored}</p>
                    <a
                        className={`field flex shrink-0 items-center justify-center font-semibold text-indigo hover:border-indigo ${saved ? '' : 'pointer-events-none opacity-50'}`}
                        aria-disabled={!saved}
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

/** The cards of the films with their joints, in press order. */
function Stack() {
    const { layers, joints } = useBench((bench) => bench.sheet);
    const store = useBenchStore();
    const topFirst = [...layers].reverse().map(({ film }) => film);
    const ids = topFirst.map(cardId);
    const move = (card: string, to: number) => {
        const others = ids.filter((other) => other !== card);
        const ordered = [...others.slice(0, to), card, ...others.slice(to)];
        store.getState().change(withFilmOrder(ordered.map(filmId)));
    };
    const nameOf = (card: string) =>
        store.getState().design.films.find(({ id }) => id === filmId(card))?.name ?? filmId(card);
    return (
        <Sortable ids={ids} move={move} nameOf={nameOf}>
            {topFirst.map((film, at) => (
                <div key={film} className="grid grid-cols-[minmax(0,1fr)] gap-1.5">
                    <FilmCard film={film} card={cardId(film)} several={topFirst.length > 1} />
                    {jointsBelow(joints, film, topFirst).map((joint) => (
                        <JointRow key={joint.lower} joint={joint} apart={joint.lower !== topFirst[at + 1]} />
                    ))}
                </div>
            ))}
        </Sortable>
    );
}

const cardId = (film: string) => `film:${film}`;
const filmId = (card: string) => card.replace(/^film:/, '');

const jointsBelow = (joints: Sheet['joints'], film: string, topFirst: readonly string[]) =>
    joints.filter(({ upper }) => upper === film).sort((a, b) => topFirst.indexOf(a.lower) - topFirst.indexOf(b.lower));

/** Tests of all films together. */
function Tools({ several }: { several: boolean }) {
    const looking = useBench((bench) => bench.looking);
    const first = useBench(({ sheet }) => sheet.joints[0]?.upper ?? sheet.layers.at(-1)?.film ?? '');
    const { look } = useBenchStore().getState();
    const [swapping, setSwapping] = useState(false);
    const [fewer, setFewer] = useState(false);
    const [weeding, setWeeding] = useState(false);
    const toggle = (next: Looking) => look({ looking: toggled(looking, next) });
    return (
        <>
            <div className="flex flex-wrap gap-1.5 pt-1">
                {several && (
                    <>
                        <Button
                            small
                            on={looking.at === 'slip'}
                            onClick={() => toggle({ at: 'slip', film: first, distance: 500, angle: null })}
                        >
                            Slip test
                        </Button>
                        <Button small on={looking.at === 'thickness'} onClick={() => toggle({ at: 'thickness' })}>
                            Thickness
                        </Button>
                        <Button small on={fewer} onClick={() => setFewer(true)}>
                            Fewer films
                        </Button>
                    </>
                )}
                <Button small on={swapping} onClick={() => setSwapping(!swapping)}>
                    Swap films
                </Button>
                <Button small on={weeding} onClick={() => setWeeding(!weeding)}>
                    Weeding
                </Button>
            </div>
            <Suspense>
                {looking.at === 'slip' && <SlipPanel looking={looking} />}
                {looking.at === 'thickness' && <ThicknessPanel />}
                {swapping && <SwapPanel />}
                {weeding && <WeedingPanel />}
                {fewer && <FewerFilmsDialog onClose={() => setFewer(false)} />}
            </Suspense>
            {several && <MarksRow />}
        </>
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
