import { useState } from 'react';
import type { ReadTable } from '../api/client';
import { Button } from '../ui/Button';
import { Modal } from '../ui/Modal';
import { columnsOf, titleOf, type Names } from './people';

/** Rows that are shown before a table is taken. */
const SHOWN = 8;

interface Props {
    table: ReadTable;
    names: Names;
    onClose: () => void;
    onTake: (columns: string[], replace: boolean) => void;
}

/** A table before it is taken: which column is which, and how its first rows look. */
export function TableDialog({ table, names, onClose, onTake }: Props) {
    const [columns, setColumns] = useState(table.columns);
    const count = table.rows.length;
    const people = count === 1 ? '1 person' : `${count} people`;
    const twice = columns.find((column, at) => column !== '' && columns.indexOf(column) !== at);
    return (
        <Modal open widest title={`Import ${people}`} onClose={onClose}>
            <div className="max-h-[52vh] overflow-auto">
                <table className="w-full border-collapse text-left">
                    <thead>
                        <tr>
                            {columns.map((column, at) => (
                                <th key={at} className="border-b border-seam p-1.5 align-bottom">
                                    <span className="block text-2xs font-normal text-quiet">
                                        {table.titles[at] ?? `Column ${at + 1}`}
                                    </span>
                                    <select
                                        aria-label={`${table.titles[at] ?? `Column ${at + 1}`} is`}
                                        className="field w-full"
                                        value={column}
                                        onChange={(event) =>
                                            setColumns(
                                                columns.map((other, i) => (i === at ? event.target.value : other)),
                                            )
                                        }
                                    >
                                        {[...new Set([...columnsOf(names), ...table.titles.filter(Boolean)])].map(
                                            (option) => (
                                                <option key={option} value={option}>
                                                    {titleOf(option)}
                                                </option>
                                            ),
                                        )}
                                        <option value="">Skip</option>
                                    </select>
                                </th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {table.rows.slice(0, SHOWN).map((row, number) => (
                            <tr key={number} className="border-b border-seam">
                                {row.map((cell, at) => (
                                    <td
                                        key={at}
                                        className={`p-1.5 ${columns[at] === '' ? 'text-quiet line-through' : ''}`}
                                    >
                                        {cell}
                                    </td>
                                ))}
                            </tr>
                        ))}
                    </tbody>
                </table>
                {count > SHOWN && <p className="mt-1.5 text-quiet">and {count - SHOWN} more</p>}
            </div>
            {twice !== undefined && (
                <p role="alert" className="mt-2 text-madder">
                    Two columns are {titleOf(twice)}. Choose another for one of them.
                </p>
            )}
            <div className="mt-4 flex justify-end gap-2">
                {names.people.length > 0 && (
                    <Button disabled={twice !== undefined} onClick={() => onTake(columns, true)}>
                        Replace the {names.people.length} in the list
                    </Button>
                )}
                <Button look="main" disabled={twice !== undefined} onClick={() => onTake(columns, false)}>
                    {names.people.length > 0 ? `Add ${people}` : `Import ${people}`}
                </Button>
            </div>
        </Modal>
    );
}
