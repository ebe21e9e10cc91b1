import type { Saving } from './useDesign';

/** Says whether what is on the screen is saved. */
export function SavedNote({ saving }: { saving: Saving }) {
    switch (saving.state) {
        case 'saved':
            return (
                <p role="status" className="text-xs whitespace-nowrap opacity-75">
                    All saved {saving.at.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}
                </p>
            );
        case 'saving':
            return (
                <p role="status" className="text-xs whitespace-nowrap opacity-75">
                    Saving…
                </p>
            );
        case 'waiting':
            return (
                <p role="alert" className="rounded-[3px] bg-madder px-2 py-0.5 text-xs font-semibold">
                    Not saved: the server can’t be reached. What you typed stays here; it is tried again.
                </p>
            );
        case 'refused':
            return (
                <p
                    role="alert"
                    className="truncate rounded-[3px] bg-madder px-2 py-0.5 text-xs font-semibold"
                    title={saving.why}
                >
                    Not saved: {saving.why}
                </p>
            );
        case 'conflict':
            return (
                <p
                    role="alert"
                    className="flex items-center gap-2 rounded-[3px] bg-madder px-2 py-0.5 text-xs font-semibold"
                    title={saving.why}
                >
                    Not saved: changed in another window.
                    <button className="underline" onClick={() => window.location.reload()}>
                        Open it again
                    </button>
                </p>
            );
    }
}
