import { useState } from 'react';
import type { ShopBlank, Unit } from '../api/client';
import { showRound } from '../measure';
import { Button } from '../ui/Button';
import { LengthField } from '../ui/LengthField';
import { TextField } from '../ui/TextField';
import type { KeepOff } from './keepOff';

const kinds: readonly KeepOff['kind'][] = ['seam', 'zip', 'pocket', 'button', 'eyelet', 'drawstring', 'rib', 'other'];

interface Props {
    size: ShopBlank['sizes'][number];
    unit: Unit;
    onChange: (keepOff: KeepOff[]) => void;
}

/** What lettering keeps off on a size of a blank: seams, zips, pockets, each with its distance and its points. */
export function KeepOffEditor({ size, unit, onChange }: Props) {
    const [open, setOpen] = useState<string | null>(null);
    const { keepOff } = size;
    const set = (id: string, next: Partial<KeepOff>) =>
        onChange(keepOff.map((other) => (other.id === id ? { ...other, ...next } : other)));
    return (
        <div className="grid gap-2">
            <h2 className="heading">Places to keep off on {size.size}</h2>
            {keepOff.map((place) =>
                place.id === open ? (
                    <PlaceFields
                        key={place.id}
                        place={place}
                        unit={unit}
                        onChange={(next) => set(place.id, next)}
                        onRemove={() => onChange(keepOff.filter(({ id }) => id !== place.id))}
                    />
                ) : (
                    <button
                        key={place.id}
                        className="card flex justify-between px-3 py-1.5 text-left hover:border-quiet"
                        onClick={() => setOpen(place.id)}
                    >
                        <b className="truncate">{place.name}</b>
                        <span className="text-xs whitespace-nowrap text-quiet">
                            {showRound(place.distance, unit)} {unit} off
                        </span>
                    </button>
                ),
            )}
            <button
                className="rounded-[3px] border border-dashed border-seam py-1.5 font-semibold text-indigo hover:border-indigo"
                onClick={() => {
                    const place = newPlace(keepOff, size.width);
                    onChange([...keepOff, place]);
                    setOpen(place.id);
                }}
            >
                Add a place to keep off
            </button>
        </div>
    );
}

interface FieldsProps {
    place: KeepOff;
    unit: Unit;
    onChange: (next: Partial<KeepOff>) => void;
    onRemove: () => void;
}

function PlaceFields({ place, unit, onChange, onRemove }: FieldsProps) {
    const { name, kind, points, closed, distance } = place;
    const count = points.length / 2;
    const move = (at: number, value: number) =>
        onChange({ points: points.map((old, other) => (other === at ? value : old)) });
    return (
        <section
            aria-label={name}
            className="card grid gap-2 border-marigold! px-3 py-2.5 shadow-[inset_3px_0_0_var(--color-marigold)]"
        >
            <div className="flex items-end gap-2">
                <TextField
                    label="Name of the place"
                    longest={80}
                    value={name}
                    onChange={(name) => onChange({ name })}
                />
                <select
                    aria-label="Kind of place"
                    className="field px-1 py-1.5"
                    value={kind}
                    onChange={({ target }) => onChange({ kind: kinds.find((one) => one === target.value) ?? 'other' })}
                >
                    {kinds.map((one) => (
                        <option key={one}>{one}</option>
                    ))}
                </select>
            </div>
            <div className="flex items-center gap-2 text-xs text-quiet">
                Lettering stays
                <LengthField
                    label="Distance to keep"
                    unit={unit}
                    least={0}
                    value={distance}
                    onChange={(distance) => onChange({ distance })}
                />
                off
                {count > 2 && (
                    <label className="ml-auto inline-flex items-center gap-1">
                        <input
                            type="checkbox"
                            className="accent-indigo"
                            checked={closed}
                            onChange={({ target }) => onChange({ closed: target.checked })}
                        />
                        a shape, not a line
                    </label>
                )}
            </div>
            {count <= MOST_SHOWN ? (
                <ol className="grid gap-1 text-xs text-quiet">
                    {Array.from({ length: count }, (_, at) => (
                        <li key={at} className="flex items-center gap-1.5">
                            <LengthField
                                label={`Point ${at + 1}, to the right`}
                                unit={unit}
                                value={points[2 * at] ?? 0}
                                onChange={(across) => move(2 * at, across)}
                            />
                            to the right,
                            <LengthField
                                label={`Point ${at + 1}, down`}
                                unit={unit}
                                value={points[2 * at + 1] ?? 0}
                                onChange={(down) => move(2 * at + 1, down)}
                            />
                            down
                            {count > 1 && (
                                <button
                                    aria-label={`Remove point ${at + 1}`}
                                    className="px-1 font-semibold text-madder"
                                    onClick={() =>
                                        onChange({ points: points.filter((_, other) => Math.floor(other / 2) !== at) })
                                    }
                                >
                                    ×
                                </button>
                            )}
                        </li>
                    ))}
                </ol>
            ) : (
                <p className="text-xs text-quiet">A curve of {count} points, as the drawing has it.</p>
            )}
            <span className="flex justify-between">
                {count < MOST_SHOWN ? (
                    <Button look="words" onClick={() => onChange({ points: withPoint(points) })}>
                        Add a point
                    </Button>
                ) : (
                    <span />
                )}
                <Button look="away" onClick={onRemove}>
                    Remove the place
                </Button>
            </span>
        </section>
    );
}

/** More points than this are not listed one by one. */
const MOST_SHOWN = 8;

/** Another point 20 mm below the last one. */
const withPoint = (points: readonly number[]): number[] => [
    ...points,
    points[points.length - 2] ?? 0,
    (points[points.length - 1] ?? 0) + 20_000,
];

function newPlace(places: readonly KeepOff[], width: number): KeepOff {
    let number = places.length + 1;
    while (places.some(({ id }) => id === `place-${number}`)) {
        number += 1;
    }
    const reach = Math.round(width / 4000) * 1000;
    return {
        id: `place-${number}`,
        kind: 'seam',
        name: `seam ${number}`,
        points: [-reach, reach, reach, reach],
        closed: false,
        distance: 10_000,
    };
}
