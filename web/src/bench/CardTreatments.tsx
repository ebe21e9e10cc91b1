import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import type { Design, Film, Rim, Sheet, Treatments } from '../api/client';
import { films } from '../api/queries';
import { Choice } from '../ui/Choice';
import { LengthField } from '../ui/LengthField';
import { NumberField } from '../ui/NumberField';
import { Segments } from '../ui/Segments';
import { cardName, withLineOn, withTreatments } from './edits';
import { FilmChoice } from './FilmChoice';
import { Row } from './Row';
import type { TakingOut } from './stage/TakeOut';
import { behind, newRim, withFilmBeneath } from './treatments';
import type { Draft } from './useDesign';

interface Props {
    id: string;
    film: string;
    treatments: Treatments;
    design: Design;
    sheet: Sheet;
    change: Draft['change'];
    onTakeOut: (taking: TakingOut) => void;
}

/** What is done to a card, each a live setting: rows of the open card. */
export function CardTreatments({ id, film, treatments, design, sheet, change, onTakeOut }: Props) {
    const rack = useQuery(films).data ?? design.films;
    const { unit } = design;
    const { outlines, shadow, inline, setInto, cutFrom, copies, erased } = treatments;
    const put = (next: Partial<Treatments>, also?: Film | null) =>
        change((now) => {
            const treated = withTreatments(id, { ...treatments, ...next })(now);
            return also ? withFilmBeneath(treated, also) : treated;
        });
    const rim = (at: number, next: Partial<Rim>, also?: Film | null) =>
        put({ outlines: outlines.map((own, number) => (number === at ? { ...own, ...next } : own)) }, also);
    const others = [...design.lines, ...design.forms, ...design.motifs]
        .map((card) => card.id)
        .filter((card) => card !== id);
    const under = behind(film, design, rack);

    return (
        <div className="stitch col-span-2 grid grid-cols-[52px_minmax(0,1fr)] items-center gap-x-2 gap-y-1.5 pt-2">
            {outlines.map((own, at) => (
                <Row key={at} name={at === 0 ? 'Outline' : 'and'}>
                    <LengthField
                        label={`Width of outline ${at + 1}`}
                        note="wide"
                        unit={unit}
                        least={50}
                        value={own.width}
                        onChange={(width) => rim(at, { width })}
                    />
                    <FilmChoice
                        label={`Film of outline ${at + 1}`}
                        value={own.film}
                        design={design}
                        onChange={(next) => next && rim(at, { film: next.id }, next)}
                    />
                    <Segments
                        label={`Corners of outline ${at + 1}`}
                        small
                        value={own.corner}
                        options={[
                            { value: 'round', show: 'round' },
                            { value: 'pointed', show: 'pointed' },
                            { value: 'flat', show: 'flat' },
                        ]}
                        onChange={(corner) => rim(at, { corner })}
                    />
                    <Segments
                        label={`Holes of outline ${at + 1}`}
                        small
                        value={own.holes}
                        options={[
                            { value: 'keep', show: 'holes' },
                            { value: 'small', show: 'large ones' },
                            { value: 'fill', show: 'filled' },
                        ]}
                        onChange={(holes) => rim(at, { holes })}
                    />
                    {own.holes === 'small' && (
                        <LengthField
                            label={`Smallest hole of outline ${at + 1}`}
                            note="across"
                            unit={unit}
                            least={0}
                            value={own.smallest}
                            onChange={(smallest) => rim(at, { smallest })}
                        />
                    )}
                    <Segments
                        label={`What outline ${at + 1} goes round`}
                        small
                        value={own.around}
                        options={[
                            { value: 'own', show: 'this' },
                            { value: 'group', show: 'its group' },
                            { value: 'all', show: 'all' },
                        ]}
                        onChange={(around) => rim(at, { around })}
                    />
                    <Segments
                        label={`Where outline ${at + 1} nearly touches`}
                        small
                        value={own.near}
                        options={[
                            { value: 'join', show: 'joined' },
                            { value: 'apart', show: 'apart' },
                            { value: 'as is', show: 'as it is' },
                        ]}
                        onChange={(near) => rim(at, { near })}
                    />
                    <Off
                        name={`Remove outline ${at + 1}`}
                        onClick={() => put({ outlines: outlines.filter((_, number) => number !== at) })}
                    />
                </Row>
            ))}
            {shadow.kind !== 'none' && (
                <Row name="Shadow">
                    <Segments
                        label="Kind of shadow"
                        small
                        value={shadow.kind}
                        options={[
                            { value: 'shifted', show: 'shifted' },
                            { value: 'block', show: 'block' },
                        ]}
                        onChange={(kind) => put({ shadow: { ...shadow, kind } })}
                    />
                    <FilmChoice
                        label="Film of the shadow"
                        value={shadow.film}
                        design={design}
                        onChange={(next) => next && put({ shadow: { ...shadow, film: next.id } }, next)}
                    />
                    <LengthField
                        label="Length of the shadow"
                        note="long"
                        unit={unit}
                        least={0}
                        value={shadow.length}
                        onChange={(length) => put({ shadow: { ...shadow, length } })}
                    />
                    <NumberField
                        label="Angle of the shadow in degrees, clockwise from the right"
                        unit="°"
                        least={-360}
                        most={360}
                        value={shadow.angle}
                        onChange={(angle) => put({ shadow: { ...shadow, angle } })}
                    />
                    <LengthField
                        label="Gap between the shadow and the lettering"
                        note="clear"
                        unit={unit}
                        least={0}
                        value={shadow.gap}
                        onChange={(gap) => put({ shadow: { ...shadow, gap } })}
                    />
                    <Segments
                        label="What casts the shadow"
                        small
                        value={shadow.around}
                        options={[
                            { value: 'own', show: 'this' },
                            { value: 'group', show: 'group' },
                            { value: 'all', show: 'all' },
                        ]}
                        onChange={(around) => put({ shadow: { ...shadow, around } })}
                    />
                    <Off name="Remove the shadow" onClick={() => put({ shadow: { ...shadow, kind: 'none' } })} />
                </Row>
            )}
            {inline.width > 0 && (
                <Row name="Inline">
                    <LengthField
                        label="Width of the inline"
                        note="wide"
                        unit={unit}
                        least={50}
                        value={inline.width}
                        onChange={(width) => put({ inline: { ...inline, width } })}
                    />
                    <LengthField
                        label="Distance of the inline from the edge"
                        note="in"
                        atRight
                        unit={unit}
                        least={50}
                        value={inline.distance}
                        onChange={(distance) => put({ inline: { ...inline, distance } })}
                    />
                    <FilmChoice
                        label="Film of the inline"
                        value={inline.film}
                        design={design}
                        none="cut out"
                        onChange={(next) => put({ inline: { ...inline, film: next?.id ?? '' } }, next)}
                    />
                    <Off name="Remove the inline" onClick={() => put({ inline: { ...inline, width: 0 } })} />
                </Row>
            )}
            {setInto.card && (
                <Row name="Set into">
                    <CardName id={setInto.card} design={design} />
                    <LengthField
                        label="Clearance"
                        note="clear"
                        unit={unit}
                        least={0}
                        value={setInto.clearance}
                        onChange={(clearance) => put({ setInto: { ...setInto, clearance } })}
                    />
                    <Segments
                        label="What becomes of the inset"
                        small
                        value={setInto.keep ? 'kept' : 'shape'}
                        options={[
                            { value: 'kept', show: 'is cut too' },
                            { value: 'shape', show: 'leaves its shape' },
                        ]}
                        onChange={(kept) => put({ setInto: { ...setInto, keep: kept === 'kept' } })}
                    />
                    <Segments
                        label="Corners of the clearance"
                        small
                        value={setInto.corner}
                        options={[
                            { value: 'round', show: 'round' },
                            { value: 'pointed', show: 'pointed' },
                            { value: 'flat', show: 'flat' },
                        ]}
                        onChange={(corner) => put({ setInto: { ...setInto, corner } })}
                    />
                    <Off name="Take it out again" onClick={() => put({ setInto: { ...setInto, card: '' } })} />
                </Row>
            )}
            {cutFrom.card && (
                <Row name="Cut from">
                    <CardName id={cutFrom.card} design={design} />
                    <Segments
                        label="What becomes of the islands"
                        small
                        value={cutFrom.islands}
                        options={[
                            { value: 'keep', show: 'islands loose' },
                            { value: 'drop', show: 'gone' },
                            { value: 'bridge', show: 'bridged' },
                        ]}
                        onChange={(islands) => put({ cutFrom: { ...cutFrom, islands } })}
                    />
                    {cutFrom.islands === 'bridge' && (
                        <LengthField
                            label="Width of the bridges"
                            note="wide"
                            unit={unit}
                            least={200}
                            value={cutFrom.bridge}
                            onChange={(bridge) => put({ cutFrom: { ...cutFrom, bridge } })}
                        />
                    )}
                    <Off name="Cut it no longer" onClick={() => put({ cutFrom: { ...cutFrom, card: '' } })} />
                </Row>
            )}
            {copies.kind !== 'none' && (
                <Row name="Copies">
                    <Segments
                        label="How the copies stand"
                        small
                        value={copies.kind}
                        options={[
                            { value: 'grid', show: 'grid' },
                            { value: 'mirrored', show: 'pair' },
                            { value: 'around', show: 'around' },
                        ]}
                        onChange={(kind) => put({ copies: { ...copies, kind } })}
                    />
                    {copies.kind === 'grid' && (
                        <>
                            <NumberField
                                label="Copies across"
                                unit="across"
                                least={1}
                                most={20}
                                value={copies.across}
                                onChange={(across) => put({ copies: { ...copies, across } })}
                            />
                            <NumberField
                                label="Copies down"
                                unit="down"
                                least={1}
                                most={20}
                                value={copies.down}
                                onChange={(down) => put({ copies: { ...copies, down } })}
                            />
                        </>
                    )}
                    {copies.kind === 'around' ? (
                        <>
                            <NumberField
                                label="How many around the centre"
                                unit="in all"
                                least={2}
                                most={60}
                                value={copies.count}
                                onChange={(count) => put({ copies: { ...copies, count } })}
                            />
                            <LengthField
                                label="Distance to the centre"
                                note="radius"
                                unit={unit}
                                value={copies.radius}
                                onChange={(radius) => put({ copies: { ...copies, radius } })}
                            />
                        </>
                    ) : (
                        <LengthField
                            label="Gap between the copies"
                            note="gap"
                            unit={unit}
                            value={copies.gap}
                            onChange={(gap) => put({ copies: { ...copies, gap } })}
                        />
                    )}
                    <Off name="Remove the copies" onClick={() => put({ copies: { ...copies, kind: 'none' } })} />
                </Row>
            )}
            {erased.map((piece, at) => (
                <Row key={piece.id} name={at === 0 ? 'Taken out' : ''}>
                    <span className="text-xs">piece {at + 1}</span>
                    <button
                        className="text-xs font-semibold text-indigo hover:underline"
                        onClick={() =>
                            put({
                                erased: erased.map((other) =>
                                    other.id === piece.id ? { ...other, hidden: !other.hidden } : other,
                                ),
                            })
                        }
                    >
                        {piece.hidden ? 'Take out' : 'Bring back'}
                    </button>
                    <Off
                        name={`Forget piece ${at + 1}`}
                        onClick={() => put({ erased: erased.filter((other) => other.id !== piece.id) })}
                    />
                </Row>
            ))}
            <div className="col-span-2 flex flex-wrap gap-1.5">
                <Add onClick={() => under && put({ outlines: [...outlines, newRim(under.id)] }, under)}>Outline</Add>
                {shadow.kind === 'none' && (
                    <Add
                        onClick={() =>
                            under && put({ shadow: { ...shadow, kind: 'block', film: shadow.film || under.id } }, under)
                        }
                    >
                        Shadow
                    </Add>
                )}
                {inline.width === 0 && <Add onClick={() => put({ inline: { ...inline, width: 1000 } })}>Inline</Add>}
                <Add onClick={() => onTakeOut({ card: id, shape: 'box' })}>Take a box out</Add>
                <Add onClick={() => onTakeOut({ card: id, shape: 'lasso' })}>Take a lasso out</Add>
                {copies.kind === 'none' && (
                    <Add onClick={() => put({ copies: { ...copies, kind: 'grid' } })}>Copies</Add>
                )}
            </div>
            {others.length > 0 && !setInto.card && !cutFrom.card && (
                <div className="col-span-2 flex gap-1.5">
                    <CardChoice
                        label="Set into"
                        cards={others}
                        design={design}
                        onChange={(card) =>
                            change((now) =>
                                withTreatments(id, { ...treatments, setInto: { ...setInto, card } })(
                                    withLineOn(id, card, sheet)(now),
                                ),
                            )
                        }
                    />
                    <CardChoice
                        label="Cut from"
                        cards={others.filter((card) => !design.lines.some((line) => line.id === card))}
                        design={design}
                        onChange={(card) =>
                            change((now) =>
                                withTreatments(id, { ...treatments, cutFrom: { ...cutFrom, card } })(
                                    withLineOn(id, card, sheet)(now),
                                ),
                            )
                        }
                    />
                </div>
            )}
        </div>
    );
}

function CardName({ id, design }: { id: string; design: Design }) {
    return <b className="max-w-full min-w-0 truncate text-xs">{cardName(design, id)}</b>;
}

interface CardChoiceProps {
    label: string;
    cards: readonly string[];
    design: Design;
    onChange: (card: string) => void;
}

function CardChoice({ label, cards, design, onChange }: CardChoiceProps) {
    return cards.length === 0 ? null : (
        <Choice
            label={label}
            className="min-w-0 flex-1 text-xs font-semibold text-indigo"
            value=""
            options={cards}
            by={(card) => card}
            show={(card) => <span className="truncate">{cardName(design, card)}</span>}
            showChosen={() => label}
            onChange={onChange}
        />
    );
}

function Add({ onClick, children }: { onClick: () => void; children: ReactNode }) {
    return (
        <button
            className="rounded-[3px] border border-seam px-2 py-0.5 text-xs font-semibold text-indigo hover:border-indigo"
            onClick={onClick}
        >
            + {children}
        </button>
    );
}

function Off({ name, onClick }: { name: string; onClick: () => void }) {
    return (
        <button
            aria-label={name}
            title={name}
            className="px-1 text-base leading-none font-semibold text-madder hover:bg-tape"
            onClick={onClick}
        >
            ×
        </button>
    );
}
