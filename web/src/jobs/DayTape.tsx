import type { Rail } from '../api/client';
import { TapeEntry } from '../ui/TapeEntry';
import { showFilm } from '../measure';

/** The tape along the rail's bottom: what the work in hand comes to. */
export function DayTape({ day }: { day: Rail['day'] }) {
    return (
        <footer
            aria-label="Work in hand"
            className="sticky bottom-0 flex h-[38px] shrink-0 items-stretch overflow-hidden border-t border-seam bg-tape whitespace-nowrap"
        >
            <TapeEntry name="Film to cut">{day.filmLength > 0 ? showFilm(day.filmLength, 'mm') : 'none'}</TapeEntry>
            {day.toWeed > 0 && (
                <TapeEntry name="To weed">{day.toWeed === 1 ? '1 piece' : `${day.toWeed} pieces`}</TapeEntry>
            )}
            <TapeEntry name="To press">
                {day.toPress.map(({ blank, quantity }) => `${quantity} × ${blank}`).join(', ') || 'nothing'}
            </TapeEntry>
        </footer>
    );
}
