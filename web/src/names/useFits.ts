import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { ContactPerson, Unit } from '../api/client';
import { contactSheet, openDesign } from '../api/queries';

export type Fit = ContactPerson['lines'][number];

export interface Fits {
    of: (person: string) => Fit | undefined;
    unit: Unit;
}

/** How a design's first line with a field came out for each person, as far as the contact sheet has come. */
export function useFits(design: string | null): Fits {
    const pages = useInfiniteQuery({ ...contactSheet(design ?? ''), enabled: design !== null });
    const open = useQuery({ ...openDesign(design ?? ''), enabled: design !== null });
    const fits = useMemo(
        () => new Map((pages.data?.pages ?? []).flatMap(({ people }) => people).map(({ id, lines }) => [id, lines[0]])),
        [pages.data],
    );
    return { of: (person) => fits.get(person), unit: open.data?.document.unit ?? 'mm' };
}
