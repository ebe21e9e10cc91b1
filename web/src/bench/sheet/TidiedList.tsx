import type { Design } from '../../api/client';
import { Button } from '../../ui/Button';
import { LengthField } from '../../ui/LengthField';
import { Segments } from '../../ui/Segments';
import { cardName, edit, withKept } from '../model/edits';
import { useBench, useBenchStore } from '../state/store';

const limits: readonly { field: Exclude<keyof Design['clean'], 'kept'>; label: string; note: string }[] = [
    { field: 'hole', label: 'Fill holes narrower than', note: 'holes' },
    { field: 'speck', label: 'Drop pieces smaller than', note: 'pieces' },
    { field: 'spike', label: 'Smooth spikes thinner than', note: 'spikes' },
    { field: 'gap', label: 'Join or part rims closer than', note: 'gaps' },
];

/** The rubbish of treatments that was tidied away: each piece can be kept instead, and the limits changed. */
export function TidiedList() {
    const design = useBench((bench) => bench.design);
    const removals = useBench((bench) => bench.sheet.removals);
    const view = useBench((bench) => bench.tidied);
    const { change, look, lookAt } = useBenchStore().getState();
    return (
        <section aria-label="Tidied away" className="min-h-0 overflow-y-auto px-3 pt-2">
            <span className="flex items-center justify-between gap-2 text-xs text-quiet">
                On the stage
                <Segments
                    label="Tidied places on the stage"
                    small
                    value={view}
                    options={[
                        { value: 'before', show: 'before' },
                        { value: 'after', show: 'after' },
                    ]}
                    onChange={(tidied) => look({ tidied })}
                />
            </span>
            <ul className="mt-1 grid gap-0.5 text-xs">
                {removals.map((removal, at) => (
                    <li key={at} className="flex items-baseline gap-2">
                        <button
                            className="min-w-0 flex-1 truncate text-left hover:underline"
                            onClick={() => lookAt(removal.x, removal.y)}
                        >
                            {removal.kind} {removal.fills ? 'filled' : 'dropped'} · {cardName(design, removal.card)}
                            {removal.kept && ' · kept'}
                        </button>
                        <Button look="words" small onClick={() => change(withKept(removal, !removal.kept))}>
                            {removal.kept ? 'Tidy' : 'Keep'}
                        </Button>
                    </li>
                ))}
            </ul>
            <div className="stitch mt-1.5 flex flex-wrap gap-1.5 pt-1.5" role="group" aria-label="Tidying limits">
                {limits.map(({ field, label, note }) => (
                    <LengthField
                        key={field}
                        label={label}
                        note={note}
                        unit={design.unit}
                        least={0}
                        value={design.clean[field]}
                        onChange={(length) => change(edit(({ clean }) => (clean[field] = length)))}
                    />
                ))}
            </div>
        </section>
    );
}
