import type { Shop } from '../api/client';
import { Button } from '../ui/Button';
import { NumberField } from '../ui/NumberField';

type Presses = Shop['press'];
type Press = Presses['presses'][number];

const kinds = [
    ['flat', 'flat'],
    ['cap', 'for caps'],
    ['sleeve', 'for sleeves'],
    ['small', 'small'],
    ['iron', 'iron'],
] as const satisfies readonly (readonly [Press['kind'], string])[];

/** The presses of the shop with their platens, and how far sections overlap. */
export function ShopPresses({ value, onChange }: { value: Presses; onChange: (next: Presses) => void }) {
    const { presses, overlap } = value;
    const set = (at: number, next: Partial<Press>) =>
        onChange({
            ...value,
            presses: presses.map((other, number) => (number === at ? { ...other, ...next } : other)),
        });
    return (
        <fieldset className="stitch grid gap-2 pt-3 text-xs">
            <legend className="sr-only">Presses</legend>
            <p className="text-quiet">Presses, with width and height of their platens</p>
            <ul className="grid gap-1.5">
                {presses.map((press, at) => (
                    <li key={press.id} className="flex items-center gap-1.5">
                        <input
                            aria-label={`Name of press ${at + 1}`}
                            className="field min-w-0 flex-1"
                            maxLength={40}
                            defaultValue={press.name}
                            onBlur={({ target }) => {
                                const name = target.value.trim();
                                if (name && name !== press.name) {
                                    set(at, { name });
                                }
                            }}
                        />
                        <select
                            aria-label={`Kind of ${press.name}`}
                            className="field px-1"
                            value={press.kind}
                            onChange={({ target }) =>
                                set(at, { kind: kinds.find(([kind]) => kind === target.value)?.[0] ?? 'flat' })
                            }
                        >
                            {kinds.map(([kind, say]) => (
                                <option key={kind} value={kind}>
                                    {say}
                                </option>
                            ))}
                        </select>
                        {(['width', 'height'] as const).map((side) => (
                            <NumberField
                                key={side}
                                label={`${side === 'width' ? 'Width' : 'Height'} of ${press.name}`}
                                unit="mm"
                                value={press[side] / 1000}
                                least={20}
                                most={2000}
                                onChange={(length) => set(at, { [side]: Math.round(1000 * length) })}
                            />
                        ))}
                        {presses.length > 1 && (
                            <button
                                type="button"
                                aria-label={`Remove ${press.name}`}
                                className="px-1 font-semibold text-madder"
                                onClick={() =>
                                    onChange({ ...value, presses: presses.filter((_, number) => number !== at) })
                                }
                            >
                                ×
                            </button>
                        )}
                    </li>
                ))}
            </ul>
            <span className="flex items-center justify-between gap-2">
                <Button
                    look="words"
                    disabled={presses.length >= 12}
                    onClick={() => onChange({ ...value, presses: [...presses, newPress(presses)] })}
                >
                    Add a press
                </Button>
                <span className="flex items-center gap-2">
                    Sections overlap by
                    <NumberField
                        label="Sections overlap by"
                        unit="mm"
                        value={overlap / 1000}
                        least={0}
                        most={100}
                        onChange={(length) => onChange({ ...value, overlap: Math.round(1000 * length) })}
                    />
                </span>
            </span>
        </fieldset>
    );
}

function newPress(presses: readonly Press[]): Press {
    let number = presses.length + 1;
    while (presses.some(({ id }) => id === `press-${number}`)) {
        number += 1;
    }
    return { id: `press-${number}`, name: 'hand iron', kind: 'iron', width: 100_000, height: 150_000 };
}
