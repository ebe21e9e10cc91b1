import type { Design, SheetRemoval } from '../api/client';
import { cardName } from './edits';

interface Props {
    design: Design;
    removals: readonly SheetRemoval[];
    shown: boolean;
    onShow: (shown: boolean) => void;
    onLook: (x: number, y: number) => void;
    onKeep: (removal: SheetRemoval, keep: boolean) => void;
}

/** The rubbish of treatments that was tidied away: counted, listed when asked, and each to be kept instead. */
export function Tidied({ design, removals, shown, onShow, onLook, onKeep }: Props) {
    if (removals.length === 0) {
        return null;
    }
    return (
        <section aria-label="Tidied away" className="max-h-44 shrink-0 overflow-y-auto border-t border-seam px-3 py-2">
            <button
                aria-expanded={shown}
                className="flex w-full justify-between text-xs hover:underline"
                onClick={() => onShow(!shown)}
            >
                <span>
                    <b>{removals.filter(({ kept }) => !kept).length}</b> places tidied
                    {removals.some(({ kept }) => kept) && `, ${removals.filter(({ kept }) => kept).length} kept`}
                </span>
                <span className="font-semibold text-indigo">{shown ? 'Hide them' : 'Show them'}</span>
            </button>
            {shown && (
                <ul className="mt-1 grid gap-0.5 text-xs">
                    {removals.map((removal, at) => (
                        <li key={at} className="flex items-baseline gap-2">
                            <button
                                className="min-w-0 flex-1 truncate text-left hover:underline"
                                onClick={() => onLook(removal.x, removal.y)}
                            >
                                {removal.kind} {removal.fills ? 'filled' : 'dropped'} · {cardName(design, removal.card)}
                            </button>
                            <button
                                className="font-semibold text-indigo hover:underline"
                                onClick={() => onKeep(removal, !removal.kept)}
                            >
                                {removal.kept ? 'Tidy it' : 'Keep it'}
                            </button>
                        </li>
                    ))}
                </ul>
            )}
        </section>
    );
}
