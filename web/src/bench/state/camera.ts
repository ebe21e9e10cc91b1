import type { Frame } from '../../api/client';
import type { Draft } from './draft';
import type { Set } from './slice';

/** Room around what is looked at, for rulers and buttons, in screen pixels. */
const ROOM = { left: 92, top: 52, right: 68, bottom: 64 };
const ROOM_OF_BLANK = { left: 16, top: 16, right: 16, bottom: 56 };
const ROOM_OF_INK = { left: 40, top: 40, right: 40, bottom: 72 };

/** The least stage that shows anything, in screen pixels. */
const LEAST = { width: 120, height: 120 };

/** The narrowest and widest that a screen pixel may be, in µm. */
const [FINEST, COARSEST] = [4, 6000];

export type Target = 'area' | 'ink' | 'blank';

/** What is looked at: the point in the middle of the stage, and how many µm a screen pixel covers. */
export interface View {
    x: number;
    y: number;
    pixel: number;
}

interface Size {
    width: number;
    height: number;
}

/** How the blank is looked at: the area with the point that it is measured from, the ink, the whole blank, or freely. */
export interface Camera {
    /** The stage, in screen pixels. */
    size: Size | null;
    target: Target;
    /** Where it was zoomed and moved to; null while the target is shown. */
    free: View | null;
    resize: (size: Size) => void;
    /** Zooms so that what is under a place of the stage stays there; by default its middle. In screen pixels from there. */
    zoom: (factor: number, right?: number, down?: number) => void;
    /** Moves what is looked at, by screen pixels. */
    pan: (right: number, down: number) => void;
    aim: (target: Target) => void;
    /** Brings a point to the middle, near enough to judge it. */
    lookAt: (x: number, y: number) => void;
}

export const camera = (set: Set<Camera>, get: () => Seen): Camera => ({
    size: null,
    target: 'area',
    free: null,
    resize: (size) => set({ size }),
    zoom: (factor, right = 0, down = 0) => {
        const now = viewOf(get());
        if (now) {
            const pixel = Math.min(Math.max(now.pixel / factor, FINEST), COARSEST);
            const by = now.pixel - pixel;
            set({ free: { x: now.x + right * by, y: now.y + down * by, pixel } });
        }
    },
    pan: (right, down) => {
        const now = viewOf(get());
        if (now) {
            set({ free: { ...now, x: now.x - right * now.pixel, y: now.y - down * now.pixel } });
        }
    },
    aim: (target) => set({ target, free: null }),
    lookAt: (x, y) => set({ free: { x, y, pixel: Math.min(viewOf(get())?.pixel ?? 120, 120) } }),
});

type Seen = Pick<Camera, 'size' | 'target' | 'free'> & Pick<Draft, 'sheet' | 'design'>;

/** How the stage is looked at now; null if it is too small to show anything. */
export function viewOf({ size, target, free, sheet, design }: Seen): View | null {
    if (!size || size.width < LEAST.width || size.height < LEAST.height) {
        return null;
    }
    return free ?? aimedAt(target, sheet, { x: 0, y: -design.blank.placement.down }, size);
}

/** What of the blank is in sight. */
export const boxOf = ({ x, y, pixel }: View, { width, height }: Size): Frame => ({
    left: x - (width / 2) * pixel,
    top: y - (height / 2) * pixel,
    width: width * pixel,
    height: height * pixel,
});

function aimedAt(
    target: Target,
    { area, ink, blank }: { area: Frame; ink: Frame | null; blank: Frame },
    measuredFrom: { x: number; y: number },
    size: Size,
): View {
    const [frame, room] =
        target === 'blank'
            ? [blank, ROOM_OF_BLANK]
            : target === 'ink' && ink
              ? [ink, ROOM_OF_INK]
              : [including(area, measuredFrom), ROOM];
    const pixel = Math.max(
        frame.width / Math.max(40, size.width - room.left - room.right),
        frame.height / Math.max(40, size.height - room.top - room.bottom),
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
