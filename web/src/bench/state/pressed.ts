import { answer, server } from '../../api/client';
import { useBench } from './store';
import { useRested } from './useRested';

/** The layers as pressed, and how many lie on one another where, while they are looked at. */
export function usePressed() {
    const wanted = useBench((bench) => bench.looking.at !== 'all');
    return useRested(['pressed'], wanted, (id) =>
        answer(server.GET('/api/designs/{id}/pressed', { params: { path: { id } } })),
    ).data;
}

/** What shows when a film is pressed beside its place, while that is looked at. */
export function useSlip() {
    const looking = useBench((bench) => bench.looking);
    const slip = looking.at === 'slip' ? looking : null;
    return useRested(['slip', slip?.film, slip?.distance, slip?.angle], slip !== null, (id) => {
        const query = { film: slip?.film ?? '', distance: slip?.distance ?? 0 };
        const angle = slip?.angle ?? null;
        return answer(
            server.GET('/api/designs/{id}/slip-test', {
                params: { path: { id }, query: angle === null ? query : { ...query, angle } },
            }),
        );
    }).data;
}
