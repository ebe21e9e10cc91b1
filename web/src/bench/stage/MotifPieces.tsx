import { useRef } from 'react';
import { WHOLE, isSame, settingsOf, withPiece } from '../model/edits/pieces';
import { usePieces } from '../shared/usePieces';
import { partOf } from '../state/select';
import { useBench, useBenchStore } from '../state/store';
import { useStage } from './StageView';

/** The open motif's pieces: click to choose, drag to move. */
export function MotifPieces({ card }: { card: string }) {
    const { toStage } = useStage();
    const part = useBench((bench) => partOf(bench, card));
    const motif = useBench(({ design }) => design.motifs.find(({ id }) => id === card));
    const chosen = useBench((bench) => bench.piece);
    const pieces = usePieces(card);
    const { look, change } = useBenchStore().getState();
    const held = useRef<{ x: number; y: number; across: number; down: number } | null>(null);
    if (!part || !motif || motif.locked) {
        return null;
    }
    const turn = (motif.place.turn * Math.PI) / 180;
    return (
        <g
            data-part="pieces"
            className="pointer-events-auto"
            transform={`translate(${part.middleX} ${part.middleY}) rotate(${motif.place.turn})`}
        >
            {pieces
                .filter(({ film }) => film !== '')
                .map((piece) => {
                    const settings = settingsOf(motif, piece);
                    return (
                        <path
                            key={`${piece.colour} ${piece.x} ${piece.y}`}
                            data-piece={`${piece.colour} ${piece.x} ${piece.y}`}
                            d={piece.path}
                            fillRule="evenodd"
                            fill="none"
                            pointerEvents="fill"
                            className={`cursor-move touch-none ${isSame(chosen, piece) ? 'stroke-marigold' : 'hover:stroke-basting'}`}
                            strokeWidth="2.4"
                            vectorEffect="non-scaling-stroke"
                            onPointerDown={(event) => {
                                event.stopPropagation();
                                event.currentTarget.setPointerCapture(event.pointerId);
                                look({ piece });
                                const { x, y } = toStage(event);
                                held.current = { x, y, across: settings?.across ?? 0, down: settings?.down ?? 0 };
                            }}
                            onPointerMove={(event) => {
                                if (!held.current) {
                                    return;
                                }
                                const { x, y } = toStage(event);
                                const [dx, dy] = [x - held.current.x, y - held.current.y];
                                const along = dx * Math.cos(turn) + dy * Math.sin(turn);
                                const below = dy * Math.cos(turn) - dx * Math.sin(turn);
                                const { across, down } = held.current;
                                if (settings === undefined && Math.hypot(dx, dy) < motif.size.width / 200) {
                                    return;
                                }
                                change(
                                    withPiece(card, piece, (now) => {
                                        now.across = across + Math.round((along / motif.size.width) * WHOLE);
                                        now.down = down + Math.round((below / motif.size.height) * WHOLE);
                                    }),
                                    `piece:${card}:${piece.colour}:${piece.x}:${piece.y}`,
                                );
                            }}
                            onPointerUp={() => (held.current = null)}
                        />
                    );
                })}
        </g>
    );
}
