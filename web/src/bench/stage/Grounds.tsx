import type { ComponentProps } from 'react';
import type { Line, SheetPart } from '../../api/client';
import type { Grip } from './useHands';

interface Props {
    lines: readonly Line[];
    parts: readonly SheetPart[];
    handlers: (line: string, grip: Grip) => ComponentProps<'g'>;
    onEdit: (line: string) => void;
}

/** What lies between the letters: a line can be taken there too, where no other line's ink is. */
export function Grounds({ lines, parts, handlers, onEdit }: Props) {
    return lines.map((line) => {
        const part = parts.find((candidate) => candidate.card === line.id);
        return part?.ink ? (
            <g
                key={line.id}
                className="cursor-move touch-none"
                onDoubleClick={() => onEdit(line.id)}
                {...handlers(line.id, { kind: 'part' })}
            >
                <rect
                    transform={`translate(${part.middleX} ${part.middleY}) rotate(${part.turn})`}
                    x={-part.width / 2}
                    y={-part.height / 2}
                    width={part.width}
                    height={part.height}
                    fill="none"
                    pointerEvents="all"
                />
            </g>
        ) : null;
    });
}
