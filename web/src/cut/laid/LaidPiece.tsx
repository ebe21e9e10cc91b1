import type { FilmLayoutCard, LaidPieceCard } from '../../api/client';
import type { Drag, useDrag } from './useDrag';

interface PieceProps {
    piece: LaidPieceCard;
    shape: FilmLayoutCard['shapes'][string] | undefined;
    chosen: boolean;
    drag: Drag | null;
    hands: ReturnType<typeof useDrag>;
    onChoose: () => void;
}

/** A piece on its film: it can be dragged, and shows in red what it touches. */
export function LaidPiece({ piece, shape, chosen, drag, hands, onChoose }: PieceProps) {
    const own = drag?.number === piece.number ? drag : null;
    const bad = own ? own.fits === false : (drag?.touches.includes(piece.number) ?? false);
    const [along, across] = own ? [own.along, own.across] : [0, 0];
    return (
        <g
            data-part="laid"
            data-piece={piece.number}
            data-touches={bad || undefined}
            transform={`translate(${along} ${across}) matrix(${piece.matrix.join(' ')})`}
            className="cursor-grab"
            onPointerDown={hands.grab(piece)}
            onPointerMove={hands.carry}
            onPointerUp={(event) => {
                if (!drag) {
                    onChoose();
                }
                hands.drop(event);
            }}
            onPointerCancel={hands.cancel}
        >
            <path
                d={shape?.frame}
                fillRule="evenodd"
                pointerEvents="all"
                vectorEffect="non-scaling-stroke"
                strokeWidth={chosen || bad ? 2.4 : 1}
                strokeDasharray="5 3"
                className={
                    bad
                        ? 'fill-madder/30 stroke-madder'
                        : piece.stale
                          ? 'fill-madder/15'
                          : chosen
                            ? 'fill-marigold/40'
                            : piece.pinned
                              ? 'fill-indigo/20'
                              : ''
                }
            />
            <path d={shape?.ink} fillRule="evenodd" vectorEffect="non-scaling-stroke" pointerEvents="none" />
        </g>
    );
}
