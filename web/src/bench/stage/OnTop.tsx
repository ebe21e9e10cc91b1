import { lazy, Suspense } from 'react';
import { openCard } from '../state/select';
import { useBench } from '../state/store';
import { ChosenLetter } from './ChosenLetter';
import { Distances } from './Distances';
import { Drawn } from './Drawn';
import { Grounds } from './Grounds';
import { Guides } from './Guides';
import { HandNote } from './HandNote';
import { Knots } from './Knots';
import { Pins } from './Pins';
import { Selection } from './Selection';
import { useStage, viewBoxOf } from './StageView';
import { TidiedPlaces } from './TidiedPlaces';
import { TooThin } from './TooThin';

const MotifPieces = lazy(() => import('./MotifPieces').then(({ MotifPieces }) => ({ default: MotifPieces })));
const SeveralFrame = lazy(() => import('./SeveralFrame').then(({ SeveralFrame }) => ({ default: SeveralFrame })));

/** What is drawn above the lettering: selection and handles, snags, and the current gesture. */
export function OnTop() {
    const { box } = useStage();
    const chosen = useBench((bench) => bench.chosen);
    const open = useBench(openCard);
    // With its colours open, a motif is selected by pieces.
    const pieces = useBench((bench) => bench.drawer === 'colours');
    const lines = useBench((bench) => bench.design.lines);
    return (
        <svg
            aria-hidden
            className="pointer-events-none absolute inset-0 size-full will-change-transform"
            viewBox={viewBoxOf(box)}
        >
            <TidiedPlaces />
            <TooThin />
            {/* What is cut out of something has no ink of its own to be taken by. */}
            <g className="pointer-events-auto">
                <Grounds lines={lines.filter(({ treatments }) => treatments.cutFrom.card !== '')} />
            </g>
            {open && <Knots card={open} />}
            {chosen.map((card) => (
                <Selection key={card} card={card} alone={card === open} />
            ))}
            {chosen.length > 1 && (
                <Suspense>
                    <SeveralFrame />
                </Suspense>
            )}
            {pieces && open && (
                <Suspense>
                    <MotifPieces card={open} />
                </Suspense>
            )}
            {open && <ChosenLetter card={open} />}
            <Distances />
            <Guides />
            <Drawn />
            <Pins />
            <HandNote />
        </svg>
    );
}
