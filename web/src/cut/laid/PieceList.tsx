import type { FilmLayoutCard } from '../../api/client';
import { Button } from '../../ui/Button';
import { Modal } from '../../ui/Modal';

interface Props {
    films: readonly FilmLayoutCard[];
    open: boolean;
    onClose: () => void;
}

/** The pieces of each film by the numbers that are cut beside them, to be printed. */
export function PieceList({ films, open, onClose }: Props) {
    return (
        <Modal open={open} title="Pieces by number" onClose={onClose} widest>
            <div data-print className="max-h-[60vh] overflow-y-auto print:max-h-none">
                {films.map((film) => (
                    <table key={film.film} className="mt-2 w-full text-left text-sm">
                        <caption className="heading text-left">{film.name}</caption>
                        <thead>
                            <tr className="text-xs text-quiet">
                                <th className="w-14 font-normal">No.</th>
                                <th className="font-normal">Design</th>
                                <th className="w-20 font-normal">Copy</th>
                                <th className="w-24 font-normal">Cut from</th>
                            </tr>
                        </thead>
                        <tbody>
                            {film.pieces.map(({ number, mark, name, copy, stock }) => (
                                <tr key={number} className="border-t border-seam">
                                    <td className="font-semibold">{mark}</td>
                                    <td>{name}</td>
                                    <td>{copy}</td>
                                    <td>{stock === '' ? 'not laid out' : kindOf(film, stock)}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                ))}
            </div>
            <div className="mt-3 flex gap-2 print:hidden">
                <Button look="main" className="flex-1" onClick={() => window.print()}>
                    Print
                </Button>
                <Button onClick={onClose}>Close</Button>
            </div>
        </Modal>
    );
}

/** The kind of film that a piece is cut from, and of a sheet its number. */
function kindOf({ stocks }: FilmLayoutCard, id: string): string {
    const kind = stocks.find((stock) => stock.id === id)?.kind ?? '';
    return kind === 'sheet' ? `sheet ${id.replace(/^\D+/, '')}` : kind;
}
