import { lazy, Suspense } from 'react';
import { useFileDrop } from '../../ui/useFileDrop';
import { useArrivals } from '../shared/useArrivals';
import { useBench } from '../state/store';

const ArrivalsList = lazy(() => import('./ArrivalsList').then(({ ArrivalsList }) => ({ default: ArrivalsList })));

/** Says what can be dropped on the Bench, and lists the results. */
export function Arrivals() {
    const { takeIn } = useArrivals();
    const over = useFileDrop((files) => void takeIn(files));
    const arrivals = useBench((bench) => bench.arrivals);
    return (
        <>
            {over && (
                <div
                    aria-hidden
                    className="pointer-events-none fixed inset-3 z-40 flex items-center justify-center rounded-[3px] border-2 border-dashed border-marigold bg-paper/80 text-lg font-bold"
                >
                    Drop an SVG file, a font or a design file
                </div>
            )}
            <Suspense>{arrivals.length > 0 && <ArrivalsList arrivals={arrivals} />}</Suspense>
        </>
    );
}
