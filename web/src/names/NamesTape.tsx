import { useInfiniteQuery } from '@tanstack/react-query';
import type { PersonRow } from '../api/client';
import { contactSheet } from '../api/queries';
import { TapeEntry } from '../ui/TapeEntry';
import type { Names } from './people';

interface Props {
    names: Names;
    rows: readonly PersonRow[];
    doubts: number;
    design: string | null;
}

/** What the list comes to. */
export function NamesTape({ names, rows, doubts, design }: Props) {
    const pages = useInfiniteQuery({ ...contactSheet(design ?? ''), enabled: design !== null });
    const people = (pages.data?.pages ?? []).flatMap((page) => page.people);
    const some = (isSo: (line: (typeof people)[number]['lines'][number]) => boolean) =>
        people.filter(({ lines }) => lines.some(isSo)).length;
    const squeezed = some(({ squeezed, smaller }) => squeezed < 100 && !smaller);
    const smaller = some((line) => line.smaller);
    const cut = rows.filter(({ state }) => state !== 'to cut').length;
    const pressed = rows.filter(({ state }) => state === 'pressed').length;
    const changed = rows.filter((row) => row.changed).length;
    const pieces = names.people.reduce((sum, { values }) => sum + (Number.parseInt(values.quantity ?? '', 10) || 1), 0);
    return (
        <footer aria-label="Tape" className="flex min-h-9.5 flex-wrap items-stretch border-t border-tape-edge bg-tape">
            <TapeEntry name="Names">{names.people.length}</TapeEntry>
            {pieces !== names.people.length && <TapeEntry name="To make">{pieces}</TapeEntry>}
            {cut > 0 && (
                <TapeEntry name="Cut">
                    {cut} of {rows.length}
                </TapeEntry>
            )}
            {pressed > 0 && (
                <TapeEntry name="Pressed">
                    {pressed} of {rows.length}
                </TapeEntry>
            )}
            {changed > 0 && <TapeEntry tone="bad">{changed} changed since approval</TapeEntry>}
            {doubts > 0 && <TapeEntry tone="bad">{doubts} to check</TapeEntry>}
            {squeezed > 0 && <TapeEntry tone="bad">{squeezed} squeezed</TapeEntry>}
            {smaller > 0 && <TapeEntry tone="bad">{smaller} smaller</TapeEntry>}
        </footer>
    );
}
