import type { PersonRow, Roster } from '../api/client';

/** What of a list is changed on its page. */
export type Names = Pick<Roster, 'columns' | 'people'>;

/** Columns that every list has, as people read them. */
export const usual = {
    name: 'Name',
    number: 'Number',
    size: 'Size',
    blank: 'Blank',
    quantity: 'Quantity',
    note: 'Note',
} as const;

export const columnsOf = (names: Names): string[] => [...Object.keys(usual), ...names.columns];

/** Columns that are there without being asked for; the others once something stands in them. */
const always = ['name', 'number', 'size'];

/** Columns that are shown: the shop's own, and of the usual ones those that are used or were asked for. */
export function shownColumns(names: Names, asked: readonly string[]): string[] {
    const used = new Set(names.people.flatMap(({ values }) => Object.keys(values).filter((column) => values[column])));
    return columnsOf(names).filter(
        (column) =>
            always.includes(column) || used.has(column) || asked.includes(column) || names.columns.includes(column),
    );
}

export const titleOf = (column: string): string => (usual as Record<string, string>)[column] ?? column;

/** What a person is called where there is room for one thing. */
export const nameOf = ({ values }: PersonRow): string => values.name || values.number || 'without a name';

export const newPerson = (values: Record<string, string> = {}): PersonRow => ({
    id: crypto.randomUUID(),
    values,
    own: {},
    state: 'to cut',
    changed: false,
});

/** The list with one value changed; a row behind the last one is a new person. */
export function withValue(names: Names, row: number, column: string, value: string): Names {
    if (row >= names.people.length) {
        return value === '' ? names : { ...names, people: [...names.people, newPerson({ [column]: value })] };
    }
    return {
        ...names,
        people: names.people.map((person, at) =>
            at === row ? { ...person, values: { ...person.values, [column]: value } } : person,
        ),
    };
}

export const without = (names: Names, id: string): Names => ({
    ...names,
    people: names.people.filter((person) => person.id !== id),
});

/**
 * The list with rows of a table, behind its people or in their place. Columns of the table without a name are left out; those that the list
 * does not have are added to it.
 */
export function withTable(
    names: Names,
    columns: readonly string[],
    rows: readonly string[][],
    replace: boolean,
): Names {
    const known = new Set(columnsOf(names));
    const added = columns.filter((column) => column !== '' && !known.has(column));
    const people = rows.map((row) => {
        const values: Record<string, string> = {};
        for (const [at, column] of columns.entries()) {
            if (column !== '' && row[at]) {
                values[column] = row[at];
            }
        }
        return newPerson(values);
    });
    return {
        columns: [...names.columns, ...new Set(added)],
        people: replace ? people : [...names.people, ...people],
    };
}
