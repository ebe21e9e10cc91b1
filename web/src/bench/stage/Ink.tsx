import type { Film, SheetPart } from '../../api/client';
import type { Side } from '../Stage';

interface Props {
    films: readonly Film[];
    parts: readonly SheetPart[];
    side: Side;
    onDark: boolean;
    onChoose: (line: string) => void;
}

/** The welded lettering in film colours, bottom film first, or only the lines that the knife follows. */
export function Ink({ films, parts, side, onDark, onChoose }: Props) {
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
                    fillRule="evenodd"
                    vectorEffect="non-scaling-stroke"
                    className="cursor-pointer"
                    pointerEvents="all"
                    fill={side === 'wear' ? film.colour : 'none'}
                    stroke={side === 'wear' ? 'none' : onDark ? '#f5f1e8' : '#22243a'}
                    strokeWidth={1.1}
                    onClick={() => onChoose(part.line)}
                />
            ))}
        </g>
    );
}
