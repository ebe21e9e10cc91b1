import { NumberField } from '../../ui/NumberField';
import { withLayering } from '../model/edits';
import { stackColour } from '../model/stacks';
import { usePressed } from '../state/pressed';
import { useBench, useBenchStore } from '../state/store';

/** Thickness of stacked films: the legend of the picture on the stage. */
export function ThicknessPanel() {
    const thickest = useBench((bench) => bench.design.layering.thickest);
    const { change } = useBenchStore().getState();
    const pressed = usePressed();
    const counts = pressed ? [...new Set(pressed.stacks.map(({ films }) => films.length))].sort() : [];
    return (
        <section aria-label="Thickness" className="card grid gap-1.5 p-2 text-xs">
            {!pressed ? (
                'Looking…'
            ) : (
                <>
                    <ul className="grid gap-0.5">
                        {counts.map((count) => {
                            const stacks = pressed.stacks.filter(({ films }) => films.length === count);
                            return (
                                <li key={count} className="flex items-center gap-2">
                                    <span
                                        aria-hidden
                                        className="size-3 border border-ink/30"
                                        style={{ background: stackColour(count) }}
                                    />
                                    {count === 1 ? 'one film' : `${count} films`}
                                    <span className="ml-auto text-quiet">
                                        up to {millimetres(Math.max(...stacks.map(({ thickness }) => thickness)))}
                                    </span>
                                </li>
                            );
                        })}
                    </ul>
                    <p>
                        At most{' '}
                        <b className={pressed.thickest > pressed.limit ? 'text-madder' : 'text-sage-deep'}>
                            {millimetres(pressed.thickest)}
                        </b>
                        {pressed.thickest > pressed.limit && ', over the limit'}.
                    </p>
                </>
            )}
            <span className="flex items-center justify-between gap-2 text-quiet">
                Warn above
                <NumberField
                    label="Thickest allowed, in mm"
                    unit="mm"
                    least={0.01}
                    most={10}
                    step={0.1}
                    digits={2}
                    value={thickest / 1000}
                    onChange={(most) => change(withLayering((now) => (now.thickest = Math.round(1000 * most))))}
                />
            </span>
        </section>
    );
}

const millimetres = (micrometres: number) => `${(micrometres / 1000).toFixed(2)} mm`;
