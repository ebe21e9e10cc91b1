import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Blank, ShopBlank, Placement } from '../api/client';
import { blanks } from '../api/queries';
import { showRound } from '../measure';
import { Choice } from '../ui/Choice';
import { Segments } from '../ui/Segments';
import { Swatch } from '../ui/Swatch';
import { withBlank, withBlankFitted } from './edits';
import type { Draft } from './useDesign';

/** The blank: which, in what size and colour, and where the lettering goes. */
export function BlankCard({ draft: { design, change } }: { draft: Draft }) {
    const shop = (useQuery(blanks).data ?? []).map((entry) => entry.blank);
    const { blank, unit } = design;
    const entry = shop.find((candidate) => candidate.id === blank.id);
    const size = entry?.sizes.find((candidate) => candidate.size === blank.size);
    const { placement } = blank;
    const [measures, setMeasures] = useState<'kept' | 'fitted'>('kept');
    const onto = (next: Partial<Blank>) => change((measures === 'kept' ? withBlank : withBlankFitted)(next));

    return (
        <section aria-label="Blank" className="card grid shrink-0 gap-1.5 px-2.5 py-2">
            <div className="flex items-center gap-1.5">
                {entry ? (
                    <Choice
                        label="Blank"
                        className="flex-1 font-bold"
                        value={entry}
                        options={shop}
                        by={(option) => option.id}
                        show={(option) => option.name}
                        onChange={(next) => onto(as(next, blank))}
                    />
                ) : (
                    <span className="flex-1 font-bold">{blank.name}</span>
                )}
                {entry && size && (
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
                                width: next.width,
                                placement: same(next.placements, placement),
                            })
                        }
                    />
                )}
            </div>
            {entry && size && (
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
            )}
            <div className="flex items-center justify-between gap-2 text-xs text-quiet">
                The lines stand
                <Segments
                    label="Where the lines stand in the area"
                    value={design.stack}
                    options={[
                        { value: 'top', show: 'top' },
                        { value: 'middle', show: 'middle' },
                        { value: 'bottom', show: 'bottom' },
                    ]}
                    onChange={(stack) => change((design) => ({ ...design, stack }))}
                />
            </div>
            {design.lines.length > 0 && (
                <div className="flex items-center justify-between gap-2 text-xs text-quiet">
                    On another area
                    <Segments
                        label="Measures of the lines on another blank, size or placement"
                        value={measures}
                        options={[
                            { value: 'kept', show: 'keep sizes' },
                            { value: 'fitted', show: 'fit again' },
                        ]}
                        onChange={setMeasures}
                    />
                </div>
            )}
            <p className="text-xs text-quiet">
                {showRound(placement.width, unit)} × {showRound(placement.height, unit)} {unit}
                {placement.from.map(({ edge, distance }) => ` · ${showRound(distance, unit)} from the ${edge}`)}
            </p>
        </section>
    );
}

/** The entry of the shop's list in the size and colour nearest to the blank there is. */
function as(entry: ShopBlank, blank: Blank): Partial<Blank> {
    const size = entry.sizes.find((candidate) => candidate.size === blank.size) ?? entry.sizes[0];
    const fabric = entry.fabrics.find((candidate) => candidate.name === blank.fabric.name) ?? entry.fabrics[0];
    const next = { id: entry.id, name: entry.name, drawing: entry.drawing };
    if (!size || !fabric) {
        return next;
    }
    return { ...next, size: size.size, width: size.width, fabric, placement: same(size.placements, blank.placement) };
}

function same(placements: readonly Placement[], placement: Placement): Placement {
    return placements.find((candidate) => candidate.id === placement.id) ?? placements[0] ?? placement;
}
