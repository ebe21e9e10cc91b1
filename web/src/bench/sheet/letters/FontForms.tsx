import type { FontCard, Line } from '../../../api/client';
import { Button } from '../../../ui/Button';
import { Segments } from '../../../ui/Segments';
import { withLine, type Change } from '../../model/edits';
import { useBenchStore } from '../../state/store';
import { featureName, isOffered, languages, usualFeatures } from '../../shared/features';

/** Font features, language and joining of a whole line. */
export function FontForms({ line, font }: { line: Line; font: FontCard | undefined }) {
    const { change } = useBenchStore().getState();
    const { lettering } = line;
    const set = (next: Change<Line['lettering']>) => change(withLine(line.id, (now) => next(now.lettering)));
    const feature = (tag: string, on: boolean) =>
        set((now) => (now.features = [...now.features.filter((other) => other !== tag), ...(on ? [tag] : [])]));
    const alternates = font?.alternates ?? [];
    const offered = alternates.filter(isOffered);
    const positions = alternates.some((tag) => /^(init|medi|fina|isol)$/.test(tag));
    return (
        <section aria-label="Forms of the line" className="grid gap-1.5">
            <div className="flex flex-wrap gap-1" role="group" aria-label="What the font offers" data-field="forms">
                {usualFeatures.map(({ tag, name }) => (
                    <Toggle
                        key={tag}
                        on={!lettering.features.includes(`-${tag}`)}
                        name={name}
                        onToggle={(on) => feature(`-${tag}`, !on)}
                    />
                ))}
                {offered.map((tag) => (
                    <Toggle
                        key={tag}
                        on={lettering.features.includes(tag)}
                        name={featureName(tag)}
                        onToggle={(on) => feature(tag, on)}
                    />
                ))}
                {positions && (
                    <Toggle
                        on={lettering.wordForms}
                        name="Initial and final forms"
                        onToggle={(on) => set((now) => (now.wordForms = on))}
                    />
                )}
            </div>
            <label className="flex items-center justify-between gap-2 text-xs text-quiet">
                Language
                <select
                    className="field"
                    value={lettering.language}
                    onChange={(event) => set((now) => (now.language = event.target.value))}
                >
                    {languages.map(({ id, name }) => (
                        <option key={id} value={id}>
                            {name}
                        </option>
                    ))}
                </select>
            </label>
            <div className="flex items-center justify-between gap-2 text-xs text-quiet">
                Joined
                <Segments
                    label="Join letters"
                    small
                    value={lettering.joins}
                    options={[
                        { value: 'auto', show: font?.joins ? 'font: yes' : 'font: no' },
                        { value: 'join', show: 'yes' },
                        { value: 'apart', show: 'no' },
                    ]}
                    onChange={(joins) => set((now) => (now.joins = joins))}
                />
            </div>
        </section>
    );
}

function Toggle({ on, name, onToggle }: { on: boolean; name: string; onToggle: (on: boolean) => void }) {
    return (
        <Button small on={on} className="px-1.5! font-normal!" onClick={() => onToggle(!on)}>
            {name}
        </Button>
    );
}
