import { lazy, Suspense, useState } from 'react';
import { useShallow } from 'zustand/react/shallow';
import { Button } from '../../ui/Button';
import { Guard } from '../../ui/Guard';
import { cardName, withOrder } from '../model/edits';
import { Sortable } from '../shared/Sortable';
import { useBench, useBenchStore } from '../state/store';
import { AddCards } from './AddCards';
import { BlankLine } from './BlankLine';
import { Card } from './card/Card';
import { SnagLine } from './SnagLine';

const DepthList = lazy(() => import('./depths/DepthList').then(({ DepthList }) => ({ default: DepthList })));

const kinds = ['lines', 'forms', 'motifs'] as const;

/** The ordered cards of the design: the blank first, then the lines, the forms and the motifs. */
export function BuildSheet() {
    const empty = useBench(({ design }) => kinds.every((kind) => design[kind].length === 0));
    return (
        <section aria-label="Build sheet" className="relative flex min-h-0 flex-col border-r border-seam">
            <div className="flex min-h-0 flex-1 flex-col gap-1.5 overflow-y-auto px-3 pt-2.5 pb-2">
                <Heading />
                <BlankLine />
                {kinds.map((kind) => (
                    <Cards key={kind} kind={kind} />
                ))}
                {empty && (
                    <p className="px-1 text-quiet">
                        Nothing is on the blank yet. Add a line and type the words, or a form.
                    </p>
                )}
                <AddCards />
            </div>
            <SnagLine />
        </section>
    );
}

/** The heading, from which the list of what lies on what opens where there is anything to lie on anything. */
function Heading() {
    const several = useBench(({ design }) => kinds.reduce((count, kind) => count + design[kind].length, 0) > 1);
    const [open, setOpen] = useState(false);
    return (
        <>
            <div className="flex items-baseline justify-between">
                <h2 className="heading">Build sheet</h2>
                {several && (
                    <Button look="words" small aria-expanded={open} onClick={() => setOpen(!open)}>
                        Stacking order
                    </Button>
                )}
            </div>
            {several && open && (
                <Suspense>
                    <DepthList />
                </Suspense>
            )}
        </>
    );
}

/** The cards of one kind, in their order. */
function Cards({ kind }: { kind: (typeof kinds)[number] }) {
    const ids = useBench(useShallow(({ design }) => design[kind].map(({ id }) => id)));
    const store = useBenchStore();
    const { change } = store.getState();
    return ids.length === 0 ? null : (
        <Sortable
            ids={ids}
            move={(id, to) => change(withOrder(id, to))}
            nameOf={(id) => cardName(store.getState().design, id)}
        >
            {ids.map((id) => (
                <Guarded key={id} id={id} />
            ))}
        </Sortable>
    );
}

/** A card whose fault stays its own. */
function Guarded({ id }: { id: string }) {
    const design = useBench((bench) => bench.design);
    return (
        <Guard what="This card" of={design}>
            <Card id={id} />
        </Guard>
    );
}
