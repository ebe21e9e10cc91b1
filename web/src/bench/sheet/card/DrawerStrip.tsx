import { createElement, useEffect, useRef, type ReactNode } from 'react';
import type { Card } from '../../model/edits';
import { drawerNames, drawersOf } from '../../model/kinds';
import { settingsOf } from '../../model/summary';
import { useBench, useBenchStore } from '../../state/store';
import { useContents } from './useContents';

/** The drawers, one open at a time; a stitch marks those with settings. */
export function DrawerStrip({ card }: { card: Card }) {
    const design = useBench((bench) => bench.design);
    const now = useBench((bench) => bench.drawer);
    const { open } = useBenchStore().getState();
    const drawers = drawersOf(card);
    const set = new Set(settingsOf(card, design).map(({ drawer }) => drawer));
    const shown = now !== null && (drawers.includes(now) || now === 'place') ? now : null;
    const contents = useContents(shown !== null);
    return (
        <>
            <div
                role="group"
                aria-label="Drawers"
                className="flex overflow-hidden rounded-[3px] border border-seam bg-white text-xs"
            >
                {drawers.map((drawer) => (
                    <button
                        key={drawer}
                        aria-expanded={drawer === shown}
                        title={set.has(drawer) ? `${drawerNames[drawer]}: something is set` : drawerNames[drawer]}
                        className={`flex-auto border-b-2 px-1 pt-1 pb-0.5 not-last:border-r not-last:border-r-seam focus-visible:-outline-offset-2 ${drawer === shown ? 'bg-ink text-white' : 'hover:bg-tape'} ${set.has(drawer) ? 'border-b-marigold [border-bottom-style:dashed]' : 'border-b-transparent'}`}
                        onClick={() => open(drawer === shown ? null : drawer)}
                    >
                        {drawerNames[drawer]}
                    </button>
                ))}
            </div>
            {shown && contents && (
                <DrawerBox name={drawerNames[shown]}>
                    {createElement(contents[shown], { card, key: card.id })}
                </DrawerBox>
            )}
        </>
    );
}

/** The open drawer; focuses a requested field. */
function DrawerBox({ name, children }: { name: string; children: ReactNode }) {
    const box = useRef<HTMLDivElement>(null);
    const field = useBench((bench) => bench.field);
    const { look } = useBenchStore().getState();
    useEffect(() => {
        if (field !== null) {
            const there = box.current?.querySelector(`[data-field="${field}"]`);
            const focusable = there?.matches('button, input, [tabindex]')
                ? there
                : there?.querySelector('input, button, [tabindex="0"]');
            if (focusable instanceof HTMLElement) {
                focusable.focus();
            }
            look({ field: null });
        }
    }, [field, look]);
    return (
        <div
            ref={box}
            role="region"
            aria-label={`Drawer: ${name}`}
            className="max-h-[252px] overflow-x-clip overflow-y-auto rounded-[3px] bg-muslin p-2"
        >
            {children}
        </div>
    );
}
