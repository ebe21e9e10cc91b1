import { useState } from 'react';
import type { Film, Rim } from '../../../api/client';
import { LengthField } from '../../../ui/LengthField';
import { Segments } from '../../../ui/Segments';
import { FilmChoice } from '../../shared/FilmChoice';
import { Off } from '../../shared/Off';
import { Row } from '../../shared/Row';
import { useBench } from '../../state/store';
import type { Treating } from '../card/useTreatments';
import { Details } from './Details';

interface Props extends Treating {
    at: number;
    /** Whether its details start unfolded. */
    detailed: boolean;
}

/** One of a card's outlines, counted from the inside. */
export function OutlineRows({ at, detailed, treatments, put }: Props) {
    const unit = useBench((bench) => bench.design.unit);
    const [asked, setAsked] = useState<boolean | null>(null);
    const own = treatments.outlines[at];
    const number = at + 1;
    const set = (next: Partial<Rim>, also?: Film | null) =>
        put((now) => now.outlines[at] && Object.assign(now.outlines[at], next), also);
    const shown = asked ?? detailed;
    return (
        own && (
            <>
                <Row
                    name={
                        <Details
                            name={treatments.outlines.length > 1 ? `Outline ${number}` : 'Outline'}
                            on={shown}
                            onToggle={() => setAsked(!shown)}
                        />
                    }
                >
                    <span className="flex w-full items-center gap-1">
                        <LengthField
                            label={`Width of outline ${number}`}
                            field={`outline ${number}`}
                            slim
                            unit={unit}
                            least={50}
                            value={own.width}
                            onChange={(width) => set({ width })}
                        />
                        <FilmChoice
                            label={`Film of outline ${number}`}
                            value={own.film}
                            onChange={(next) => next && set({ film: next.id }, next)}
                        />
                        <Off
                            name={`Remove outline ${number}`}
                            onClick={() => put((now) => now.outlines.splice(at, 1))}
                        />
                    </span>
                </Row>
                {shown && (
                    <>
                        <Row name="Corners">
                            <Segments
                                label={`Corners of outline ${number}`}
                                small
                                value={own.corner}
                                options={[
                                    { value: 'round', show: 'round' },
                                    { value: 'pointed', show: 'pointed' },
                                    { value: 'flat', show: 'flat' },
                                ]}
                                onChange={(corner) => set({ corner })}
                            />
                        </Row>
                        <Row name="Around">
                            <Segments
                                label={`What outline ${number} goes around`}
                                small
                                value={own.around}
                                options={[
                                    { value: 'own', show: 'this' },
                                    { value: 'group', show: 'its group' },
                                    { value: 'all', show: 'all' },
                                ]}
                                onChange={(around) => set({ around })}
                            />
                        </Row>
                        <Row name="Holes">
                            <Segments
                                label={`Holes of outline ${number}`}
                                small
                                value={own.holes}
                                options={[
                                    { value: 'keep', show: 'kept' },
                                    { value: 'small', show: 'large ones' },
                                    { value: 'fill', show: 'filled' },
                                ]}
                                onChange={(holes) => set({ holes })}
                            />
                            {own.holes === 'small' && (
                                <LengthField
                                    label={`Smallest hole of outline ${number}`}
                                    note="across"
                                    unit={unit}
                                    least={0}
                                    value={own.smallest}
                                    onChange={(smallest) => set({ smallest })}
                                />
                            )}
                        </Row>
                        <Row name="Near itself">
                            <Segments
                                label={`Where outline ${number} nearly touches itself`}
                                small
                                value={own.near}
                                options={[
                                    { value: 'join', show: 'joined' },
                                    { value: 'apart', show: 'apart' },
                                    { value: 'as is', show: 'as it is' },
                                ]}
                                onChange={(near) => set({ near })}
                            />
                        </Row>
                    </>
                )}
            </>
        )
    );
}
