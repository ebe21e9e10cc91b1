import { memo, type ComponentProps } from 'react';
import type { Film, Frame, SheetPart } from '../../api/client';
import { fillOf } from '../films/finishes';
import type { Side } from '../Stage';
import { cssMatrix } from './pose';
import type { Gesture, Grip } from './useHands';

interface Props {
    films: readonly Film[];
    parts: readonly SheetPart[];
    side: Side;
    /** The only film that is not dimmed. */
    pointed: string | null;
    /** Only there to be taken by the hand. */
    hidden: boolean;
    onDark: boolean;
    gesture: Gesture | null;
    view: Frame;
    pixel: number;
    handlers: (card: string, grip: Grip) => ComponentProps<'g'>;
    onEdit: (line: string) => void;
}

/**
 * The welded lettering in film colours, bottom film first, or only the lines that the knife follows.
 * Each line is a picture of its own, so that none has to be painted anew while one is moved.
 */
export function Ink({ films, parts, side, pointed, hidden, onDark, gesture, view, pixel, handlers, onEdit }: Props) {
    const inOrder = films.flatMap((film) =>
        parts.filter((part) => part.film === film.id).map((part) => ({ part, film })),
    );
    return inOrder.map(({ part, film }, at) => (
        <svg
            key={`${part.card} ${part.role} ${part.film} ${at}`}
            aria-hidden
            className="pointer-events-none absolute inset-0 size-full overflow-visible will-change-transform"
            viewBox={`${view.left} ${view.top} ${view.width} ${view.height}`}
            style={
                gesture?.cards.includes(part.card)
                    ? { transform: cssMatrix(gesture.pose, view, pixel), transformOrigin: '0 0' }
                    : undefined
            }
        >
            <g
                className="pointer-events-auto cursor-move touch-none"
                opacity={pointed !== null && pointed !== film.id ? 0.15 : undefined}
                onDoubleClick={() => onEdit(part.card)}
                {...handlers(part.card, { kind: 'part' })}
            >
                <Shape
                    line={part.card}
                    path={part.path}
                    fill={side === 'wear' && !part.guide && !hidden ? fillOf(film) : 'none'}
                    stroke={
                        part.guide ? '#f3a63b' : side === 'wear' || hidden ? 'none' : onDark ? '#f5f1e8' : '#22243a'
                    }
                    dashes={part.guide ? '2 4' : 'none'}
                />
            </g>
        </svg>
    ));
}

/** Kept apart, so that what only moves is not described anew at every frame. */
const Shape = memo(function Shape({
    line,
    path,
    fill,
    stroke,
    dashes,
}: Record<'line' | 'path' | 'fill' | 'stroke' | 'dashes', string>) {
    return (
        <path
            data-line={line}
            d={path}
            fillRule="evenodd"
            vectorEffect="non-scaling-stroke"
            pointerEvents="all"
            fill={fill}
            stroke={stroke}
            strokeWidth={1.1}
            strokeDasharray={dashes}
        />
    );
});
