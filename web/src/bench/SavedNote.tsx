import type { Saving } from './useDesign';

/** Says whether what is on the screen is saved. */
export function SavedNote({ saving, news }: { saving: Saving; news: string | null }) {
    switch (saving.state) {
        case 'saved':
            return (
                <p role="status" className="truncate text-xs opacity-75">
                    {news ??
                        `All saved ${saving.at.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}`}
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
                <p
                    role="alert"
                    className="truncate rounded-[3px] bg-madder px-2 py-0.5 text-xs font-semibold"
                    title="Not saved: the server can’t be reached. What you typed stays here; it is tried again."
                >
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
                <p role="alert" className="truncate rounded-[3px] bg-madder px-2 py-0.5 text-xs font-semibold">
                    Not saved: changed in another window.
                </p>
            );
    }
}
