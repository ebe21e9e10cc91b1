import { useCallback, useEffect, useLayoutEffect, useRef, useState, type PointerEvent } from 'react';
import type { Frame } from '../../api/client';

/** Room around what is looked at, for rulers and buttons, in screen pixels. */
const ROOM = { left: 92, top: 52, right: 68, bottom: 64 };
const ROOM_OF_BLANK = { left: 16, top: 16, right: 16, bottom: 56 };
const ROOM_OF_INK = { left: 40, top: 40, right: 40, bottom: 72 };

export type Target = 'area' | 'ink' | 'blank';

/** What is looked at: the point in the middle of the stage, and how many µm a screen pixel covers. */
interface Camera {
    x: number;
    y: number;
    pixel: number;
}

/**
 * What of the blank is looked at: the area with its rulers and the point that it is measured from, the
 * ink, the whole blank; or whatever it was zoomed and moved to with wheel, keys, hand or two fingers.
 */
export function useView(frames: {
    area: Frame;
    ink: Frame | null;
    blank: Frame;
    measuredFrom: { x: number; y: number };
}) {
    const [element, attach] = useState<HTMLDivElement | null>(null);
    const [size, setSize] = useState<{ width: number; height: number } | null>(null);
    const [target, setTarget] = useState<Target>('area');
    const [free, setFree] = useState<Camera | null>(null);

    useLayoutEffect(() => {
        if (!element) {
            return;
        }
        const measure = () => setSize({ width: element.clientWidth, height: element.clientHeight });
        measure();
        const observer = new ResizeObserver(measure);
        observer.observe(element);
        return () => observer.disconnect();
    }, [element]);

    const room = size && size.width >= 120 && size.height >= 160 ? size : null;
    const camera = free ?? (room && aimedAt(target, frames, room));
    const latest = useRef(camera);
    useEffect(() => {
        latest.current = camera;
    });

    /** Zooms so that the point under the given place on the screen stays there; the middle if none is given. */
    const zoom = useCallback(
        (factor: number, at?: { clientX: number; clientY: number }) => {
            const now = latest.current;
            const box = element?.getBoundingClientRect();
            if (!now || !box) {
                return;
            }
            const pixel = Math.min(Math.max(now.pixel / factor, 4), 6000);
            const right = at ? at.clientX - box.left - box.width / 2 : 0;
            const down = at ? at.clientY - box.top - box.height / 2 : 0;
            latest.current = {
                x: now.x + right * (now.pixel - pixel),
                y: now.y + down * (now.pixel - pixel),
                pixel,
            };
            setFree(latest.current);
        },
        [element],
    );

    /** Moves what is looked at, by screen pixels. */
    const pan = useCallback((right: number, down: number) => {
        const now = latest.current;
        if (now) {
            latest.current = { ...now, x: now.x - right * now.pixel, y: now.y - down * now.pixel };
            setFree(latest.current);
        }
    }, []);

    // The wheel moves, with Ctrl (or two fingers on a pad) it zooms; React's own listener could not hold the page back.
    useEffect(() => {
        const wheel = (event: WheelEvent) => {
            event.preventDefault();
            if (event.ctrlKey || event.metaKey) {
                zoom(Math.exp(-event.deltaY / 300), event);
            } else {
                pan(-event.deltaX, -event.deltaY);
            }
        };
        element?.addEventListener('wheel', wheel, { passive: false });
        return () => element?.removeEventListener('wheel', wheel);
    }, [element, zoom, pan]);

    const toStage = useCallback(
        (event: Pick<PointerEvent, 'clientX' | 'clientY'>) => {
            const box = element?.getBoundingClientRect();
            const now = latest.current;
            return now && box
                ? {
                      x: now.x + (event.clientX - box.left - box.width / 2) * now.pixel,
                      y: now.y + (event.clientY - box.top - box.height / 2) * now.pixel,
                  }
                : { x: 0, y: 0 };
        },
        [element],
    );

    return {
        attach,
        zoom,
        pan,
        toStage,
        target: free ? null : target,
        look: useCallback((next: Target) => {
            setTarget(next);
            setFree(null);
        }, []),
        /** Brings a point to the middle, near enough to judge it. */
        lookAt: useCallback((x: number, y: number) => {
            const pixel = Math.min(latest.current?.pixel ?? 120, 120);
            setFree({ x, y, pixel });
        }, []),
        view: camera &&
            room && {
                left: camera.x - (room.width / 2) * camera.pixel,
                top: camera.y - (room.height / 2) * camera.pixel,
                width: room.width * camera.pixel,
                height: room.height * camera.pixel,
            },
        pixel: camera?.pixel ?? 1,
    };
}

export type View = ReturnType<typeof useView>;

function aimedAt(
    target: Target,
    { area, ink, blank, measuredFrom }: Parameters<typeof useView>[0],
    size: { width: number; height: number },
): Camera {
    const [frame, room] =
        target === 'blank'
            ? [blank, ROOM_OF_BLANK]
            : target === 'ink' && ink
              ? [ink, ROOM_OF_INK]
              : [including(area, measuredFrom), ROOM];
    const pixel = Math.max(
        frame.width / (size.width - room.left - room.right),
        frame.height / (size.height - room.top - room.bottom),
    );
    return {
        x: frame.left + frame.width / 2 + ((room.right - room.left) / 2) * pixel,
        y: frame.top + frame.height / 2 + ((room.bottom - room.top) / 2) * pixel,
        pixel,
    };
}

/** The area and the measuring point above or below it; one beside it would only shrink the view. */
function including(area: Frame, point: { x: number; y: number }): Frame {
    const top = Math.min(area.top, point.y);
    const bottom = Math.max(area.top + area.height, point.y);
    return { ...area, top, height: bottom - top };
}
