import type { SizedDesign, Unit } from '../../api/client';
import { show } from '../../measure';
import { LengthField } from '../../ui/LengthField';
import { Segments } from '../../ui/Segments';
import type { Card } from '../model/edits';
import { measureOf, withSizeMeasure, withSizeRule, type SizeRule } from '../model/sizes';
import { CardName } from '../shared/CardName';
import { useBenchStore } from '../state/store';

const rules: readonly { value: SizeRule; show: string }[] = [
    { value: 'stay', show: 'stay' },
    { value: 'grow', show: 'grow' },
    { value: 'table', show: 'by table' },
];

/** A card's rule for other sizes, and the resulting measures. */
export function SizeRow({ card, sizes, unit }: { card: Card; sizes: readonly SizedDesign[]; unit: Unit }) {
    const { change } = useBenchStore().getState();
    return (
        <tr className="border-t border-seam">
            <td className="max-w-44 truncate py-1 font-semibold">
                <CardName id={card.id} />
            </td>
            <td className="pr-2">
                <Segments
                    label="On other sizes"
                    small
                    value={card.bySize.rule}
                    options={rules}
                    onChange={(rule) => change(withSizeRule(card.id, rule), `sizes:${card.id}`)}
                />
            </td>
            {sizes.map(({ size, own, measures }) => {
                const measure = own ? measureOf(card) : (measures[card.id] ?? 0);
                return (
                    <td key={size} className="pl-1 tabular-nums">
                        {card.bySize.rule === 'table' && !own ? (
                            <LengthField
                                label={`Measure on ${size}`}
                                value={card.bySize.table.find((entry) => entry.size === size)?.length ?? measure}
                                unit={unit}
                                least={500}
                                slim
                                onChange={(length) =>
                                    change(withSizeMeasure(card.id, size, length), `sizes:${card.id}`)
                                }
                            />
                        ) : (
                            show(measure, unit)
                        )}
                    </td>
                );
            })}
        </tr>
    );
}
