import { createUseGesture, dragAction, pinchAction, wheelAction } from '@use-gesture/react';
import { useMemo, useRef } from 'react';
import { useBenchStore } from '../state/store';
import { handsOn } from './hands';
import { hitOf } from './hit';
import type { StageView } from './StageView';

const useGesture = createUseGesture([dragAction, pinchAction, wheelAction]);

/** Minimum movement of a drag, in screen pixels. */
const SLACK = 3;

/** Duration of a long press, in ms. */
const LONG = 550;

/** Drag, pinch, wheel, click and long press on the stage. */
export function useHands(root: HTMLElement | null, toStage: StageView['toStage']) {
    const store = useBenchStore();
    const hands = useMemo(() => handsOn(store, toStage), [store, toStage]);
    const rest = useRef(0);
    const menuAt = (event: MouseEvent | PointerEvent) => {
        const box = root?.getBoundingClientRect();
        if (box) {
            hands.menu(hitOf(event.target), event.clientX - box.left, event.clientY - box.top);
        }
    };
    const fromMiddle = ([x, y]: readonly number[]): [number, number] => {
        const box = root?.getBoundingClientRect();
        return box ? [(x ?? 0) - box.left - box.width / 2, (y ?? 0) - box.top - box.height / 2] : [0, 0];
    };
    useGesture(
        {
            onPointerDown: ({ event }) => {
                if (!event.isPrimary || event.button !== 0) {
                    return;
                }
                hands.press(hitOf(event.target), event);
                window.clearTimeout(rest.current);
                if (event.pointerType === 'touch') {
                    rest.current = window.setTimeout(() => menuAt(event), LONG);
                }
            },
            onPointerUp: () => window.clearTimeout(rest.current),
            onDrag: ({ first, last, tap, canceled, pinching, cancel, xy: [clientX, clientY], delta, event }) => {
                window.clearTimeout(rest.current);
                if (pinching) {
                    hands.letGo();
                    cancel();
                } else if (tap) {
                    hands.click(event);
                } else if (canceled) {
                    hands.letGo();
                } else {
                    if (first) {
                        hands.take();
                    }
                    hands.move({ clientX, clientY }, delta, event);
                    if (last) {
                        hands.drop({ clientX, clientY }, event);
                    }
                }
            },
            onPinch: ({ offset: [scale], lastOffset, memo, origin }) => {
                const { zoom } = store.getState();
                zoom(scale / ((memo as number | undefined) ?? lastOffset[0]), ...fromMiddle(origin));
                return scale;
            },
            onWheel: ({ event, delta: [right, down] }) => {
                event.preventDefault();
                if (!event.ctrlKey && !event.metaKey) {
                    store.getState().pan(-right, -down);
                }
            },
            onContextMenu: ({ event }) => {
                event.preventDefault();
                menuAt(event);
            },
        },
        {
            target: { current: root },
            eventOptions: { passive: false },
            drag: { filterTaps: true, tapsThreshold: SLACK, threshold: SLACK, pointer: { buttons: [1] } },
            pinch: { modifierKey: ['ctrlKey', 'metaKey'] },
        },
    );
    return { onDoubleClick: (event: { target: EventTarget }) => hands.edit(hitOf(event.target)) };
}
