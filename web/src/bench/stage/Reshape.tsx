import { useRef, type PointerEvent } from 'react';
import type { Design, Edge, Line, SheetTrace } from '../../api/client';
import type { Change } from '../edits';
import { ringLeader } from '../follows';

interface Props {
    line: Line;
    design: Design;
    trace: SheetTrace;
    pixel: number;
    toStage: (event: PointerEvent) => { x: number; y: number };
    onChange: (change: Change<Line>, what: string) => void;
}

interface Hold {
    x: number;
    y: number;
    line: Line;
}

/**
 * The path and the edges of the chosen line, with knots to take hold of: the line is worked out anew on the way. The
 * path ends where the hand goes; it never changes its side.
 */
export function Reshape({ line, design, trace, pixel, toStage, onChange }: Props) {
    const hands = { line, pixel, toStage, onChange };
    const handle = trace.handle;
    const dragPath = pathDrag(line, design, trace);

    return (
        <g className="pointer-events-auto">
            {trace.path && (
                <path
                    data-part="path"
                    d={trace.path}
                    fill="none"
                    stroke="#f3a63b"
                    strokeOpacity=".8"
                    strokeWidth="1.2"
                    strokeDasharray="1 4"
                    strokeLinecap="round"
                    pointerEvents="none"
                    vectorEffect="non-scaling-stroke"
                />
            )}
            {handle && dragPath && !line.locked && (
                <Knot x={handle.x} y={handle.y} name="path" drag={dragPath} {...hands} />
            )}
            {!line.locked &&
                trace.edges
                    .filter((point) => line.fills[point.edge].shape !== 'form')
                    .map((point) => (
                        <Knot
                            key={`${point.edge} ${point.at}`}
                            x={point.x}
                            y={point.y}
                            name={`${point.edge} ${point.at}`}
                            drag={(from, x, y) => edgeDrag(from, point, x, y)}
                            {...hands}
                        />
                    ))}
        </g>
    );
}

/** What taking hold of the path does; null where that is all given. */
function pathDrag(line: Line, design: Design, trace: SheetTrace) {
    const { follows } = line;
    const far = (x: number, y: number) => (trace.circle ? Math.hypot(x - trace.circle.x, y - trace.circle.y) : 0);
    const brim = design.blank.placement.brim;
    switch (follows.path) {
        case 'arc':
            return (from: Hold, x: number, y: number): Change<Line> => {
                const turn = (from.line.place.turn * Math.PI) / 180;
                const { arc } = from.line.follows;
                const up = (from.y - y) * Math.cos(turn) + (x - from.x) * Math.sin(turn);
                const by = arc.bows === 'up' ? up : -up;
                const before = riseOf(from.line, trace);
                const rise = Math.max(0, Math.round(before + by));
                return (now) => {
                    Object.assign(now.follows.arc, { by: 'rise', rise });
                    if (arc.bows === 'up') {
                        // It bows up from where its ends are.
                        now.stacking.gap = Math.round(from.line.stacking.gap - (rise - before));
                    }
                };
            };
        case 'ring':
            return ringLeader(line, design).id !== line.id
                ? null
                : (from: Hold, x: number, y: number): Change<Line> => {
                      const { ring } = from.line.follows;
                      const radius = Math.max(2000, Math.round(ring.radius + far(x, y) - far(from.x, from.y)));
                      return (now) => (now.follows.ring.radius = radius);
                  };
        case 'brim':
            return brim
                ? (from: Hold, x: number, y: number): Change<Line> => {
                      const own = from.line.follows.brim;
                      const inset = Math.max(0, Math.round(own.inset - far(x, y) + far(from.x, from.y)));
                      return (now) => (now.follows.brim.inset = inset);
                  }
                : null;
        case 'spiral':
            return (from: Hold, x: number, y: number): Change<Line> => {
                const { spiral } = from.line.follows;
                const inner = Math.max(500, Math.round(spiral.inner + far(x, y) - far(from.x, from.y)));
                return (now) => (now.follows.spiral.inner = inner);
            };
        case 'outline':
            return (from: Hold, x: number, y: number): Change<Line> => {
                const { outline } = from.line.follows;
                const share = nearest(trace.path, x, y) * (outline.side === 'inside' ? -100 : 100);
                return (now) => (now.follows.outline.start = Math.round(share * 10) / 10);
            };
        case 'straight':
            return null;
    }
}

/** How much an arc rises as it is drawn, whatever rules it: from its middle to its ends, without what is drawn beyond them. */
function riseOf(line: Line, trace: SheetTrace): number {
    const { arc } = line.follows;
    if (arc.by === 'rise' || !trace.circle || !trace.handle) {
        return arc.rise;
    }
    const points = pointsOf(trace.path);
    const first = points[Math.round(points.length * 0.097)];
    const { x, y, radius } = trace.circle;
    if (!first) {
        return arc.rise;
    }
    const middle = Math.atan2(trace.handle.y - y, trace.handle.x - x);
    const end = Math.atan2(first[1] - y, first[0] - x);
    return Math.round(radius * (1 - Math.cos(end - middle)));
}

const pointsOf = (path: string) =>
    path
        .slice(1)
        .split('L')
        .map((point) => point.split(' ').map(Number) as [number, number]);

/** Which share of a path its point nearest to a given one is at. */
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

/** What taking hold of an edge does: up and down, and its middle to the sides too. */
function edgeDrag({ line, ...from }: Hold, point: SheetTrace['edges'][number], x: number, y: number): Change<Line> {
    const heading = (point.heading * Math.PI) / 180;
    const [dx, dy] = [x - from.x, y - from.y];
    const up = Math.round(dx * Math.sin(heading) - dy * Math.cos(heading));
    const along = dx * Math.cos(heading) + dy * Math.sin(heading);
    const edge = line.fills[point.edge];
    const put =
        (next: Partial<Edge>): Change<Line> =>
        (now) =>
            Object.assign(now.fills[point.edge], next);
    switch (point.at) {
        case 'left':
            return put({ left: edge.left + up });
        case 'right':
            return put({ right: edge.right + up });
        case 'middle': {
            if (edge.shape === 'level') {
                return put(up < 0 ? { shape: 'dipped', rise: -up } : { shape: 'arched', rise: up });
            }
            const rise = edge.rise + (edge.shape === 'dipped' ? -up : up);
            const pull = edge.pull + (along / Math.max(1, lineWidth(line))) * 250;
            return put({ rise, pull: Math.round(Math.max(-100, Math.min(100, pull))) });
        }
    }
}

/** About how wide a line is, to tell how far a pull goes. */
const lineWidth = ({ size }: Line) => (size.by === 'width' ? size.length : 200000);

interface KnotProps extends Omit<Props, 'design' | 'trace'> {
    x: number;
    y: number;
    name: string;
    /** What the line becomes when the knot, held at a point, is at another one. */
    drag: (from: Hold, x: number, y: number) => Change<Line>;
}

/** A knot of thread to take hold of. */
function Knot({ x, y, name, drag, line, pixel, toStage, onChange }: KnotProps) {
    const hold = useRef<Hold | null>(null);
    const end = () => {
        hold.current = null;
    };
    return (
        <g
            data-grip={name}
            className="cursor-move"
            onPointerDown={(event) => {
                event.stopPropagation();
                if (event.isPrimary && event.button === 0) {
                    event.currentTarget.setPointerCapture(event.pointerId);
                    hold.current = { ...toStage(event), line };
                }
            }}
            onPointerMove={(event) => {
                if (hold.current) {
                    const to = toStage(event);
                    onChange(drag(hold.current, to.x, to.y), name);
                }
            }}
            onPointerUp={end}
            onPointerCancel={end}
        >
            <circle cx={x} cy={y} r={13 * pixel} fill="none" pointerEvents="all" className="touch-none" />
            <path
                d={`M${x - 5 * pixel} ${y}L${x} ${y - 5 * pixel}L${x + 5 * pixel} ${y}L${x} ${y + 5 * pixel}Z`}
                fill="#fffdf8"
                stroke="#c9781a"
                strokeWidth="2"
                vectorEffect="non-scaling-stroke"
                pointerEvents="none"
            />
        </g>
    );
}
