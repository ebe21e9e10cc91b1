import type { Design, Edge, Form, Line, SheetPart, SheetHandles, Unit } from '../../api/client';
import { showWithUnit } from '../../measure';
import { isLine, type Card, type Change } from './edits';
import { ringLeader } from './follows';
import { measuresOf } from './forms';
import type { Drawer } from './summary';

/** A handle on the stage that changes a card's shape. */
export interface Knot {
    name: string;
    x: number;
    y: number;
    /** The card after dragging the handle to a point. */
    to: (x: number, y: number) => Change<Card>;
    /** The dimension shown at the pointer. */
    measure: (card: Card, unit: Unit) => string;
}

/** The handles of a card: always those of its path and edges, others while their drawer is open. */
export function knotsOf(card: Card, part: SheetPart | undefined, design: Design, drawer: Drawer | null): Knot[] {
    if (!part || card.locked) {
        return [];
    }
    return [
        ...(isLine(card) ? lineKnots(card, part, design) : []),
        ...('shape' in card && drawer === 'shape' ? formKnots(card, part) : []),
        ...(drawer === 'outlines' ? [...outlineKnots(card, part), ...shadowKnots(card, part)] : []),
    ];
}

function lineKnots(line: Line, { handles }: SheetPart, design: Design): Knot[] {
    if (!handles) {
        return [];
    }
    const path = handles.middle && pathKnot(line, design, handles, handles.middle);
    return [
        ...(path ? [path] : []),
        ...handles.edges
            .filter((point) => line.fills[point.edge].shape !== 'form')
            .map((point) => edgeKnot(line, point)),
    ];
}

/** What is done to a line, as it is done to any card. */
const ofLine =
    (change: Change<Line>): Change<Card> =>
    (card) =>
        isLine(card) && change(card);

const said = (words: (line: Line) => [string, number]) => (card: Card, unit: Unit) => {
    if (!isLine(card)) {
        return '';
    }
    const [word, length] = words(card);
    return `${word} ${showWithUnit(length, unit)}`;
};

/** The handle of a line's path; null if the path is fully defined. */
function pathKnot(line: Line, design: Design, handles: SheetHandles, at: { x: number; y: number }): Knot | null {
    const { follows } = line;
    const far = (x: number, y: number) => (handles.circle ? Math.hypot(x - handles.circle.x, y - handles.circle.y) : 0);
    const out = (x: number, y: number) => far(x, y) - far(at.x, at.y);
    const knot = (to: (x: number, y: number) => Change<Line>, measure: (card: Card, unit: Unit) => string): Knot => ({
        ...at,
        name: 'path',
        to: (x, y) => ofLine(to(x, y)),
        measure,
    });
    switch (follows.path) {
        case 'arc': {
            const turn = (line.place.turn * Math.PI) / 180;
            const bowsUp = follows.arc.bows === 'up';
            const before = riseOf(line, handles);
            const { gap } = line.stacking;
            return knot(
                (x, y) => {
                    const up = (at.y - y) * Math.cos(turn) + (x - at.x) * Math.sin(turn);
                    const rise = Math.max(0, Math.round(before + (bowsUp ? up : -up)));
                    return (now) => {
                        Object.assign(now.follows.arc, { by: 'rise', rise });
                        if (bowsUp) {
                            // It bows up from where its ends are.
                            now.stacking.gap = Math.round(gap - (rise - before));
                        }
                    };
                },
                said((now) => ['rise', now.follows.arc.rise]),
            );
        }
        case 'ring': {
            const { radius } = follows.ring;
            return ringLeader(line, design).id !== line.id
                ? null
                : knot(
                      (x, y) => (now) => (now.follows.ring.radius = Math.max(2000, Math.round(radius + out(x, y)))),
                      said((now) => ['radius', now.follows.ring.radius]),
                  );
        }
        case 'brim': {
            const { inset } = follows.brim;
            return design.blank.placement.brim
                ? knot(
                      (x, y) => (now) => (now.follows.brim.inset = Math.max(0, Math.round(inset - out(x, y)))),
                      said((now) => ['inset', now.follows.brim.inset]),
                  )
                : null;
        }
        case 'spiral': {
            const { inner } = follows.spiral;
            return knot(
                (x, y) => (now) => (now.follows.spiral.inner = Math.max(500, Math.round(inner + out(x, y)))),
                said((now) => ['inner radius', now.follows.spiral.inner]),
            );
        }
        case 'outline': {
            const way = follows.outline.side === 'inside' ? -100 : 100;
            return knot(
                (x, y) => {
                    const start = Math.round(nearest(handles.path, x, y) * way * 10) / 10;
                    return (now) => (now.follows.outline.start = start);
                },
                (card) => (isLine(card) ? `start ${card.follows.outline.start} %` : ''),
            );
        }
        case 'straight':
            return null;
    }
}

/** Rise of an arc as drawn, whatever defines it: from its middle to its ends. */
function riseOf(line: Line, handles: SheetHandles): number {
    const { arc } = line.follows;
    if (arc.by === 'rise' || !handles.circle || !handles.middle) {
        return arc.rise;
    }
    const points = pointsOf(handles.path);
    const first = points[Math.round(points.length * 0.097)];
    const { x, y, radius } = handles.circle;
    if (!first) {
        return arc.rise;
    }
    const middle = Math.atan2(handles.middle.y - y, handles.middle.x - x);
    const end = Math.atan2(first[1] - y, first[0] - x);
    return Math.round(radius * (1 - Math.cos(end - middle)));
}

const pointsOf = (path: string) =>
    path
        .slice(1)
        .split('L')
        .map((point) => point.split(' ').map(Number) as [number, number]);

/** Position of the path's point nearest to a given one, as a share of the path. */
function nearest(path: string, x: number, y: number): number {
    const points = pointsOf(path);
    let best = 0;
    let least = Infinity;
    points.forEach(([px, py], at) => {
        const distance = Math.hypot(px - x, py - y);
        if (distance < least) {
            [best, least] = [at, distance];
        }
    });
    return best / Math.max(1, points.length - 1);
}

/** The handle of an edge: vertical, and for its middle also horizontal. */
function edgeKnot(line: Line, point: SheetHandles['edges'][number]): Knot {
    const heading = (point.heading * Math.PI) / 180;
    const edge = line.fills[point.edge];
    const put = (next: Partial<Edge>) => ofLine((now) => Object.assign(now.fills[point.edge], next));
    const moved = (x: number, y: number) => ({
        up: Math.round((x - point.x) * Math.sin(heading) - (y - point.y) * Math.cos(heading)),
        along: (x - point.x) * Math.cos(heading) + (y - point.y) * Math.sin(heading),
    });
    const place = { name: `${point.edge} ${point.at}`, x: point.x, y: point.y };
    const end = point.at;
    if (end !== 'middle') {
        return {
            ...place,
            to: (x, y) => put({ [end]: edge[end] + moved(x, y).up }),
            measure: said((now) => [`${end} end`, now.fills[point.edge][end]]),
        };
    }
    return {
        ...place,
        to: (x, y) => {
            const { up, along } = moved(x, y);
            if (edge.shape === 'level') {
                return put(up < 0 ? { shape: 'dipped', rise: -up } : { shape: 'arched', rise: up });
            }
            const rise = edge.rise + (edge.shape === 'dipped' ? -up : up);
            const pull = edge.pull + (along / Math.max(1, lineWidth(line))) * 250;
            return put({ rise, pull: Math.round(Math.max(-100, Math.min(100, pull))) });
        },
        measure: said((now) => {
            const { shape, rise } = now.fills[point.edge];
            return [shape === 'dipped' ? 'dip' : 'rise', rise];
        }),
    };
}

/** Approximate width of a line, the scale of a pull. */
const lineWidth = ({ size }: Line) => (size.by === 'width' ? size.length : 200000);

/** What is done to a form, as it is done to any card. */
const ofForm =
    (change: Change<Form>): Change<Card> =>
    (card) =>
        'shape' in card && change(card);

/** The knots of a form's own measures: on its frame's upper right corner and at its right. */
function formKnots(form: Form, part: SheetPart): Knot[] {
    const { shape, size, place } = form;
    const turn = (place.turn * Math.PI) / 180;
    const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
    const at = (right: number, down: number) => ({
        x: part.middleX + right * cos - down * sin,
        y: part.middleY + right * sin + down * cos,
    });
    const along = (x: number, y: number) => (x - part.middleX) * cos + (y - part.middleY) * sin;
    const half = { width: size.width / 2, height: size.height / 2 };
    const short = Math.min(half.width, half.height);
    return measuresOf[shape.kind].flatMap((measure): Knot[] => {
        switch (measure) {
            case 'corner':
                return [
                    {
                        name: 'corner radius',
                        ...at(half.width - shape.corner, -half.height),
                        to: (x, y) => ofForm((now) => (now.shape.corner = clamped(half.width - along(x, y), 0, short))),
                        measure: (card, unit) =>
                            'shape' in card ? `corner radius ${showWithUnit(card.shape.corner, unit)}` : '',
                    },
                ];
            case 'band':
                return [
                    {
                        name: 'band',
                        ...at(half.width - shape.band, 0),
                        to: (x, y) => ofForm((now) => (now.shape.band = clamped(half.width - along(x, y), 500, short))),
                        measure: (card, unit) => ('shape' in card ? `band ${showWithUnit(card.shape.band, unit)}` : ''),
                    },
                ];
            default:
                return [];
        }
    });
}

const clamped = (value: number, least: number, most: number) => Math.round(Math.max(least, Math.min(most, value)));

/** Width of an outline, at its edge beside the middle of the ink; outer ones lie beyond inner ones. */
function outlineKnots({ treatments: { outlines } }: Card, part: SheetPart): Knot[] {
    if (!part.ink) {
        return [];
    }
    const { left, top, height } = part.ink;
    return outlines.map(({ width }, at) => {
        const inner = outlines.slice(0, at).reduce((sum, rim) => sum + rim.width, 0);
        return {
            name: `outline ${at + 1}`,
            x: left - inner - width,
            y: top + height / 2,
            to: (x) => {
                const next = Math.max(50, Math.round(left - inner - x));
                return ({ treatments }) => treatments.outlines[at] && (treatments.outlines[at].width = next);
            },
            measure: ({ treatments }, unit) => `outline ${showWithUnit(treatments.outlines[at]?.width ?? 0, unit)}`,
        };
    });
}

/** End of a shadow: its distance and direction. */
function shadowKnots({ treatments: { shadow } }: Card, part: SheetPart): Knot[] {
    if (shadow.kind === 'none' || !part.ink) {
        return [];
    }
    const { left, top, width, height } = part.ink;
    const [x0, y0] = [left + width / 2, top + height / 2];
    /** From the middle of the ink to the edge of its frame, in a direction. */
    const reach = (degrees: number) => {
        const angle = (degrees * Math.PI) / 180;
        return Math.min(
            Math.abs(width / 2 / (Math.cos(angle) || 1e-9)),
            Math.abs(height / 2 / (Math.sin(angle) || 1e-9)),
        );
    };
    const angle = (shadow.angle * Math.PI) / 180;
    const far = reach(shadow.angle) + shadow.length;
    return [
        {
            name: 'shadow',
            x: x0 + far * Math.cos(angle),
            y: y0 + far * Math.sin(angle),
            to: (x, y) => {
                const turned = (Math.atan2(y - y0, x - x0) * 180) / Math.PI;
                const near = Math.round(turned / 45) * 45;
                const next = Math.abs(turned - near) < 4 ? near : Math.round(turned);
                const length = Math.max(0, Math.round(Math.hypot(x - x0, y - y0) - reach(next)));
                return ({ treatments: { shadow } }) =>
                    Object.assign(shadow, { length, ...(shadow.kind !== 'all round' && { angle: next }) });
            },
            measure: ({ treatments: { shadow } }, unit) =>
                `shadow ${showWithUnit(shadow.length, unit)}` +
                (shadow.kind === 'all round' ? '' : ` at ${shadow.angle}°`),
        },
    ];
}
