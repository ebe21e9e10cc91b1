import { useLayoutEffect, useRef, useState } from 'react';
import type { Frame } from '../../api/client';

/** Room around what is looked at, for rulers and buttons, in screen pixels. */
const ROOM = { left: 92, top: 52, right: 68, bottom: 64 };
const ROOM_OF_BLANK = { left: 16, top: 16, right: 16, bottom: 56 };

/**
 * What of the blank is looked at, in µm: at first the area with its rulers and the point that it is
 * measured from, then as the buttons say.
 * `pixel` is how many µm a screen pixel covers.
 */
export function useView(area: Frame, measuredFrom: { x: number; y: number }, blank: Frame) {
    const ref = useRef<HTMLDivElement>(null);
    const [size, setSize] = useState<{ width: number; height: number } | null>(null);
    const [zoom, setZoom] = useState(1);
    const [whole, setWhole] = useState(false);

    useLayoutEffect(() => {
        const element = ref.current;
        if (!element) {
            return;
        }
        const measure = () => setSize({ width: element.clientWidth, height: element.clientHeight });
        measure();
        const observer = new ResizeObserver(measure);
        observer.observe(element);
        return () => observer.disconnect();
    }, []);

    if (!size || size.width < 120 || size.height < 160) {
        return { ref, view: null, pixel: 1, zoomIn: nothing, zoomOut: nothing, toArea: nothing, toBlank: nothing };
    }
    const room = whole ? ROOM_OF_BLANK : ROOM;
    const target = whole ? blank : including(area, measuredFrom);
    const inner = { width: size.width - room.left - room.right, height: size.height - room.top - room.bottom };
    const pixel = Math.max(target.width / inner.width, target.height / inner.height) / zoom;
    const middle = {
        x: target.left + target.width / 2 + ((room.right - room.left) / 2) * pixel,
        y: target.top + target.height / 2 + ((room.bottom - room.top) / 2) * pixel,
    };
    const width = size.width * pixel;
    const height = size.height * pixel;
    return {
        ref,
        pixel,
        view: { left: middle.x - width / 2, top: middle.y - height / 2, width, height },
        zoomIn: () => setZoom((now) => Math.min(now * 1.25, 16)),
        zoomOut: () => setZoom((now) => Math.max(now / 1.25, 0.2)),
        toArea: () => {
            setWhole(false);
            setZoom(1);
        },
        toBlank: () => {
            setWhole(true);
            setZoom(1);
        },
    };
}

const nothing = () => {};

/** The area and the measuring point above or below it; one beside it would only shrink the view. */
function including(area: Frame, point: { x: number; y: number }): Frame {
    const top = Math.min(area.top, point.y);
    const bottom = Math.max(area.top + area.height, point.y);
    return { ...area, top, height: bottom - top };
}
