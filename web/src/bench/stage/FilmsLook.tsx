import { lazy, Suspense } from 'react';
import { useBench } from '../state/store';

const AsPressed = lazy(() => import('./AsPressed').then(({ AsPressed }) => ({ default: AsPressed })));

/** The layers as pressed, in place of the parts. */
export function FilmsLook() {
    const all = useBench((bench) => bench.looking.at === 'all');
    return all ? null : (
        <Suspense>
            <AsPressed />
        </Suspense>
    );
}
