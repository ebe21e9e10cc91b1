import { answer, server, type SheetLayer } from '../../api/client';
import { show, showWithUnit } from '../../measure';
import { Choice } from '../../ui/Choice';
import { LengthField } from '../../ui/LengthField';
import { NumberField } from '../../ui/NumberField';
import { Segments } from '../../ui/Segments';
import { Swatch } from '../../ui/Swatch';
import { withJoint } from '../edits';
import type { Draft } from '../useDesign';
import type { Looking } from './looking';
import { useRested } from './useRested';

type Slip = Extract<Looking, { at: 'slip' }>;

/** What shows when a film is pressed beside its place; the answer is shared with the stage. */
export function useSlip(draft: Draft, looking: Looking) {
    const slip = looking.at === 'slip' ? looking : null;
    return useRested(draft, ['slip', slip?.film, slip?.distance, slip?.angle], slip !== null, () => {
        const query = { film: slip?.film ?? '', distance: slip?.distance ?? 0 };
        return answer(
            server.GET('/api/designs/{id}/slip-test', {
                params: {
                    path: { id: draft.id },
                    query: slip === null || slip.angle === null ? query : { ...query, angle: slip.angle },
                },
            }),
        );
    });
}

interface Props {
    draft: Draft;
    layers: readonly SheetLayer[];
    looking: Slip;
    onLook: (next: Looking) => void;
}

/** The slip test: which film slips how far and where to, and what that does. */
export function SlipPanel({ draft, layers, looking, onLook }: Props) {
    const { design, change } = draft;
    const { unit } = design;
    const result = useSlip(draft, looking).data;
    const joints = draft.sheet.joints.filter(
        ({ lower, upper, kind }) => kind === 'trapped' && (lower === looking.film || upper === looking.film),
    );
    const set = (next: Partial<Slip>) => onLook({ ...looking, ...next });
    return (
        <section aria-label="Slip test" className="card grid gap-1.5 p-2">
            <Choice
                label="The film that slips"
                value={layers.find(({ film }) => film === looking.film) ?? layers[0]}
                options={layers}
                by={(layer) => layer?.film ?? ''}
                show={(layer) => {
                    const film = design.films.find(({ id }) => id === layer?.film);
                    return (
                        <>
                            <Swatch colour={film?.colour ?? '#fff'} />
                            <span className="truncate">{film?.name}</span>
                        </>
                    );
                }}
                onChange={(layer) => layer && set({ film: layer.film })}
            />
            <span className="flex flex-wrap gap-1.5">
                <LengthField
                    label="How far it slips"
                    note="slip"
                    unit={unit}
                    least={0}
                    value={looking.distance}
                    onChange={(distance) => set({ distance })}
                />
                <Segments
                    label="Where it slips to"
                    small
                    value={looking.angle === null ? 'worst' : 'angle'}
                    options={[
                        { value: 'worst', show: 'worst way' },
                        { value: 'angle', show: 'to' },
                    ]}
                    onChange={(way) => set({ angle: way === 'worst' ? null : 0 })}
                />
                {looking.angle !== null && (
                    <NumberField
                        label="Direction in degrees, clockwise from the right"
                        unit="°"
                        least={-360}
                        most={360}
                        step={15}
                        value={looking.angle}
                        onChange={(angle) => set({ angle })}
                    />
                )}
            </span>
            <p aria-live="polite" className="text-xs">
                {!result ? (
                    'Looking…'
                ) : result.bareArea + result.wrongArea === 0 ? (
                    <b className="text-sage-deep">Nothing shows that should not.</b>
                ) : (
                    <>
                        {result.bareArea > 0 && (
                            <b className="block text-madder">The blank shows in {result.bareArea.toFixed(1)} mm².</b>
                        )}
                        {result.wrongArea > 0 && (
                            <b className="block text-[#7a2f8c]">
                                Film from beneath comes out in {result.wrongArea.toFixed(1)} mm².
                            </b>
                        )}
                        At most {showWithUnit(result.widest, unit)} wide.
                    </>
                )}{' '}
                {result && result.safe < 3000 && <>Safe to {showWithUnit(result.safe, unit)} in any direction.</>}
            </p>
            {result && result.needs > 0 && joints.length > 0 && (
                <button
                    className="field text-xs font-semibold text-indigo hover:border-indigo"
                    onClick={() =>
                        change((now) =>
                            joints.reduce(
                                (next, { lower, upper, width }) =>
                                    width < result.needs
                                        ? withJoint(lower, upper, { width: result.needs })(next)
                                        : next,
                                now,
                            ),
                        )
                    }
                >
                    Set the trap to {show(result.needs, unit)} {unit}
                </button>
            )}
        </section>
    );
}
