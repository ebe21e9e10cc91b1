import { useState } from 'react';
import type { Sheet } from '../../api/client';
import { Segments } from '../../ui/Segments';
import { withFilmOrder, withLayering } from '../edits';
import { useReorder } from '../useReorder';
import type { Draft } from '../useDesign';
import { FewerFilmsDialog } from './FewerFilmsDialog';
import { FilmCard } from './FilmCard';
import { JointRow } from './JointRow';
import { toggled, type Looking } from './looking';
import { SlipPanel } from './SlipPanel';
import { ThicknessPanel } from './ThicknessPanel';

interface Props {
    draft: Draft;
    sheet: Sheet;
    chosen: string | null;
    looking: Looking;
    onLook: (next: Looking) => void;
    onPoint: (film: string | null) => void;
}

/** The stack of films: one card for each cut layer in press order, top film first, with the joints between them. */
export function FilmsColumn({ draft, sheet, chosen, looking, onLook, onPoint }: Props) {
    const { id, design, change, saving } = draft;
    const unsaved = saving.state !== 'saved';
    const [fewer, setFewer] = useState(false);
    const own = sheet.parts.find(({ card }) => card === chosen)?.film;
    const layers = [...sheet.layers].reverse();
    const ids = layers.map(({ film }) => `film:${film}`);
    const reorder = useReorder(ids, (film, to) => {
        const others = ids.filter((other) => other !== film);
        const ordered = [...others.slice(0, to), film, ...others.slice(to)];
        if (to >= 0 && to < ids.length && ordered.join() !== ids.join()) {
            change(withFilmOrder(ordered.map((card) => card.replace(/^film:/, ''))));
        }
    });
    const several = layers.length > 1;
    const look = (next: Looking) => onLook(toggled(looking, next));

    return (
        <section aria-label="Films" className="flex min-h-0 flex-col gap-1.5 overflow-y-auto border-l border-seam p-3">
            <h2 className="heading mb-0.5 flex justify-between">
                Films
                {several && <span className="text-2xs font-normal tracking-normal normal-case">top film first</span>}
            </h2>
            {layers.map((layer, at) => (
                <div key={layer.film} className="grid gap-1.5">
                    <FilmCard
                        layer={layer}
                        film={design.films.find((candidate) => candidate.id === layer.film)}
                        unit={design.unit}
                        chosen={layer.film === own}
                        href={`/api/designs/${id}/blade-side/${layer.film}.svg`}
                        unsaved={unsaved}
                        reorder={several ? reorder : undefined}
                        looking={looking}
                        onLook={look}
                        onPoint={onPoint}
                    />
                    {sheet.joints
                        .filter((joint) => joint.upper === layer.film)
                        .sort((a, b) => place(layers, a.lower) - place(layers, b.lower))
                        .map((joint) => (
                            <JointRow
                                key={joint.lower}
                                joint={joint}
                                apart={joint.lower !== layers[at + 1]?.film}
                                design={design}
                                change={change}
                            />
                        ))}
                </div>
            ))}
            {layers.length === 0 ? (
                <p className="text-quiet">
                    Nothing to cut yet. As soon as words are typed, the films show here as the knife will see them.
                </p>
            ) : (
                <>
                    {several && (
                        <>
                            <div className="flex flex-wrap gap-1.5 pt-1">
                                <Tool
                                    on={looking.at === 'slip'}
                                    onClick={() =>
                                        look({
                                            at: 'slip',
                                            film: sheet.joints[0]?.upper ?? layers[0]?.film ?? '',
                                            distance: 500,
                                            angle: null,
                                        })
                                    }
                                >
                                    Slip test
                                </Tool>
                                <Tool on={looking.at === 'thickness'} onClick={() => look({ at: 'thickness' })}>
                                    Thickness
                                </Tool>
                                <Tool on={fewer} onClick={() => setFewer(true)}>
                                    Fewer films
                                </Tool>
                            </div>
                            {looking.at === 'slip' && (
                                <SlipPanel draft={draft} layers={layers} looking={looking} onLook={onLook} />
                            )}
                            {looking.at === 'thickness' && <ThicknessPanel draft={draft} />}
                            <div className="stitch mt-1 grid gap-1 pt-2">
                                <span className="text-xs text-quiet">Laid on one another by</span>
                                <Segments
                                    label="Marks that the layers are laid on one another by"
                                    small
                                    value={design.layering.marks}
                                    options={[
                                        { value: 'corners', show: 'corners' },
                                        { value: 'pins', show: 'pins' },
                                        { value: 'box', show: 'box' },
                                        { value: 'none', show: 'none' },
                                    ]}
                                    onChange={(marks) => change(withLayering((now) => (now.marks = marks)))}
                                />
                            </div>
                        </>
                    )}
                    <p className="pt-1 text-xs text-quiet">
                        Seen from the blade side. {mirrorWords(layers.map((layer) => layer.mirrored))}
                    </p>
                    <a
                        className={`field flex shrink-0 items-center justify-center font-semibold text-indigo hover:border-indigo ${unsaved ? 'pointer-events-none opacity-50' : ''}`}
                        aria-disabled={unsaved}
                        href={`/api/designs/${id}/wear-side.svg`}
                        download
                    >
                        Download the wear side
                    </a>
                </>
            )}
            <FewerFilmsDialog draft={draft} open={fewer} onClose={() => setFewer(false)} />
        </section>
    );
}

const place = (layers: readonly { film: string }[], film: string) => layers.findIndex((layer) => layer.film === film);

function Tool({ on, onClick, children }: { on: boolean; onClick: () => void; children: string }) {
    return (
        <button
            aria-pressed={on}
            className={`field text-xs font-semibold ${on ? 'border-ink! bg-ink! text-white' : 'text-indigo hover:border-indigo'}`}
            onClick={onClick}
        >
            {children}
        </button>
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
