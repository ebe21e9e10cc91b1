import type { LaidPieceCard, Spot } from '../../api/client';

/** Where a piece lies now. */
export const spotOf = ({ stock, turn, x, y, pinned }: LaidPieceCard): Spot => ({ stock, turn, x, y, pinned });

/** Moved along the film and across it, as the film is drawn. */
export const moved = (piece: LaidPieceCard, along: number, across: number): Spot => ({
    ...spotOf(piece),
    x: Math.round(piece.x - across),
    y: Math.round(piece.y + along),
    pinned: true,
});

/** The next turn that the film allows, about the piece's middle. */
export function turned(piece: LaidPieceCard, turns: readonly number[]): Spot {
    const next = turns[(turns.indexOf(piece.turn) + 1) % turns.length] ?? piece.turn;
    const quarter = (next - piece.turn) % 180 !== 0;
    const shift = quarter ? Math.round((piece.wide - piece.high) / 2) : 0;
    return { ...spotOf(piece), turn: next, x: piece.x + shift, y: piece.y - shift, pinned: true };
}
