import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { answer, server, type MotifPieceCard } from '../../api/client';
import { useBench } from '../state/store';

/** A motif's pieces, largest first, so that small ones on top can be clicked. */
export function usePieces(motif: string): readonly MotifPieceCard[] {
    const own = useBench(({ design }) => design.motifs.find(({ id }) => id === motif));
    const design = useBench((bench) => bench.design);
    const query = useQuery({
        queryKey: ['motif-pieces', own],
        queryFn: () => answer(server.POST('/api/motif-pieces', { body: { document: design, motif } })),
        enabled: own !== undefined,
        placeholderData: keepPreviousData,
        staleTime: Infinity,
    });
    return [...(query.data ?? [])].sort((a, b) => b.width * b.height - a.width * a.height);
}
