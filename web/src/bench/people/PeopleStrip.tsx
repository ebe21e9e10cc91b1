import { lazy, Suspense } from 'react';
import { hasFields } from '../model/own';
import { useBench } from '../state/store';

const People = lazy(() => import('./People').then(({ People }) => ({ default: People })));

/** Steps through the people of the job's list, if a line uses it. */
export function PeopleStrip() {
    const takes = useBench((bench) => bench.design.lines.some(hasFields));
    return takes ? (
        <Suspense>
            <People />
        </Suspense>
    ) : null;
}
