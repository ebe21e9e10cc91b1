import type { ShopBlank } from '../api/client';
import { NumberField } from '../ui/NumberField';

type Fabric = ShopBlank['fabrics'][number];

const stretches: readonly { value: Fabric['stretch']; show: string }[] = [
    { value: 'none', show: 'does not stretch' },
    { value: 'some', show: 'stretches some' },
    { value: 'much', show: 'stretches much' },
];

const surfaces: readonly { value: Fabric['surface']; show: string }[] = [
    { value: 'cloth', show: 'cloth' },
    { value: 'coated', show: 'coated cloth' },
    { value: 'hard', show: 'hard: glass, board' },
];

interface Props {
    blank: ShopBlank;
    change: (change: (blank: ShopBlank) => ShopBlank) => void;
}

/** The fabrics that a blank comes in, and what each stands. */
export function Fabrics({ blank, change }: Props) {
    const set = (at: number, next: Partial<Fabric>) =>
        change((blank) => ({
            ...blank,
            fabrics: blank.fabrics.map((other, number) => (number === at ? { ...other, ...next } : other)),
        }));
    return (
        <div>
            <h2 className="heading">Fabrics</h2>
            <p className="text-xs text-quiet">Colour, name, maximum temperature, and what else films must suit.</p>
            <ul className="mt-2 grid gap-1.5">
                {blank.fabrics.map((fabric, at) => (
                    <li key={at} className="card grid gap-1 p-1.5">
                        <span className="flex items-center gap-1.5">
                            <input
                                type="color"
                                aria-label={`Colour of ${fabric.name}`}
                                className="h-6 w-7 shrink-0 cursor-pointer border-0 bg-transparent p-0"
                                defaultValue={fabric.colour}
                                onBlur={(event) =>
                                    event.target.value.toUpperCase() !== fabric.colour.toUpperCase() &&
                                    set(at, { colour: event.target.value.toUpperCase() })
                                }
                            />
                            <input
                                aria-label={`Name of fabric ${at + 1}`}
                                className="min-w-0 flex-1 bg-transparent"
                                maxLength={80}
                                defaultValue={fabric.name}
                                onBlur={(event) => {
                                    const name = event.target.value.trim();
                                    if (name && name !== fabric.name) {
                                        set(at, { name });
                                    }
                                }}
                            />
                            {fabric.surface !== 'hard' && (
                                <NumberField
                                    label={`Maximum temperature of ${fabric.name}, in °C`}
                                    value={fabric.highest}
                                    unit="°C"
                                    least={60}
                                    most={250}
                                    step={5}
                                    onChange={(highest) => set(at, { highest })}
                                />
                            )}
                            {blank.fabrics.length > 1 && (
                                <button
                                    aria-label={`Remove ${fabric.name}`}
                                    className="px-1 font-semibold text-madder"
                                    onClick={() =>
                                        change((blank) => ({
                                            ...blank,
                                            fabrics: blank.fabrics.filter((_, number) => number !== at),
                                        }))
                                    }
                                >
                                    ×
                                </button>
                            )}
                        </span>
                        <span className="flex flex-wrap items-center gap-x-2 gap-y-1 text-xs">
                            <select
                                aria-label={`Kind of ${fabric.name}`}
                                className="field px-1 py-0.5"
                                value={fabric.surface}
                                onChange={({ target }) =>
                                    set(at, {
                                        surface: surfaces.find(({ value }) => value === target.value)?.value ?? 'cloth',
                                    })
                                }
                            >
                                {surfaces.map(({ value, show }) => (
                                    <option key={value} value={value}>
                                        {show}
                                    </option>
                                ))}
                            </select>
                            {fabric.surface !== 'hard' && (
                                <>
                                    <select
                                        aria-label={`Stretch of ${fabric.name}`}
                                        className="field px-1 py-0.5"
                                        value={fabric.stretch}
                                        onChange={({ target }) =>
                                            set(at, {
                                                stretch:
                                                    stretches.find(({ value }) => value === target.value)?.value ??
                                                    'none',
                                            })
                                        }
                                    >
                                        {stretches.map(({ value, show }) => (
                                            <option key={value} value={value}>
                                                {show}
                                            </option>
                                        ))}
                                    </select>
                                    <label className="inline-flex items-center gap-1">
                                        <input
                                            type="checkbox"
                                            className="accent-indigo"
                                            aria-label={`${fabric.name} shows marks of the press`}
                                            checked={fabric.marks}
                                            onChange={({ target }) => set(at, { marks: target.checked })}
                                        />
                                        shows press marks
                                    </label>
                                </>
                            )}
                        </span>
                    </li>
                ))}
            </ul>
            <button
                className="mt-1.5 font-semibold text-indigo hover:underline"
                onClick={() => change((blank) => ({ ...blank, fabrics: [...blank.fabrics, plain] }))}
            >
                Add a fabric
            </button>
        </div>
    );
}

const plain: Fabric = {
    name: 'New fabric',
    colour: '#B9B7B2',
    highest: 190,
    stretch: 'none',
    marks: false,
    surface: 'cloth',
};
