import { useInfiniteQuery } from '@tanstack/react-query';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { ContactPerson, Unit } from '../api/client';
import { contactSheet } from '../api/queries';
import { Segments } from '../ui/Segments';
import { Contact } from './Contact';
import { SizeRules } from './SizeRules';
import { useLineRules } from './useLineRules';
import type { Names } from './people';

type Order = 'list' | 'length' | 'size';

const COLUMNS = 3;

const none: Readonly<Record<string, string>> = {};

/** So many times as wide as the one in the middle is much wider than the others. */
const MUCH = 1.8;

const widthOf = ({ lines }: ContactPerson) => Math.max(0, ...lines.map((line) => line.width));

const median = (widths: number[]) => widths.toSorted((a, b) => a - b)[Math.floor(widths.length / 2)] ?? 0;

interface Props {
    design: string;
    names: Names;
    chosen: string | null;
    onChoose: (person: string) => void;
}

/** Every person's lettering at one scale on the colour of the blank, with the rules for its size. */
export function Contacts({ design, names, chosen, onChoose }: Props) {
    const pages = useInfiniteQuery(contactSheet(design));
    const rules = useLineRules(design);
    const [order, setOrder] = useState<Order>('list');
    const scroller = useRef<HTMLDivElement>(null);
    const loaded = pages.data?.pages;
    const people = useMemo(
        () =>
            sorted(
                (loaded ?? []).flatMap((page) => page.people),
                order,
                names,
            ),
        [loaded, order, names],
    );
    const first = loaded?.[0];
    const unit: Unit = rules.unit;
    const { usual, frame } = useMemo(() => {
        const boxes = people.flatMap(({ box }) => box ?? []);
        const top = Math.min(Infinity, ...boxes.map((box) => box.top));
        return {
            usual: median(people.map(widthOf)),
            frame: {
                width: Math.max(1, ...boxes.map((box) => box.width)),
                top: boxes.length > 0 ? top : 0,
                height: Math.max(1, ...boxes.map((box) => box.top + box.height - top)),
            },
        };
    }, [people]);
    const values = useMemo(() => new Map(names.people.map((person) => [person.id, person.values])), [names.people]);
    // eslint-disable-next-line react-hooks/incompatible-library
    const rows = useVirtualizer({
        count: Math.ceil(people.length / COLUMNS),
        getScrollElement: () => scroller.current,
        estimateSize: () => 116,
        overscan: 4,
    });
    const last = rows.getVirtualItems().at(-1)?.index ?? 0;
    const { hasNextPage, isFetchingNextPage, fetchNextPage } = pages;
    useEffect(() => {
        if (hasNextPage && !isFetchingNextPage && (order !== 'list' || (last + 4) * COLUMNS >= people.length)) {
            void fetchNextPage();
        }
    }, [fetchNextPage, hasNextPage, isFetchingNextPage, last, order, people.length]);
    const at = people.findIndex(({ id }) => id === chosen);
    useEffect(() => {
        if (at >= 0) {
            rows.scrollToIndex(Math.floor(at / COLUMNS));
        }
        // Only when another person is chosen.
        // eslint-disable-next-line react-hooks/exhaustive-deps
    }, [at]);
    return (
        <>
            {rules.lines.map((line) => (
                <SizeRules
                    key={line.id}
                    line={line}
                    unit={unit}
                    tallest={first?.lines.find(({ id }) => id === line.id)?.tallest ?? null}
                    onChange={(change) => rules.change(line.id, change)}
                />
            ))}
            <div className="flex items-center justify-between px-4 pt-2">
                <Segments
                    label="Order"
                    small
                    value={order}
                    options={[
                        { value: 'list', show: 'as in the list' },
                        { value: 'length', show: 'by length' },
                        { value: 'size', show: 'by size' },
                    ]}
                    onChange={setOrder}
                />
                <a
                    href={`/api/designs/${design}/names.pdf`}
                    download
                    className="font-semibold text-indigo hover:underline"
                >
                    For the customer (PDF)
                </a>
                {rules.wrong && (
                    <p role="alert" className="text-madder">
                        {rules.wrong}
                    </p>
                )}
            </div>
            <div ref={scroller} className="mt-2 min-h-0 flex-1 overflow-y-auto px-4 pb-4">
                {people.length === 0 && !pages.isPending && (
                    <p className="pt-10 text-center text-quiet">Type the first name in the list.</p>
                )}
                <ul className="relative" style={{ height: rows.getTotalSize() }}>
                    {rows.getVirtualItems().map(({ index, start, key }) => (
                        <li
                            key={key}
                            ref={rows.measureElement}
                            data-index={index}
                            className="absolute inset-x-0 grid grid-cols-3 gap-2.5 pb-2.5"
                            style={{ transform: `translateY(${start}px)` }}
                        >
                            {people.slice(index * COLUMNS, (index + 1) * COLUMNS).map((person) => (
                                <Contact
                                    key={person.id}
                                    person={person}
                                    values={values.get(person.id) ?? none}
                                    fabric={first?.fabric ?? '#fff'}
                                    frame={frame}
                                    unit={unit}
                                    design={design}
                                    long={usual > 0 && widthOf(person) > MUCH * usual}
                                    chosen={person.id === chosen}
                                    onChoose={onChoose}
                                />
                            ))}
                        </li>
                    ))}
                </ul>
            </div>
        </>
    );
}

function sorted(people: ContactPerson[], order: Order, names: Names): ContactPerson[] {
    if (order === 'list') {
        return people;
    }
    const sizes = new Map(names.people.map(({ id, values }) => [id, values.size ?? '']));
    return people.toSorted((a, b) =>
        order === 'length'
            ? widthOf(b) - widthOf(a)
            : (sizes.get(a.id) ?? '').localeCompare(sizes.get(b.id) ?? '') || widthOf(b) - widthOf(a),
    );
}
