import { memo, type ComponentProps } from 'react';
import type { Film, SheetPart } from '../../api/client';
import type { Side } from '../Stage';
import { svgMatrix } from './pose';
import type { Gesture, Grip } from './useHands';

interface Props {
    films: readonly Film[];
    parts: readonly SheetPart[];
    side: Side;
    onDark: boolean;
    gesture: Gesture | null;
    handlers: (line: string, grip: Grip) => ComponentProps<'g'>;
    onEdit: (line: string) => void;
}

/** The welded lettering in film colours, bottom film first, or only the lines that the knife follows. */
export function Ink({ films, parts, side, onDark, gesture, handlers, onEdit }: Props) {
    const inOrder = films.flatMap((film) =>
        parts.filter((part) => part.film === film.id).map((part) => ({ part, film })),
    );
    return (
        <g>
            {inOrder.map(({ part, film }) => (
                <g
                    key={part.line}
                    transform={gesture?.line === part.line ? svgMatrix(gesture.pose) : undefined}
                    className="cursor-move touch-none"
                    onDoubleClick={() => onEdit(part.line)}
                    {...handlers(part.line, { kind: 'part' })}
                >
                    <Shape
                        line={part.line}
                        path={part.path}
                        fill={side === 'wear' ? film.colour : 'none'}
                        stroke={side === 'wear' ? 'none' : onDark ? '#f5f1e8' : '#22243a'}
                    />
                </g>
            ))}
        </g>
    );
}

/** Kept apart, so that what only moves is not described anew at every frame. */
const Shape = memo(function Shape({ line, path, fill, stroke }: Record<'line' | 'path' | 'fill' | 'stroke', string>) {
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
        />
    );
});
