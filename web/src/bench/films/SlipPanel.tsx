import { show, showWithUnit } from '../../measure';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { LengthField } from '../../ui/LengthField';
import { NumberField } from '../../ui/NumberField';
import { Segments } from '../../ui/Segments';
import { Swatch } from '../../ui/Swatch';
import { inTurn, withJoint } from '../model/edits';
import type { Looking } from '../model/looking';
import { useSlip } from '../state/pressed';
import { useBench, useBenchStore } from '../state/store';

type Slip = Extract<Looking, { at: 'slip' }>;

/** The slip test: film, distance, direction and result. */
export function SlipPanel({ looking }: { looking: Slip }) {
    const films = useBench((bench) => bench.design.films);
    const unit = useBench((bench) => bench.design.unit);
    const layers = useBench((bench) => bench.sheet.layers);
    const all = useBench((bench) => bench.sheet.joints);
    const { change, look } = useBenchStore().getState();
    const result = useSlip();
    const joints = all.filter(
        ({ lower, upper, kind }) => kind === 'trapped' && (lower === looking.film || upper === looking.film),
    );
    const set = (next: Partial<Slip>) => look({ looking: { ...looking, ...next } });
    return (
        <section aria-label="Slip test" className="card grid gap-1.5 p-2">
            <Choice
                label="Slipping film"
                value={layers.find(({ film }) => film === looking.film) ?? layers[0]}
                options={layers}
                by={(layer) => layer?.film ?? ''}
                show={(layer) => {
                    const film = films.find(({ id }) => id === layer?.film);
                    return (
                        <>
                            <Swatch colour={film?.colour ?? 'white'} />
                            <span className="truncate">{film?.name}</span>
                        </>
                    );
                }}
                onChange={(layer) => layer && set({ film: layer.film })}
            />
            <span className="flex flex-wrap gap-1.5">
                <LengthField
                    label="Slip distance"
                    note="slip"
                    unit={unit}
                    least={0}
                    value={looking.distance}
                    onChange={(distance) => set({ distance })}
                />
                <Segments
                    label="Slip direction"
                    small
                    value={looking.angle === null ? 'worst' : 'angle'}
                    options={[
                        { value: 'worst', show: 'worst' },
                        { value: 'angle', show: 'towards' },
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
                    <b className="text-sage-deep">Nothing shows that should be covered.</b>
                ) : (
                    <>
                        {result.bareArea > 0 && (
                            <b className="block text-madder">The blank shows in {result.bareArea.toFixed(1)} mm².</b>
                        )}
                        {result.wrongArea > 0 && (
                            <b className="block text-plum">
                                Film from beneath shows in {result.wrongArea.toFixed(1)} mm².
                            </b>
                        )}
                        At most {showWithUnit(result.widest, unit)} wide.
                    </>
                )}{' '}
                {result && result.safe < 3000 && <>Safe to {showWithUnit(result.safe, unit)} in any direction.</>}
            </p>
            {result && result.needs > 0 && joints.length > 0 && (
                <Button
                    small
                    onClick={() =>
                        change(
                            inTurn(
                                ...joints
                                    .filter(({ width }) => width < result.needs)
                                    .map(({ lower, upper }) => withJoint(lower, upper, { width: result.needs })),
                            ),
                        )
                    }
                >
                    Set the trap to {show(result.needs, unit)} {unit}
                </Button>
            )}
        </section>
    );
}
