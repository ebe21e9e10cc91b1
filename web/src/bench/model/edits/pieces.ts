import type { Film, Motif, MotifPiece, MotifPieceCard } from '../../../api/client';
import { defaults } from '../../../api/defaults';
import { edit, takeFilm, type Change, type Edit } from './edit';

/** Units per width or height of a motif. */
export const WHOLE = 10_000;

/** Changes the settings of one piece of a motif. */
export const withPiece = (motif: string, piece: MotifPieceCard, change: Change<MotifPiece>, film?: Film | null): Edit =>
    withPieces(motif, [piece], change, film);

/** Changes several pieces alike. */
export const withPieces = (
    motif: string,
    pieces: readonly MotifPieceCard[],
    change: Change<MotifPiece>,
    film?: Film | null,
): Edit =>
    edit((design) => {
        const own = design.motifs.find(({ id }) => id === motif);
        if (!own || own.locked) {
            return;
        }
        for (const piece of pieces) {
            const { colour, x, y } = piece;
            let settings = settingsOf(own, piece);
            if (!settings) {
                settings = { ...defaults.motifPiece, id: freePieceId(own.pieces), colour, x, y };
                own.pieces.push(settings);
                settings = own.pieces.at(-1) ?? settings;
            }
            change(settings);
        }
        if (film) {
            takeFilm(design, film, 'above');
        }
    });

/** A piece's settings, including unsaved ones. */
export const settingsOf = (motif: Motif, { id, colour, x, y }: MotifPieceCard): MotifPiece | undefined =>
    motif.pieces.find((own) => own.id === id || (own.colour === colour && own.x === x && own.y === y));

/** Resets all pieces of a motif. */
export const withPiecesAsDrawn = (motif: string, ids: readonly string[]): Edit =>
    edit((design) => {
        const own = design.motifs.find(({ id }) => id === motif);
        if (own) {
            own.pieces = own.pieces.filter(({ id }) => !ids.includes(id));
        }
    });

function freePieceId(pieces: readonly MotifPiece[]): string {
    const taken = new Set(pieces.map(({ id }) => id));
    let number = pieces.length + 1;
    while (taken.has(`piece-${number}`)) {
        number += 1;
    }
    return `piece-${number}`;
}

/** All pieces with the same colour and size as the given one. */
export function alike(piece: MotifPieceCard, all: readonly MotifPieceCard[]): MotifPieceCard[] {
    const near = (a: number, b: number) => Math.abs(a - b) <= 0.02 * Math.max(a, b) + 20;
    return all.filter(
        (other) => other.colour === piece.colour && near(other.width, piece.width) && near(other.height, piece.height),
    );
}

/** Whether two refer to the same drawn piece. */
export const isSame = (a: MotifPieceCard | null, b: MotifPieceCard): boolean =>
    a !== null && a.colour === b.colour && a.x === b.x && a.y === b.y;
