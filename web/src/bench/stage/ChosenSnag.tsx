import { lazy, Suspense } from 'react';
import { useBench } from '../state/store';

const SnagNote = lazy(() => import('./SnagNote').then(({ SnagNote }) => ({ default: SnagNote })));

/** The chosen snag's note, if any. */
export function ChosenSnag() {
    const snag = useBench((bench) => bench.sheet.snags.find(({ number }) => number === bench.snag));
    return snag ? (
        <Suspense>
            <SnagNote snag={snag} />
        </Suspense>
    ) : null;
}
