import { Button } from '../../../ui/Button';
import { NumberField } from '../../../ui/NumberField';
import type { Motif, MotifPiece } from '../../../api/client';
import type { Change } from '../../model/edits';
import { alike, isSame, settingsOf, withPieces, withPiecesAsDrawn } from '../../model/edits/pieces';
import { FilmChoice, useRack } from '../../shared/FilmChoice';
import { Row, Rows } from '../../shared/Row';
import { addLineInPiece } from '../../shared/whole';
import { usePieces } from '../../shared/usePieces';
import { useBench, useBenchStore } from '../../state/store';

/** The motif piece chosen on the stage, and the number of changed pieces. */
export function PieceRows({ motif }: { motif: Motif }) {
    const chosen = useBench((bench) => bench.piece);
    const pieces = usePieces(motif.id);
    const { change } = useBenchStore().getState();
    const piece = pieces.find((own) => isSame(chosen, own));
    const changed = motif.pieces.map(({ id }) => id);
    const gone = motif.pieces.filter(({ gone }) => gone).length;
    return (
        <div className="mt-2 border-t border-dashed border-seam pt-2">
            {piece && piece.film !== '' ? (
                <OnePiece motif={motif} piece={piece} pieces={pieces} />
            ) : (
                <p className="text-xs text-quiet">Click a piece on the stage to move, size, turn or remove it.</p>
            )}
            {changed.length > 0 && (
                <p className="mt-1.5 text-xs">
                    {changed.length} {changed.length === 1 ? 'piece is' : 'pieces are'} changed
                    {gone > 0 && `, ${gone} removed`}.{' '}
                    <Button look="words" small onClick={() => change(withPiecesAsDrawn(motif.id, changed))}>
                        As drawn
                    </Button>
                </p>
            )}
        </div>
    );
}

interface OneProps {
    motif: Motif;
    piece: ReturnType<typeof usePieces>[number];
    pieces: ReturnType<typeof usePieces>;
}

function OnePiece({ motif, piece, pieces }: OneProps) {
    const store = useBenchStore();
    const { change, look } = store.getState();
    const rack = useRack();
    const settings = settingsOf(motif, piece);
    const mates = alike(piece, pieces).sort((a, b) => a.y - b.y || a.x - b.x);
    const set = (next: Change<MotifPiece>, what: string) =>
        change(withPieces(motif.id, [piece], next), `${what}:${motif.id}:${piece.x}:${piece.y}`);
    const second = mates.filter((_, at) => at % 2 === 1);
    const remove = (those: typeof mates) => {
        change(withPieces(motif.id, those, (now) => (now.gone = true)));
        look({ piece: null });
    };
    return (
        <Rows>
            <Row name="Piece">
                <FilmChoice
                    label="Film of the piece"
                    value={settings?.film ?? ''}
                    none="its colour’s"
                    onChange={(film) =>
                        change(withPieces(motif.id, [piece], (now) => (now.film = film?.id ?? ''), film))
                    }
                />
                <Button look="away" small onClick={() => remove([piece])}>
                    Remove
                </Button>
            </Row>
            <Row name="Size, turn">
                <NumberField
                    label="Size of the piece in percent"
                    unit="%"
                    least={5}
                    most={1000}
                    value={settings?.scale ?? 100}
                    onChange={(scale) => set((now) => (now.scale = scale), 'scale')}
                />
                <NumberField
                    label="Turn of the piece in degrees, clockwise"
                    unit="°"
                    least={-180}
                    most={180}
                    digits={1}
                    value={settings?.turn ?? 0}
                    onChange={(turn) => set((now) => (now.turn = turn), 'turn')}
                />
            </Row>
            <Row name="Words">
                <Button look="words" small onClick={() => addLineInPiece(store, motif.id, piece, rack)}>
                    Put words into the piece
                </Button>
            </Row>
            {second.length > 0 && (
                <Row name={`${mates.length} alike`}>
                    <FilmChoice
                        label="Film of every second piece like it"
                        value=""
                        none="every second in…"
                        onChange={(film) =>
                            film && change(withPieces(motif.id, second, (now) => (now.film = film.id), film))
                        }
                    />
                    <Button look="away" small onClick={() => remove(mates)}>
                        Remove all
                    </Button>
                </Row>
            )}
        </Rows>
    );
}
