import { Swatch } from '../../../ui/Swatch';
import { isLine, withMotifFilm, type Card } from '../../model/edits';
import { FilmChoice } from '../../shared/FilmChoice';
import { PieceRows } from './PieceRows';
import { useBenchStore } from '../../state/store';

/** The colours of a motif with their films. */
export function ColoursDrawer({ card }: { card: Card }) {
    const { change } = useBenchStore().getState();
    return isLine(card) || !('colours' in card) ? null : (
        <>
            <ul className="grid gap-1.5">
                {card.colours.map(({ colour, film }, at) => (
                    <li key={colour} className="flex items-center gap-2">
                        <span title={`${colour} in the picture`} className="leading-none">
                            <Swatch colour={colour} />
                        </span>
                        <FilmChoice
                            label={`Film for ${colour}`}
                            field={`colour ${at + 1}`}
                            value={film}
                            none="left out"
                            onChange={(next) => change(withMotifFilm(card.id, at, next))}
                        />
                    </li>
                ))}
            </ul>
            <PieceRows motif={card} />
        </>
    );
}
