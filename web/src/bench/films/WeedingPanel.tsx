import type { Weeding } from '../../api/client';
import { Choice } from '../../ui/Choice';
import { LengthField } from '../../ui/LengthField';
import { Segments } from '../../ui/Segments';
import { withWeeding } from '../model/edits';
import { useBench, useBenchStore } from '../state/store';

const around = [
    { value: 'design', say: 'One for all layers' },
    { value: 'layer', say: 'One per layer' },
    { value: 'group', say: 'One per group' },
    { value: 'card', say: 'One per card' },
] as const satisfies readonly { value: Weeding['around']; say: string }[];
type Around = (typeof around)[number];

const sides = ['left', 'right', 'top', 'bottom'] as const;

/** Frames around the layers, relief cuts and joined pieces. */
export function WeedingPanel() {
    const weeding = useBench((bench) => bench.design.weeding);
    const unit = useBench((bench) => bench.design.unit);
    const marks = useBench(({ design, sheet }) => sheet.layers.length > 1 && design.layering.marks);
    const several = useBench(({ sheet }) => sheet.layers.length > 1);
    const { change } = useBenchStore().getState();
    const chosen: Around = around.find(({ value }) => value === weeding.around) ?? around[0];
    const boxed = marks === 'box';
    return (
        <section aria-label="Weeding" className="card grid gap-2 p-2 text-xs">
            <span className="flex items-center justify-between gap-2">
                <span className="text-quiet">Frame</span>
                <Segments
                    label="Frame shape"
                    small
                    value={weeding.frame}
                    options={[
                        { value: 'rectangle', show: 'rectangle' },
                        { value: 'hugging', show: 'hugging' },
                    ]}
                    onChange={(frame) => change(withWeeding((now) => (now.frame = frame)))}
                />
            </span>
            <Choice
                label="Number of frames"
                className="w-full"
                value={chosen}
                options={around}
                by={({ value }) => value}
                show={({ say }) => say}
                onChange={({ value }) => change(withWeeding((now) => (now.around = value)))}
            />
            {weeding.frame === 'rectangle' ? (
                <span className="grid grid-cols-2 items-center gap-x-4 gap-y-1">
                    <span className="col-span-2 text-quiet">Margins, as worn</span>
                    {sides.map((side) => (
                        <span key={side} className="flex items-center justify-between gap-1.5 text-quiet">
                            {side}
                            <LengthField
                                label={`${side[0]?.toUpperCase()}${side.slice(1)} margin`}
                                slim
                                atRight
                                value={weeding.margins[side]}
                                unit={unit}
                                least={2_000}
                                most={100_000}
                                onChange={(length) => change(withWeeding((now) => (now.margins[side] = length)))}
                            />
                        </span>
                    ))}
                </span>
            ) : (
                <span className="flex items-center justify-between gap-2 text-quiet">
                    Distance from ink
                    <LengthField
                        label="Distance from ink"
                        atRight
                        note={unit}
                        value={weeding.distance}
                        unit={unit}
                        least={2_000}
                        most={100_000}
                        onChange={(length) => change(withWeeding((now) => (now.distance = length)))}
                    />
                </span>
            )}
            {boxed ? (
                <p className="text-quiet">The box is the registration mark, so all layers share one frame.</p>
            ) : (
                several &&
                weeding.around === 'design' &&
                (marks === 'none' ? (
                    <p className="text-quiet">Without registration marks, each layer gets its own frame.</p>
                ) : (
                    weeding.frame === 'rectangle' &&
                    sides.some((side) => weeding.margins[side] < 6_000) && (
                        <p className="text-quiet">Registration marks need 6 mm, so smaller margins are widened.</p>
                    )
                ))
            )}
            <Tick
                label="Relief cuts"
                say="split the waste into strips"
                on={weeding.relief}
                onChange={(on) => change(withWeeding((now) => (now.relief = on)))}
            />
            {several && (
                <Tick
                    label="Join loose pieces"
                    say="under the films that cover them"
                    on={weeding.together}
                    onChange={(on) => change(withWeeding((now) => (now.together = on)))}
                />
            )}
        </section>
    );
}

interface TickProps {
    label: string;
    say: string;
    on: boolean;
    onChange: (on: boolean) => void;
}

function Tick({ label, say, on, onChange }: TickProps) {
    return (
        <label className="flex items-baseline gap-1.5">
            <input
                type="checkbox"
                aria-label={label}
                checked={on}
                onChange={(event) => onChange(event.target.checked)}
                className="accent-indigo"
            />
            <span>
                <b>{label}</b> <span className="text-quiet">{say}</span>
            </span>
        </label>
    );
}
