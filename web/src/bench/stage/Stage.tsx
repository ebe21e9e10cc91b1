import { useCallback, useLayoutEffect, useMemo, useState, type ReactNode } from 'react';
import { useShallow } from 'zustand/react/shallow';
import type { Design, Sheet } from '../../api/client';
import { brightness } from '../../film/brightness';
import { Garment } from '../../blanks/Garment';
import { boxOf, viewOf } from '../state/camera';
import { useBench, useBenchStore } from '../state/store';
import { FilmsLook } from './FilmsLook';
import { Ink } from './Ink';
import { KnifeLines } from './KnifeLines';
import { OnTop } from './OnTop';
import { OnTheCloth } from './OnTheCloth';
import { ChosenSnag } from './ChosenSnag';
import { StageContext, viewBoxOf, type StageView } from './StageView';
import { StageMenu } from './StageMenu';
import { useHands } from './useHands';
import { ViewBar } from './ViewBar';
import { WordsInPlace } from './WordsInPlace';

/** The blank, the placement area with tape rulers, the lettering at true size; its children on top. */
export function Stage({ children }: { children?: ReactNode }) {
    const store = useBenchStore();
    const [root, attach] = useState<HTMLDivElement | null>(null);
    const size = useBench((bench) => bench.size);
    const view = useBench(useShallow(viewOf));
    const drawing = useBench((bench) => bench.design.blank.drawing);
    const colour = useBench((bench) => bench.design.blank.fabric.colour);
    const blank = useBench((bench) => bench.sheet.blank);
    const aside = useBench((bench) => bench.cordsAside);
    const words = useBench((bench) => describe(bench.design, bench.sheet));
    const { resize } = store.getState();

    useLayoutEffect(() => {
        if (!root) {
            return;
        }
        const measure = () => resize({ width: root.clientWidth, height: root.clientHeight });
        measure();
        const observer = new ResizeObserver(measure);
        observer.observe(root);
        return () => observer.disconnect();
    }, [root, resize]);

    const toStage = useCallback<StageView['toStage']>(
        ({ clientX, clientY }) => {
            const box = root?.getBoundingClientRect();
            const now = viewOf(store.getState());
            return now && box
                ? {
                      x: now.x + (clientX - box.left - box.width / 2) * now.pixel,
                      y: now.y + (clientY - box.top - box.height / 2) * now.pixel,
                  }
                : { x: 0, y: 0 };
        },
        [root, store],
    );
    const hands = useHands(root, toStage);

    const onDark = brightness(colour) < 0.55;
    const stage = useMemo<StageView | null>(
        () =>
            view &&
            size && {
                box: boxOf(view, size),
                pixel: view.pixel,
                toStage,
                onDark,
                chalk: onDark ? 'var(--color-muslin)' : 'var(--color-ink)',
            },
        [view, size, toStage, onDark],
    );
    // Its own SVG, so that changes of the ink don't repaint the fabric.
    const garment = useMemo(
        () => <Garment drawing={drawing} colour={colour} frame={blank} cordsAside={aside} />,
        [drawing, colour, blank, aside],
    );

    return (
        <section aria-label="Stage" className="relative min-h-0 min-w-0 overflow-hidden select-none">
            <StageContext value={stage}>
                <div ref={attach} className="absolute inset-0 touch-none" role="presentation" {...hands}>
                    {stage && (
                        <>
                            <svg
                                aria-hidden
                                className="absolute inset-0 size-full will-change-transform"
                                viewBox={viewBoxOf(stage.box)}
                            >
                                {garment}
                            </svg>
                            <OnTheCloth label={words} />
                            <FilmsLook />
                            <Ink />
                            <KnifeLines />
                            <OnTop />
                        </>
                    )}
                </div>
                {stage && (
                    <>
                        <WordsInPlace />
                        <ChosenSnag />
                        <StageMenu />
                    </>
                )}
                {children}
                <ViewBar />
            </StageContext>
        </section>
    );
}

/** Describes the stage to screen readers. */
function describe(design: Design, sheet: Sheet): string {
    const words = design.lines
        .filter((line) => !line.hidden && line.lettering.words.trim())
        .map((line) => line.lettering.words);
    const on = `${design.blank.name} in ${design.blank.fabric.name}, ${design.blank.placement.name}`;
    return words.length === 0 || !sheet.ink ? `${on}, empty` : `${on}: ${words.join(', ')}`;
}
