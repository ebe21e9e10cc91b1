import type { Line, Unit } from '../api/client';
import { showWithUnit } from '../measure';
import { LengthField } from '../ui/LengthField';
import { NumberField } from '../ui/NumberField';
import { Segments } from '../ui/Segments';
import type { LineRules } from './useLineRules';

interface Props {
    line: Line;
    unit: Unit;
    /** The largest letter height that all can have, where they have that. */
    tallest: number | null;
    onChange: (change: LineRules) => void;
}

type Rule = 'letter' | 'tallest' | 'width' | 'area';

const rules: { value: Rule; show: string; name?: string }[] = [
    { value: 'letter', show: 'one height' },
    { value: 'tallest', show: 'tallest', name: 'tallest for all' },
    { value: 'width', show: 'one width' },
    { value: 'area', show: 'each fitted' },
];

/** How a line with fields is sized for all people of the list. */
export function SizeRules({ line, unit, tallest, onChange }: Props) {
    const { fitting, size, lettering } = line;
    const rule = fitting.tallest
        ? 'tallest'
        : rules.some(({ value }) => value === size.by)
          ? (size.by as Rule)
          : 'letter';
    const limited = fitting.atMost > 0;
    return (
        <fieldset className="px-4">
            <legend className="max-w-full truncate pt-2 text-xs text-quiet">Line “{lettering.words}”</legend>
            <div className="flex flex-wrap items-center gap-x-1.5 gap-y-1 pt-0.5">
                <Segments
                    label="Size of all"
                    small
                    value={rule}
                    options={rules}
                    onChange={(next) =>
                        onChange({
                            fitting: {
                                tallest: next === 'tallest',
                                ...(next === 'tallest' && !limited && { atMost: 250_000 }),
                            },
                            size:
                                next === 'tallest'
                                    ? { by: 'letter' }
                                    : { by: next, length: { letter: 38_000, width: 200_000, area: 10_000 }[next] },
                        })
                    }
                />
                {rule === 'tallest' ? (
                    <output className="tabular-nums">{tallest !== null && showWithUnit(tallest, unit)}</output>
                ) : (
                    <LengthField
                        label={{ letter: 'Letter height', width: 'Width', area: 'Room around' }[rule]}
                        note={{ letter: 'high', width: 'wide', area: 'around' }[rule]}
                        value={size.length}
                        unit={unit}
                        least={rule === 'area' ? 0 : 1_000}
                        most={2_000_000}
                        rules
                        slim
                        onChange={(length) => onChange({ size: { by: rule, length } })}
                    />
                )}
                <label className="flex items-center gap-1.5">
                    <input
                        type="checkbox"
                        checked={limited}
                        disabled={rule === 'tallest'}
                        onChange={(event) => onChange({ fitting: { atMost: event.target.checked ? 250_000 : 0 } })}
                    />
                    at most
                </label>
                {limited && (
                    <>
                        <LengthField
                            label="Maximum width"
                            note="wide"
                            value={fitting.atMost}
                            unit={unit}
                            least={5_000}
                            most={2_000_000}
                            onChange={(atMost) => onChange({ fitting: { atMost } })}
                        />
                        {rule !== 'tallest' && (
                            <>
                                <span>squeeze to</span>
                                <NumberField
                                    label="Squeeze to"
                                    value={fitting.squeeze}
                                    unit="%"
                                    least={50}
                                    most={100}
                                    onChange={(squeeze) => onChange({ fitting: { squeeze } })}
                                />
                            </>
                        )}
                    </>
                )}
                {/⟨number⟩/.test(lettering.words) && (
                    <label className="flex items-center gap-1.5">
                        <input
                            type="checkbox"
                            checked={fitting.evenDigits}
                            onChange={(event) => onChange({ fitting: { evenDigits: event.target.checked } })}
                        />
                        digits on one width
                    </label>
                )}
            </div>
        </fieldset>
    );
}
