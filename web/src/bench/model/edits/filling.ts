import type { Film, MotifPieceCard } from '../../../api/client';
import { firstThatShows } from '../colours';
import { edit, inTurn, takeFilm, type Edit } from './edit';
import { withNewLine } from './newLine';

/** Margin of words inside a piece, as a share of its height. */
const INSET = 0.12;

/** A piece's key in a line's fills. */
export const pieceKey = ({ colour, x, y }: Pick<MotifPieceCard, 'colour' | 'x' | 'y'>): string => `${colour} ${x} ${y}`;

/** A new line that fills a piece of a motif, in a film that contrasts with it. */
export const withLineInPiece = (id: string, motif: string, piece: MotifPieceCard, rack: readonly Film[]): Edit =>
    inTurn(
        withNewLine(id, null, rack),
        edit((design) => {
            const line = design.lines.find((own) => own.id === id);
            if (!line) {
                return;
            }
            const films = [...design.films, ...rack];
            const colour = films.find((film) => film.id === piece.film)?.colour;
            const film = colour ? firstThatShows(films, [colour]) : undefined;
            if (film) {
                takeFilm(design, film, 'above');
                line.film = film.id;
            }
            line.depth = design.motifs.find((own) => own.id === motif)?.depth ?? 0;
            line.fills.top.shape = 'form';
            line.fills.bottom.shape = 'form';
            Object.assign(line.fills, {
                form: motif,
                piece: pieceKey(piece),
                inset: Math.round(INSET * Math.min(piece.width, piece.height)),
            });
        }),
    );
