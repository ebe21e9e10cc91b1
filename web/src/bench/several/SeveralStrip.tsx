import { lazy, Suspense } from 'react';
import { useBench } from '../state/store';

const Several = lazy(() => import('./Several').then(({ Several }) => ({ default: Several })));

/** The strip above the stage while several cards are chosen. */
export function SeveralStrip() {
    const chosen = useBench((bench) => bench.chosen);
    return chosen.length > 1 ? (
        <Suspense>
            <Several chosen={chosen} />
        </Suspense>
    ) : null;
}
