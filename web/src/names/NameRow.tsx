import { useState } from 'react';
import type { PersonRow, Roster, Unit } from '../api/client';
import { show } from '../measure';
import { PersonStep } from './PersonStep';
import { nameOf, titleOf } from './people';
import type { Fit } from './useFits';
import type { PeopleAtWork } from './usePeopleAtWork';

interface Props {
    row: number;
    /** Nobody yet in the row behind the last one. */
    person: PersonRow | undefined;
    columns: readonly string[];
    template: string;
    /** As the server has the person; nothing before they are saved. */
    saved: PersonRow | undefined;
    fit: Fit | undefined;
    unit: Unit;
    work: PeopleAtWork;
    doubts: Roster['doubts'];
    chosen: boolean;
    onChoose: () => void;
    onChange: (column: string, value: string) => void;
    onRemove: () => void;
    /** Goes so many rows on in a column. */
    onGo: (by: number, column: string) => void;
}

/** One person's row; below it what is doubtful. */
export function NameRow({
    row,
    person,
    columns,
    template,
    saved,
    fit,
    unit,
    work,
    doubts,
    chosen,
    onChoose,
    onChange,
    onRemove,
    onGo,
}: Props) {
    const notes = [
        ...(fit && fit.squeezed < 99.5 ? [`squeezed to ${Math.round(fit.squeezed)} %`] : []),
        ...(fit?.smaller ? ['smaller, to fit the width'] : []),
        ...(Object.keys(person?.own ?? {}).length > 0 ? ['set for this one only'] : []),
    ];
    return (
        <div
            className={`border-b border-seam ${chosen ? 'bg-held shadow-[inset_3px_0_0_var(--color-marigold)]' : doubts.length > 0 ? 'bg-held' : ''}`}
            onFocus={onChoose}
        >
            <div
                role="row"
                aria-rowindex={row + 1}
                aria-selected={chosen}
                className="grid items-center"
                style={{ gridTemplateColumns: template }}
            >
                <span role="rowheader" className="px-2 text-quiet tabular-nums">
                    {row + 1}
                </span>
                {columns.map((column) => (
                    <Cell
                        key={column}
                        at={`${row} ${column}`}
                        label={`${titleOf(column)}, row ${row + 1}`}
                        hint={person === undefined && column === 'name' ? 'type or paste here' : undefined}
                        list={column === 'size' ? 'roster-sizes' : undefined}
                        strong={column === 'name'}
                        value={person?.values[column] ?? ''}
                        doubtful={doubts.some((doubt) => doubt.column === column)}
                        onChange={(value) => onChange(column, value)}
                        onGo={(by) => onGo(by, column)}
                    />
                ))}
                <span
                    role="gridcell"
                    className={`px-1.5 text-xs tabular-nums ${fit?.smaller ? 'font-semibold text-marigold-deep' : 'text-quiet'}`}
                >
                    {fit && show(fit.letterHeight, unit)}
                </span>
                <span role="gridcell" className="min-w-0">
                    {saved && <PersonStep person={saved} name={nameOf(saved)} work={work} />}
                </span>
                <span role="gridcell">
                    {person && (
                        <button
                            type="button"
                            aria-label={`Remove ${person.values.name ?? `row ${row + 1}`}`}
                            title="Remove from the list"
                            className="rounded-[3px] font-semibold text-quiet hover:text-madder"
                            onClick={onRemove}
                        >
                            ×
                        </button>
                    )}
                </span>
            </div>
            {(doubts.length > 0 || notes.length > 0 || saved?.changed) && (
                <p className="pb-1 pl-[42px] text-xs text-madder">
                    {doubts.map(({ message }) => message).join('; ')}
                    {notes.length > 0 && <span className="text-quiet"> {notes.join('; ')}</span>}
                    {saved?.changed && <b className="text-madder"> changed since approval</b>}
                </p>
            )}
        </div>
    );
}

interface CellProps {
    at: string;
    label: string;
    hint: string | undefined;
    list: string | undefined;
    strong: boolean;
    value: string;
    doubtful: boolean;
    onChange: (value: string) => void;
    onGo: (by: number) => void;
}

function Cell({ at, label, hint, list, strong, value, doubtful, onChange, onGo }: CellProps) {
    const [typed, setTyped] = useState<string | null>(null);
    const take = () => {
        if (typed !== null && typed !== value) {
            onChange(typed);
        }
        setTyped(null);
    };
    return (
        <span role="gridcell" className="min-w-0">
            <input
                data-cell={at}
                aria-label={label}
                aria-invalid={doubtful}
                placeholder={hint}
                list={list}
                maxLength={200}
                autoComplete="off"
                spellCheck={false}
                className={`w-full min-w-0 bg-transparent px-1.5 py-1 outline-offset-[-2px] ${strong ? 'font-semibold' : ''} ${doubtful ? 'underline decoration-madder decoration-wavy underline-offset-3' : ''}`}
                value={typed ?? value}
                onChange={(event) => setTyped(event.target.value)}
                onBlur={take}
                onKeyDown={(event) => {
                    if (event.key === 'Escape') {
                        setTyped(null);
                    }
                    const by = { Enter: 1, ArrowDown: 1, ArrowUp: -1 }[event.key];
                    if (by !== undefined && !event.altKey) {
                        event.preventDefault();
                        take();
                        onGo(by);
                    }
                }}
            />
        </span>
    );
}
