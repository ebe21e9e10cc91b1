import { Button } from '../../ui/Button';
import { useBench, useBenchStore } from '../state/store';

const alarm = 'truncate rounded-[3px] bg-madder px-2 py-0.5 text-xs font-semibold';

/** Says whether all changes are saved. */
export function SavedNote() {
    const saving = useBench((bench) => bench.saving);
    const news = useBench((bench) => bench.news);
    const { retry } = useBenchStore().getState();
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
        case 'overtaken':
            return (
                <p role="alert" className={alarm}>
                    Not saved: changed in another window.
                </p>
            );
        case 'waiting':
        case 'stopped':
        case 'refused':
            return (
                <span className="flex min-w-0 items-center gap-2">
                    <p role="alert" className={alarm} title={`Not saved: ${saving.why}`}>
                        Not saved: {saving.why}
                    </p>
                    {saving.state !== 'refused' && (
                        <Button look="dark" small className="shrink-0" onClick={retry}>
                            Try now
                        </Button>
                    )}
                </span>
            );
    }
}
