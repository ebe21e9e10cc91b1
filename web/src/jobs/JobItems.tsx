import { useQuery } from '@tanstack/react-query';
import type { JobItem } from '../api/client';
import { blanks } from '../api/queries';
import { TextField } from '../ui/TextField';
import type { SheetNote } from './useJobSheet';

interface Props {
    items: readonly JobItem[];
    note: SheetNote | null;
    onChange: (items: JobItem[]) => void;
}

/** What is to be pressed: so many of a blank in a size. */
export function JobItems({ items, note, onChange }: Props) {
    const shop = (useQuery(blanks).data ?? []).map((entry) => entry.blank);
    const total = items.reduce((sum, item) => sum + item.quantity, 0);
    const set = (at: number, change: Partial<JobItem>) =>
        onChange(items.map((item, other) => (other === at ? { ...item, ...change } : item)));
    const sizes = (name: string) =>
        shop.find((blank) => blank.name.startsWith(name))?.sizes.map(({ size }) => size) ?? [];
    return (
        <section aria-label="To press" className="stitch mt-5 pt-4">
            <h2 className="heading flex justify-between">
                To press
                <span className="font-normal tracking-normal normal-case">
                    {total === 1 ? '1 piece' : `${total} pieces`}
                </span>
            </h2>
            <datalist id="blank-names">
                {[...new Set(shop.map((blank) => blank.name))].map((name) => (
                    <option key={name} value={name} />
                ))}
            </datalist>
            <ul className="mt-2 grid gap-2">
                {items.map((item, at) => (
                    <li key={at} className="grid grid-cols-[minmax(0,1fr)_84px_62px_auto] items-end gap-1.5">
                        <TextField
                            label="Blank"
                            unlabelled={at > 0}
                            longest={80}
                            list="blank-names"
                            value={item.blank}
                            onChange={(blank) => set(at, { blank })}
                        />
                        <datalist id={`sizes-${at}`}>
                            {sizes(item.blank).map((size) => (
                                <option key={size} value={size} />
                            ))}
                        </datalist>
                        <TextField
                            label="Size"
                            unlabelled={at > 0}
                            longest={20}
                            list={`sizes-${at}`}
                            value={item.size}
                            onChange={(size) => set(at, { size })}
                        />
                        <TextField
                            label="Quantity"
                            unlabelled={at > 0}
                            longest={4}
                            value={String(item.quantity)}
                            onChange={(typed) => set(at, { quantity: Number.parseInt(typed, 10) || 0 })}
                        />
                        <button
                            aria-label={`Remove ${item.blank}, size ${item.size}`}
                            title="Remove from the list"
                            className="mb-0.5 rounded-[3px] px-1.5 py-1 font-semibold text-madder hover:bg-muslin"
                            onClick={() => onChange(items.filter((_, other) => other !== at))}
                        >
                            ×
                        </button>
                    </li>
                ))}
            </ul>
            {note?.path.startsWith('items') && (
                <p role="alert" className="mt-2 text-xs text-madder">
                    {note.text}
                </p>
            )}
            <button
                className="mt-2.5 font-semibold text-indigo hover:underline"
                onClick={() => {
                    const last = items.at(-1);
                    onChange([
                        ...items,
                        {
                            blank: last?.blank ?? shop[0]?.name ?? 'Blank',
                            size: nextSize(sizes(last?.blank ?? ''), items),
                            quantity: 1,
                        },
                    ]);
                }}
            >
                Add to the list
            </button>
        </section>
    );
}

/** The first size that is not on the list yet. */
function nextSize(sizes: readonly string[], items: readonly JobItem[]): string {
    return sizes.find((size) => !items.some((item) => item.size === size)) ?? items.at(-1)?.size ?? 'M';
}
