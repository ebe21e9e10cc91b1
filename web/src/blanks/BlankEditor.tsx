import { Button } from '../ui/Button';
import { useState } from 'react';
import { Link } from 'wouter';
import type { BlankEntry, Placement, ShopBlank, Unit } from '../api/client';
import { Choice } from '../ui/Choice';
import { LengthField } from '../ui/LengthField';
import { Segments } from '../ui/Segments';
import { NotSaved } from '../ui/NotSaved';
import { TextField } from '../ui/TextField';
import { UnitChoice } from '../ui/UnitChoice';
import { BlankPicture } from './BlankPicture';
import { Fabrics } from './Fabrics';
import { drawingUrl } from './Garment';
import { drawings, heightOf } from './drawings';
import { KeepOffEditor } from './KeepOffEditor';
import { PlacementRow } from './PlacementRow';
import { SizesBetween, withBetween } from './SizesBetween';
import { useShopBlank } from './useShopBlank';

type Size = ShopBlank['sizes'][number];

/** A blank with its sizes and areas: drawn on the left, measured on the right. */
export function BlankEditor({ entry }: { entry: BlankEntry }) {
    const { value: blank, change, note, saving, retry } = useShopBlank(entry);
    const [unit, setUnit] = useState<Unit>('mm');
    const [sizeName, setSizeName] = useState(blank.sizes[Math.floor(blank.sizes.length / 2)]?.size ?? '');
    const [area, setArea] = useState<string | null>(null);
    const size = blank.sizes.find((candidate) => candidate.size === sizeName) ?? blank.sizes[0];
    if (!size) {
        return null;
    }
    const setSize = (next: (size: Size) => Size) =>
        change((blank) => ({
            ...blank,
            sizes: blank.sizes.map((other) => (other.size === size.size ? next(other) : other)),
        }));
    const setPlacement = (id: string, next: Partial<Placement>) =>
        setSize((size) => ({
            ...size,
            placements: size.placements.map((other) => (other.id === id ? { ...other, ...next } : other)),
        }));

    const setNoBrim = (id: string) =>
        setSize((size) => ({
            ...size,
            placements: size.placements.map((other) => {
                const { brim, ...flat } = other;
                return other.id === id && brim ? flat : other;
            }),
        }));

    return (
        <section aria-label={blank.name} className="grid min-h-0 grid-cols-[minmax(0,1fr)_400px]">
            <BlankPicture blank={blank} size={size} unit={unit} chosen={area} onChoose={setArea} />
            <div className="flex min-h-0 flex-col gap-4 overflow-y-auto border-l border-seam p-4">
                <div className="grid grid-cols-[minmax(0,1fr)_150px] gap-2">
                    <TextField
                        label="Name"
                        longest={80}
                        value={blank.name}
                        onChange={(name) => change((blank) => ({ ...blank, name }))}
                    />
                    <div className="grid gap-1">
                        <span className="text-xs text-quiet">Drawn as</span>
                        <Choice
                            label="Drawn as"
                            value={blank.drawing}
                            options={drawings.map(({ id }) => id)}
                            by={(drawing) => drawing}
                            show={(drawing) => (
                                <>
                                    <img
                                        alt=""
                                        src={drawingUrl(drawing, '#b9b7b2')}
                                        className="size-5 object-contain"
                                    />
                                    {drawings.find(({ id }) => id === drawing)?.name}
                                </>
                            )}
                            onChange={(drawing) => change((blank) => ({ ...blank, drawing }))}
                        />
                    </div>
                </div>
                <Fabrics blank={blank} change={change} />
                <div>
                    <div className="flex items-center justify-between">
                        <h2 className="heading">Sizes</h2>
                        <UnitChoice label="Unit of the measures" value={unit} onChange={setUnit} />
                    </div>
                    <div className="mt-2 flex flex-wrap items-center gap-1.5">
                        <Segments
                            label="Size"
                            value={size.size}
                            options={blank.sizes.map(({ size }) => ({ value: size, show: size }))}
                            onChange={setSizeName}
                        />
                        <Button
                            className="px-3"
                            onClick={() => {
                                const name = freeName(blank);
                                change((blank) => ({ ...blank, sizes: [...blank.sizes, { ...size, size: name }] }));
                                setSizeName(name);
                            }}
                        >
                            Add a size
                        </Button>
                        {blank.sizes.length > 1 && (
                            <Button
                                look="away"
                                onClick={() =>
                                    change((blank) => ({
                                        ...blank,
                                        sizes: blank.sizes.filter((other) => other.size !== size.size),
                                    }))
                                }
                            >
                                Remove {size.size}
                            </Button>
                        )}
                    </div>
                    <Link
                        to={`/measure-a-blank/${blank.id}`}
                        className="mt-1 mr-3 text-xs font-semibold text-indigo hover:underline"
                    >
                        Measure another size…
                    </Link>
                    <SizesBetween
                        blank={blank}
                        onMade={(made) => change((blank) => ({ ...blank, sizes: withBetween(blank.sizes, made) }))}
                    />
                    <div className="mt-2 flex items-end gap-2">
                        <TextField
                            label="Called"
                            className="w-32"
                            longest={20}
                            value={size.size}
                            onChange={(name) => {
                                setSize((size) => ({ ...size, size: name }));
                                setSizeName(name);
                            }}
                        />
                        <div className="grid gap-1">
                            <span className="text-xs text-quiet">Across, where it is widest</span>
                            <LengthField
                                label="Width of the blank"
                                unit={unit}
                                least={10000}
                                value={size.width}
                                onChange={(width) => setSize((size) => ({ ...size, width }))}
                            />
                        </div>
                        <div className="grid gap-1">
                            <span className="text-xs text-quiet">{heightOf(blank.drawing)}</span>
                            <LengthField
                                label="Height of the blank"
                                unit={unit}
                                least={0}
                                value={size.height}
                                onChange={(height) => setSize((size) => ({ ...size, height }))}
                            />
                        </div>
                    </div>
                    {size.height === 0 && <p className="mt-1 text-xs text-quiet">0 draws the usual height.</p>}
                </div>
                <div className="grid gap-2">
                    <h2 className="heading">Areas on {size.size}</h2>
                    {size.placements.map((placement) => (
                        <PlacementRow
                            key={placement.id}
                            placement={placement}
                            unit={unit}
                            open={placement.id === area}
                            onOpen={() => setArea(placement.id)}
                            onChange={(next) => setPlacement(placement.id, next)}
                            onNoBrim={() => setNoBrim(placement.id)}
                            onRemove={
                                size.placements.length > 1
                                    ? () =>
                                          setSize((size) => ({
                                              ...size,
                                              placements: size.placements.filter(({ id }) => id !== placement.id),
                                          }))
                                    : null
                            }
                        />
                    ))}
                    <button
                        className="rounded-[3px] border border-dashed border-seam py-1.5 font-semibold text-indigo hover:border-indigo"
                        onClick={() => {
                            const placement = newPlacement(size);
                            setSize((size) => ({ ...size, placements: [...size.placements, placement] }));
                            setArea(placement.id);
                        }}
                    >
                        Add an area
                    </button>
                </div>
                <KeepOffEditor
                    size={size}
                    unit={unit}
                    onChange={(keepOff) => setSize((size) => ({ ...size, keepOff }))}
                />
                <NotSaved note={note} stopped={saving.state === 'stopped'} onRetry={retry} />
            </div>
        </section>
    );
}

function freeName({ sizes }: ShopBlank): string {
    const usual = ['S', 'M', 'L', 'XL', 'XXL', 'XS'];
    const taken = new Set(sizes.map(({ size }) => size));
    return usual.find((size) => !taken.has(size)) ?? `Size ${sizes.length + 1}`;
}

function newPlacement({ width, placements }: Size): Placement {
    let number = placements.length + 1;
    while (placements.some(({ id }) => id === `area-${number}`)) {
        number += 1;
    }
    const side = Math.round(width / 3 / 1000) * 1000;
    return {
        id: `area-${number}`,
        name: `Area ${number}`,
        width: side,
        height: side,
        across: 0,
        down: Math.round(width / 6 / 1000) * 1000,
        from: [],
    };
}
