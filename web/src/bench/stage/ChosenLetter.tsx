import { useRef, type PointerEvent } from 'react';
import type { Letter, Line, SheetPart } from '../../api/client';
import { plainLetter } from '../edits';

interface Props {
    line: Line;
    part: SheetPart;
    at: number;
    pixel: number;
    toStage: (event: PointerEvent) => { x: number; y: number };
    onLetter: (next: Partial<Letter>) => void;
}

/** The chosen letter of a line, to be dragged: its word is welded anew on the way. */
export function ChosenLetter({ line, part, at, pixel, toStage, onLetter }: Props) {
    const start = useRef<{ x: number; y: number; letter: Letter } | null>(null);
    const frame = part.letters.find((letter) => letter.at === at)?.frame;
    if (!frame) {
        return null;
    }
    const pad = 3 * pixel;
    const end = () => {
        start.current = null;
    };
    return (
        <rect
            data-part="letter"
            x={frame.left - pad}
            y={frame.top - pad}
            width={frame.width + 2 * pad}
            height={frame.height + 2 * pad}
            fill="#f3a63b"
            fillOpacity=".12"
            stroke="#f3a63b"
            strokeWidth="1.6"
            strokeDasharray="3 3"
            vectorEffect="non-scaling-stroke"
            pointerEvents="all"
            className="pointer-events-auto cursor-move touch-none"
            onPointerDown={(event) => {
                event.stopPropagation();
                if (!line.locked) {
                    event.currentTarget.setPointerCapture(event.pointerId);
                    start.current = {
                        ...toStage(event),
                        letter: line.lettering.letters.find((letter) => letter.at === at) ?? plainLetter(at),
                    };
                }
            }}
            onPointerMove={(event) => {
                if (!start.current || part.em === 0) {
                    return;
                }
                const to = toStage(event);
                const turn = (line.place.turn * Math.PI) / 180;
                const [x, y] = [to.x - start.current.x, to.y - start.current.y];
                // Along and across the line, in thousandths of the em.
                const perMille = 1000 / part.em;
                const along = (x * Math.cos(turn) + y * Math.sin(turn)) * perMille * (100 / line.size.stretch);
                const across = (x * Math.sin(turn) - y * Math.cos(turn)) * perMille;
                onLetter({
                    along: Math.round((start.current.letter.along + along) * 2) / 2,
                    across: Math.round((start.current.letter.across + across) * 2) / 2,
                });
            }}
            onPointerUp={end}
            onPointerCancel={end}
        />
    );
}
