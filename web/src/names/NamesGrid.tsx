import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef, useState, type ClipboardEvent } from 'react';
import type { PersonRow, ReadTable, Roster } from '../api/client';
import { AddColumn } from './AddColumn';
import { NameRow } from './NameRow';
import { columnsOf, shownColumns, titleOf, withValue, without, type Names } from './people';
import { readTable } from './readTable';
import type { Fits } from './useFits';
import type { PeopleAtWork } from './usePeopleAtWork';

interface Props {
    names: Names;
    /** As the server has them: how far each person is, and whether they were changed since the approval. */
    rows: readonly PersonRow[];
    doubts: Roster['doubts'];
    sizes: readonly string[];
    /** How each person's lettering came out. */
    fits: Fits;
    work: PeopleAtWork;
    chosen: string | null;
    onChoose: (person: string | null) => void;
    onChange: (change: (names: Names) => Names) => void;
    onPaste: (table: ReadTable) => void;
}

/** How wide each column is; those of the shop as wide as the last. */
const widths: Record<string, string> = {
    name: 'minmax(104px,2fr)',
    number: '58px',
    size: '70px',
    blank: 'minmax(70px,1fr)',
    quantity: '64px',
    note: 'minmax(64px,1fr)',
};

/** The list as a grid: typed and walked by the keyboard, and pasted into. */
export function NamesGrid({
    names,
    rows: saved,
    doubts,
    sizes,
    fits,
    work,
    chosen,
    onChoose,
    onChange,
    onPaste,
}: Props) {
    const [asked, setAsked] = useState<string[]>([]);
    const columns = shownColumns(names, asked);
    const template = `36px ${columns.map((column) => widths[column] ?? 'minmax(62px,1fr)').join(' ')} 56px 62px 22px`;
    const [, refresh] = useState(0);
    const scroller = useRef<HTMLDivElement>(null);
    const bySaved = useMemo(() => new Map(saved.map((row) => [row.id, row])), [saved]);
    const byPerson = useMemo(() => byId(doubts), [doubts]);
    // eslint-disable-next-line react-hooks/incompatible-library
    const rows = useVirtualizer({
        count: names.people.length + 1,
        getScrollElement: () => scroller.current,
        estimateSize: () => 31,
        overscan: 12,
    });
    const at = names.people.findIndex(({ id }) => id === chosen);
    useEffect(() => {
        if (at >= 0) {
            rows.scrollToIndex(at);
        }
        // Only when another person is chosen.
        // eslint-disable-next-line react-hooks/exhaustive-deps
    }, [at]);

    const aim = useRef<string | null>(null);
    useEffect(() => {
        const cells = scroller.current?.querySelectorAll<HTMLInputElement>('[data-cell]') ?? [];
        const cell = [...cells].find(({ dataset }) => dataset.cell === aim.current);
        if (cell) {
            aim.current = null;
            cell.focus();
        }
    });
    /** Goes to a cell, once it is there: the row may only just be made. */
    const go = (row: number, column: string) => {
        if (row < 0 || row > names.people.length + 1) {
            return;
        }
        aim.current = `${row} ${column}`;
        rows.scrollToIndex(row);
        refresh((count) => count + 1);
    };
    const paste = (event: ClipboardEvent) => {
        const text = event.clipboardData.getData('text/plain');
        if (/[\t\n]/.test(text.trim())) {
            event.preventDefault();
            void readTable(text).then((table) => typeof table !== 'string' && onPaste(table));
        }
    };
    return (
        <div ref={scroller} className="min-h-0 flex-1 overflow-auto px-4 pb-4" onPaste={paste}>
            <div role="grid" aria-label="Names" aria-rowcount={names.people.length + 1} className="card min-w-max">
                <div
                    role="row"
                    className="sticky top-0 z-10 grid items-center border-b border-seam bg-paper text-xs font-semibold text-quiet"
                    style={{ gridTemplateColumns: template }}
                >
                    <span role="columnheader">
                        <span className="sr-only">Row</span>
                    </span>
                    {columns.map((column) => (
                        <span
                            key={column}
                            role="columnheader"
                            className="truncate px-1.5 py-1.5"
                            title={titleOf(column)}
                        >
                            {titleOf(column)}
                        </span>
                    ))}
                    <span role="columnheader" className="truncate px-1.5 py-1.5" title="Letter height">
                        Letter H
                    </span>
                    <span role="columnheader" className="px-1 py-1.5">
                        State
                    </span>
                    <span role="columnheader">
                        <AddColumn
                            taken={columnsOf(names)}
                            hidden={columnsOf(names).filter((column) => !columns.includes(column))}
                            onShow={(column) => setAsked([...asked, column])}
                            onAdd={(column) => onChange((now) => ({ ...now, columns: [...now.columns, column] }))}
                        />
                    </span>
                </div>
                <datalist id="roster-sizes">
                    {sizes.map((size) => (
                        <option key={size} value={size} />
                    ))}
                </datalist>
                <div className="relative" style={{ height: rows.getTotalSize() }}>
                    {rows.getVirtualItems().map(({ index, key, start }) => {
                        const person = names.people[index];
                        return (
                            <div
                                key={key}
                                ref={rows.measureElement}
                                data-index={index}
                                className="absolute inset-x-0"
                                style={{ transform: `translateY(${start}px)` }}
                            >
                                <NameRow
                                    row={index}
                                    person={person}
                                    columns={columns}
                                    template={template}
                                    saved={person && bySaved.get(person.id)}
                                    fit={person && fits.of(person.id)}
                                    unit={fits.unit}
                                    work={work}
                                    doubts={(person && byPerson.get(person.id)) ?? []}
                                    chosen={person !== undefined && person.id === chosen}
                                    onChoose={() => onChoose(person?.id ?? null)}
                                    onChange={(column, value) =>
                                        onChange((now) => withValue(now, index, column, value))
                                    }
                                    onRemove={() => person && onChange((now) => without(now, person.id))}
                                    onGo={(by, column) => go(index + by, column)}
                                />
                            </div>
                        );
                    })}
                </div>
            </div>
        </div>
    );
}

function byId(doubts: Roster['doubts']): Map<string, Roster['doubts']> {
    const byPerson = new Map<string, Roster['doubts']>();
    for (const doubt of doubts) {
        byPerson.set(doubt.person, [...(byPerson.get(doubt.person) ?? []), doubt]);
    }
    return byPerson;
}
