import { Button } from '../ui/Button';
import type { Placement, Unit } from '../api/client';
import { areaText } from './areaText';
import { Choice } from '../ui/Choice';
import { LengthField } from '../ui/LengthField';
import { TextField } from '../ui/TextField';

type From = Placement['from'][number];

const edges: readonly From['edge'][] = [
    'collar',
    'shoulder',
    'hem',
    'seam',
    'zip',
    'pocket',
    'brim',
    'handles',
    'top edge',
];

interface Props {
    placement: Placement;
    unit: Unit;
    open: boolean;
    onOpen: () => void;
    onChange: (change: Partial<Placement>) => void;
    onNoBrim: () => void;
    onRemove: (() => void) | null;
}

/** An area of a blank: its size, where it lies, and what a decorator measures it from. */
export function PlacementRow({ placement, unit, open, onOpen, onChange, onNoBrim, onRemove }: Props) {
    const { name, width, height, across, down, from, brim } = placement;
    if (!open) {
        return (
            <button className="card flex justify-between px-3 py-2 text-left hover:border-quiet" onClick={onOpen}>
                <b className="truncate">{name}</b>
                <span className="text-xs whitespace-nowrap text-quiet">{areaText(placement, unit)}</span>
            </button>
        );
    }
    const field = (label: string, value: number, change: (length: number) => void, least = -Infinity) => (
        <div className="grid gap-1">
            <span className="text-xs text-quiet">{label}</span>
            <LengthField label={label} unit={unit} least={least} value={value} onChange={change} />
        </div>
    );
    return (
        <section
            aria-label={name}
            className="card grid gap-2.5 border-marigold! px-3 py-2.5 shadow-[inset_3px_0_0_var(--color-marigold)]"
        >
            <TextField label="Name of the area" longest={80} value={name} onChange={(name) => onChange({ name })} />
            {!brim && (
                <div className="flex flex-wrap gap-2">
                    {field('Wide', width, (width) => onChange({ width }), 500)}
                    {field('High', height, (height) => onChange({ height }), 500)}
                    {field('Down', down, (down) => onChange({ down }))}
                    {field('To the right', across, (across) => onChange({ across }))}
                </div>
            )}
            <div className="flex flex-wrap items-end gap-2">
                {brim ? (
                    <>
                        {field(
                            'Brim’s edge, radius',
                            brim.edge,
                            // The area about the band goes along.
                            (edge) => onChange({ brim: { ...brim, edge }, width: 2 * edge, height: edge }),
                            500,
                        )}
                        {field('Crown, radius', brim.crown, (crown) => onChange({ brim: { ...brim, crown } }), 500)}
                        <Button look="away" small className="py-1" onClick={onNoBrim}>
                            Not a brim
                        </Button>
                    </>
                ) : (
                    <button
                        className="py-1 text-xs font-semibold text-indigo hover:underline"
                        onClick={() =>
                            onChange({ brim: { edge: Math.round(width / 2), crown: Math.round(width / 4) } })
                        }
                    >
                        It is a brim: a ring that lettering runs round
                    </button>
                )}
            </div>
            <div className="grid gap-1.5">
                <span className="text-xs text-quiet">Distances to measure</span>
                {from.map((measure, at) => (
                    <span key={at} className="flex items-center gap-1.5">
                        <LengthField
                            label={`Distance ${at + 1}`}
                            unit={unit}
                            value={measure.distance}
                            onChange={(distance) => onChange({ from: replaced(from, at, { distance }) })}
                        />
                        <span className="text-xs text-quiet">from the</span>
                        <Choice
                            label={`Edge ${at + 1}`}
                            className="w-28"
                            value={measure.edge}
                            options={edges}
                            by={(edge) => edge}
                            show={(edge) => edge}
                            onChange={(edge) => onChange({ from: replaced(from, at, { edge }) })}
                        />
                        <button
                            aria-label={`Remove distance ${at + 1}`}
                            className="px-1 font-semibold text-madder"
                            onClick={() => onChange({ from: from.filter((_, other) => other !== at) })}
                        >
                            ×
                        </button>
                    </span>
                ))}
                <span className="flex justify-between">
                    {from.length < 4 ? (
                        <Button
                            look="words"
                            onClick={() =>
                                onChange({ from: [...from, { edge: 'collar', distance: Math.max(down, 0) }] })
                            }
                        >
                            Add a distance
                        </Button>
                    ) : (
                        <span />
                    )}
                    {onRemove && (
                        <Button look="away" onClick={onRemove}>
                            Remove the area
                        </Button>
                    )}
                </span>
            </div>
        </section>
    );
}

const replaced = (from: readonly From[], at: number, change: Partial<From>): From[] =>
    from.map((other, number) => (number === at ? { ...other, ...change } : other));
