import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { answer, server, type Sheet } from '../api/client';
import type { Draft } from './useDesign';

/** How long the design has to rest before it is looked at more closely, in ms. */
const REST = 450;

/**
 * What would be lost of the design: looked for when it rests, since that takes longer than a key press may.
 * Gives the sheet with these snags among its own, and the shape of all that is too thin.
 */
export function useLosses({ id, version, sheet, saving }: Draft): { sheet: Sheet; lost: string } {
    const [rested, setRested] = useState(-1);
    useEffect(() => {
        const timer = window.setTimeout(() => setRested(version), REST);
        return () => window.clearTimeout(timer);
    }, [version]);
    const losses = useQuery({
        queryKey: ['losses', id, rested],
        queryFn: () => answer(server.GET('/api/designs/{id}/losses', { params: { path: { id } } })),
        enabled: rested === version && saving.state === 'saved',
        placeholderData: keepPreviousData,
        staleTime: Infinity,
    }).data;
    // What was found for another state of the design would be stuck in the wrong places.
    if (!losses || rested !== version) {
        return { sheet, lost: '' };
    }
    const own = losses.snags.map((snag, at) => ({ ...snag, number: sheet.snags.length + at + 1 }));
    return { sheet: { ...sheet, snags: [...sheet.snags, ...own] }, lost: losses.path };
}
