import type { ComponentProps } from 'react';
import type { Film, Frame, SheetPart } from '../../api/client';
import type { Side } from '../Stage';
import type { Drag } from './useDrag';

interface Props {
    films: readonly Film[];
    parts: readonly SheetPart[];
    side: Side;
    onDark: boolean;
    drag: Drag | null;
    handlers: (line: string, ink: Frame | null) => ComponentProps<'path'>;
}

/** The welded lettering in film colours, bottom film first, or only the lines that the knife follows. */
export function Ink({ films, parts, side, onDark, drag, handlers }: Props) {
    const inOrder = films.flatMap((film) =>
        parts.filter((part) => part.film === film.id).map((part) => ({ part, film })),
    );
    return (
        <g>
            {inOrder.map(({ part, film }) => (
                <path
                    key={part.line}
                    data-line={part.line}
                    d={part.path}
                    transform={drag?.line === part.line ? `translate(${drag.dx} ${drag.dy})` : undefined}
                    fillRule="evenodd"
                    vectorEffect="non-scaling-stroke"
                    className="cursor-move touch-none"
                    pointerEvents="all"
                    fill={side === 'wear' ? film.colour : 'none'}
                    stroke={side === 'wear' ? 'none' : onDark ? '#f5f1e8' : '#22243a'}
                    strokeWidth={1.1}
                    onDoubleClick={() => document.getElementById(`words-${part.line}`)?.focus()}
                    {...handlers(part.line, part.ink)}
                />
            ))}
        </g>
    );
}
