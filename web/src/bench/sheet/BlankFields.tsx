import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Blank, ShopBlank, Placement } from '../../api/client';
import { blanks } from '../../api/queries';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Segments } from '../../ui/Segments';
import { Swatch } from '../../ui/Swatch';
import { edit, withBlank, withBlankFitted } from '../model/edits';
import { useBench, useBenchStore } from '../state/store';
import { KeepOffList } from './KeepOffList';

/** The fields of the blank: which, in what size and colour, and where the lettering goes. */
export function BlankFields({ measured }: { measured: string }) {
    const shop = (useQuery(blanks).data ?? []).map((entry) => entry.blank);
    const blank = useBench((bench) => bench.design.blank);
    const stack = useBench((bench) => bench.design.stack);
    const hasCards = useBench(({ design }) => design.lines.length + design.forms.length + design.motifs.length > 0);
    const { change, look } = useBenchStore().getState();
    const [measures, setMeasures] = useState<'kept' | 'fitted'>('kept');
    const entry = shop.find((candidate) => candidate.id === blank.id);
    const size = entry?.sizes.find((candidate) => candidate.size === blank.size);
    const { placement } = blank;
    const onto = (next: Partial<Blank>) => change((measures === 'kept' ? withBlank : withBlankFitted)(next));
    return (
        <div className="stitch mt-1.5 grid gap-1.5 pt-2">
            {entry && size ? (
                <>
                    <div className="flex items-center gap-1.5">
                        <Choice
                            label="Blank"
                            className="flex-1 font-bold"
                            value={entry}
                            options={shop}
                            by={(option) => option.id}
                            show={(option) => option.name}
                            onChange={(next) => onto(as(next, blank))}
                        />
                        <Choice
                            label="Size"
                            className="max-w-24"
                            value={size}
                            options={entry.sizes}
                            by={(option) => option.size}
                            show={(option) => option.size}
                            onChange={(next) =>
                                onto({
                                    size: next.size,
                                    ...measuresOf(next),
                                    placement: same(next.placements, placement),
                                })
                            }
                        />
                    </div>
                    <div className="flex items-center gap-1.5">
                        <Choice
                            label="Placement"
                            className="flex-1"
                            value={placement}
                            options={size.placements}
                            by={(option) => option.id}
                            show={(option) => option.name}
                            onChange={(next) => onto({ placement: next })}
                        />
                        <Choice
                            label="Fabric"
                            className="max-w-30"
                            value={blank.fabric}
                            options={entry.fabrics}
                            by={(option) => option.name}
                            show={(option) => (
                                <>
                                    <Swatch colour={option.colour} />
                                    <span className="truncate">{option.name}</span>
                                </>
                            )}
                            onChange={(fabric) => change(withBlank({ fabric }))}
                        />
                    </div>
                </>
            ) : (
                <p className="text-xs text-quiet">This blank is no longer in the shop’s list; the design keeps it.</p>
            )}
            <KeepOffList />
            <div className="flex items-center justify-between gap-2 text-xs text-quiet">
                Lines start at
                <Segments
                    label="Where the lines start in the area"
                    small
                    value={stack}
                    options={[
                        { value: 'top', show: 'top' },
                        { value: 'middle', show: 'middle' },
                        { value: 'bottom', show: 'bottom' },
                    ]}
                    onChange={(next) => change(edit((design) => (design.stack = next)))}
                />
            </div>
            {hasCards && (
                <div className="flex items-center justify-between gap-2 text-xs text-quiet">
                    In another area
                    <Segments
                        label="Sizes on another blank, size or placement"
                        small
                        value={measures}
                        options={[
                            { value: 'kept', show: 'keep sizes' },
                            { value: 'fitted', show: 'fit again' },
                        ]}
                        onChange={setMeasures}
                    />
                </div>
            )}
            <div className="flex items-center justify-between gap-2">
                <p className="text-xs text-quiet">{measured}</p>
                <Button look="words" small onClick={() => look({ asked: 'sizes' })}>
                    All sizes…
                </Button>
            </div>
        </div>
    );
}

/** The entry of the shop's list in the size and colour nearest to the present blank. */
function as(entry: ShopBlank, blank: Blank): Partial<Blank> {
    const size = entry.sizes.find((candidate) => candidate.size === blank.size) ?? entry.sizes[0];
    const fabric = entry.fabrics.find((candidate) => candidate.name === blank.fabric.name) ?? entry.fabrics[0];
    const next = { id: entry.id, name: entry.name, drawing: entry.drawing };
    if (!size || !fabric) {
        return next;
    }
    return {
        ...next,
        size: size.size,
        ...measuresOf(size),
        crossed: [],
        fabric,
        placement: same(size.placements, blank.placement),
    };
}

/** What a design keeps of a size's measures. */
const measuresOf = ({ width, height, keepOff }: ShopBlank['sizes'][number]) => ({ width, height, keepOff });

function same(placements: readonly Placement[], placement: Placement): Placement {
    return placements.find((candidate) => candidate.id === placement.id) ?? placements[0] ?? placement;
}
