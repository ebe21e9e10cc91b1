import { lazy, Suspense, useState } from 'react';
import { areaText } from '../../blanks/areaText';
import { showRound } from '../../measure';
import { Button } from '../../ui/Button';
import { Swatch } from '../../ui/Swatch';
import { useBench } from '../state/store';

const BlankFields = lazy(() => import('./BlankFields').then(({ BlankFields }) => ({ default: BlankFields })));

/** The blank in one line, until it is changed: which, in what size and colour, and where the lettering goes. */
export function BlankLine() {
    const blank = useBench((bench) => bench.design.blank);
    const unit = useBench((bench) => bench.design.unit);
    const [open, setOpen] = useState(false);
    const { placement, fabric } = blank;
    const measured = [
        areaText(placement, unit),
        ...placement.from.map(({ edge, distance }) => `${showRound(distance, unit)} from the ${edge}`),
    ].join(' · ');
    return (
        <section aria-label="Blank" className="card shrink-0 px-2.5 py-1.5">
            <div className="flex items-center gap-2" title={`${placement.name} · ${measured}`}>
                <Swatch colour={fabric.colour} />
                <p className="min-w-0 flex-1 truncate">
                    <b>{blank.name}</b>{' '}
                    <span className="text-xs text-quiet">
                        {blank.size} · {fabric.name} · {placement.name}
                    </span>
                </p>
                <Button look="words" small aria-expanded={open} onClick={() => setOpen(!open)}>
                    {open ? 'Done' : 'Change'}
                </Button>
            </div>
            {open && (
                <Suspense>
                    <BlankFields measured={measured} />
                </Suspense>
            )}
        </section>
    );
}
