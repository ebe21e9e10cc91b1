import type { ReactNode } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { Sheet } from '../../api/client';
import { films } from '../../api/queries';
import { inTurn, withLineOn, withTreatments } from '../edits';
import type { TakingOut } from '../stage/TakeOut';
import { behind, newRim } from '../treatments';
import type { Draft } from '../useDesign';
import { CardChoice } from './CardChoice';
import type { Treating } from './Treating';

interface Props extends Treating {
    id: string;
    film: string;
    sheet: Sheet;
    change: Draft['change'];
    onTakeOut: (taking: TakingOut) => void;
}

/** The treatments that a card does not have yet, a button each. */
export function AddTreatments({ id, film, treatments, put, design, sheet, change, onTakeOut }: Props) {
    const rack = useQuery(films).data ?? design.films;
    const { shadow, inline, setInto, cutFrom, copies } = treatments;
    const others = [...design.lines, ...design.forms, ...design.motifs]
        .map((card) => card.id)
        .filter((card) => card !== id);
    const under = behind(film, design, rack);
    return (
        <>
            <div className="col-span-2 flex flex-wrap gap-1.5">
                <Add onClick={() => under && put((now) => now.outlines.push(newRim(under.id)), under)}>Outline</Add>
                {shadow.kind === 'none' && (
                    <Add
                        onClick={() =>
                            under &&
                            put((now) => {
                                now.shadow.kind = 'block';
                                now.shadow.film ||= under.id;
                            }, under)
                        }
                    >
                        Shadow
                    </Add>
                )}
                {inline.width === 0 && <Add onClick={() => put((now) => (now.inline.width = 1000))}>Inline</Add>}
                <Add onClick={() => onTakeOut({ card: id, shape: 'box' })}>Take a box out</Add>
                <Add onClick={() => onTakeOut({ card: id, shape: 'lasso' })}>Take a lasso out</Add>
                {copies.kind === 'none' && <Add onClick={() => put((now) => (now.copies.kind = 'grid'))}>Copies</Add>}
            </div>
            {others.length > 0 && !setInto.card && !cutFrom.card && (
                <div className="col-span-2 flex gap-1.5">
                    <CardChoice
                        label="Set into"
                        cards={others}
                        design={design}
                        onChange={(card) =>
                            change(
                                inTurn(
                                    withLineOn(id, card, sheet),
                                    withTreatments(id, (now) => (now.setInto.card = card)),
                                ),
                            )
                        }
                    />
                    <CardChoice
                        label="Cut from"
                        cards={others.filter((card) => !design.lines.some((line) => line.id === card))}
                        design={design}
                        onChange={(card) =>
                            change(
                                inTurn(
                                    withLineOn(id, card, sheet),
                                    withTreatments(id, (now) => (now.cutFrom.card = card)),
                                ),
                            )
                        }
                    />
                </div>
            )}
        </>
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
