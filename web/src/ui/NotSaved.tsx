import type { Note } from '../api/useKept';

/** What stood in the way of saving, with a button to try again where that is left to do. */
export function NotSaved({ note, stopped, onRetry }: { note: Note | null; stopped: boolean; onRetry: () => void }) {
    return (
        note && (
            <p role="alert" className="rounded-[3px] border border-madder p-2 text-madder">
                {note.text}
                {stopped && (
                    <button className="ml-2 font-semibold underline" onClick={onRetry}>
                        Try again
                    </button>
                )}
            </p>
        )
    );
}
