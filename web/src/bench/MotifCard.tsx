import { useEffect, useRef } from 'react';
import type { Design, Film, Motif, Sheet } from '../api/client';
import { show } from '../measure';
import { LengthField } from '../ui/LengthField';
import { Swatch } from '../ui/Swatch';
import { CardActions } from './CardActions';
import type { TakingOut } from './stage/TakeOut';
import { CardTreatments } from './CardTreatments';
import { freeId, withMotif, withMotifCopy, withoutMotif } from './edits';
import { FilmChoice } from './FilmChoice';
import { PlaceRows } from './PlaceRows';
import { Row } from './Row';
import { treatmentWords, withFilmBeneath } from './treatments';
import type { Draft } from './useDesign';

interface Props {
    motif: Motif;
    design: Design;
    sheet: Sheet;
    open: boolean;
    onOpen: () => void;
    change: Draft['change'];
    onTakeOut: (taking: TakingOut) => void;
}

/** Artwork: its colours with their films, its size and place. */
export function MotifCard({ motif, design, sheet, open, onOpen, change, onTakeOut }: Props) {
    const { unit } = design;
    const card = useRef<HTMLElement>(null);
    const set = (next: Partial<Motif>, what = '') => change(withMotif(motif.id, next), what && `${what}:${motif.id}`);
    const sized = (factor: number) =>
        set({ width: Math.round(motif.width * factor), height: Math.round(motif.height * factor) });
    const putFilm = (at: number, film: Film | null) =>
        change((now) => {
            const colours = motif.colours.map((own, number) =>
                number === at ? { ...own, film: film?.id ?? '' } : own,
            );
            const next = withMotif(motif.id, { colours })(now);
            return film ? withFilmBeneath(next, film) : next;
        });
    useEffect(() => {
        if (open) {
            card.current?.scrollIntoView({ block: 'nearest' });
        }
    }, [open]);

    return (
        <section
            ref={card}
            aria-label={`Motif: ${motif.name}`}
            className={`card relative shrink-0 py-2 pr-2.5 pl-5 ${open ? 'border-marigold! shadow-[inset_3px_0_0_var(--color-marigold)]' : 'hover:border-quiet'}`}
            onPointerDown={open ? undefined : onOpen}
        >
            <fieldset disabled={motif.locked} className="min-w-0">
                <button
                    className={`w-full min-w-0 truncate py-0.5 text-left text-[17px] font-semibold ${motif.hidden ? 'opacity-45' : ''}`}
                    onClick={onOpen}
                >
                    {motif.name}
                </button>
                {open && (
                    <div className="mt-2 grid grid-cols-[52px_minmax(0,1fr)] items-center gap-x-2 gap-y-1.5">
                        {motif.colours.map((colour, at) => (
                            <Row key={colour.colour} name={at === 0 ? 'Films' : ''}>
                                <span title={`The picture’s ${colour.colour}`} className="leading-none">
                                    <Swatch colour={colour.colour} />
                                </span>
                                <FilmChoice
                                    label={`Film for ${colour.colour}`}
                                    value={colour.film}
                                    design={design}
                                    none="left out"
                                    onChange={(film) => putFilm(at, film)}
                                />
                            </Row>
                        ))}
                        <Row name="Size">
                            <LengthField
                                label="Width of the motif"
                                note="wide"
                                unit={unit}
                                least={500}
                                value={motif.width}
                                onChange={(width) => sized(width / motif.width)}
                            />
                            <LengthField
                                label="Height of the motif"
                                note="high"
                                atRight
                                unit={unit}
                                least={500}
                                value={motif.height}
                                onChange={(height) => sized(height / motif.height)}
                            />
                        </Row>
                        <PlaceRows what="motif" place={motif} unit={unit} onChange={set} />
                        <CardTreatments
                            id={motif.id}
                            film={motif.colours[0]?.film ?? ''}
                            treatments={motif.treatments}
                            design={design}
                            sheet={sheet}
                            change={change}
                            onTakeOut={onTakeOut}
                        />
                    </div>
                )}
            </fieldset>
            {open ? (
                <CardActions
                    hidden={motif.hidden}
                    locked={motif.locked}
                    onHide={() => set({ hidden: !motif.hidden })}
                    onLock={() => set({ locked: !motif.locked })}
                    onDuplicate={() => change(withMotifCopy(motif.id, freeId(design, 'motif')))}
                    onRemove={() => change(withoutMotif(motif.id))}
                />
            ) : (
                <p className="mt-1 truncate text-xs text-quiet">
                    {motif.hidden && <b>hidden · </b>}
                    {`${show(motif.width, unit)} × ${show(motif.height, unit)} ${unit}`}
                    {treatmentWords(motif.treatments) && ` · ${treatmentWords(motif.treatments)}`}
                </p>
            )}
        </section>
    );
}
