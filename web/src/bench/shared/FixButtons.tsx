import { useEffect } from 'react';
import type { SheetFix, SheetSnag } from '../../api/client';
import { Button } from '../../ui/Button';
import { useBench, useBenchStore } from '../state/store';

/** One-click fixes for a snag, previewed on the stage. */
export function FixButtons({ snag }: { snag: SheetSnag }) {
    const store = useBenchStore();
    const shown = useBench(({ trial }) => trial?.card === snag.card && trial.sheet !== null);
    const mending = () => import('./mending');
    const end = () => store.getState().look({ trial: null });
    useEffect(() => () => store.getState().look({ trial: null }), [store]);
    return snag.fixes.length === 0 ? null : (
        <span className="mt-1.5 flex flex-wrap gap-1.5" onPointerLeave={end} onBlur={end}>
            {snag.fixes.map((fix: SheetFix) => (
                <Button
                    key={fix.say}
                    small
                    onPointerEnter={() => void mending().then(({ show }) => show(store, snag, fix))}
                    onFocus={() => void mending().then(({ show }) => show(store, snag, fix))}
                    onClick={() => void mending().then(({ mend }) => mend(store, snag, fix))}
                >
                    {fix.say}
                </Button>
            ))}
            {shown && <em className="self-center text-xs">shown on the stage as it would be</em>}
        </span>
    );
}
