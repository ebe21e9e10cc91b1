import { Button } from '../../ui/Button';
import type { Arrival } from '../model/arrival';
import { withLine } from '../model/edits';
import { lineOf, openCard } from '../state/select';
import { useBench, useBenchStore } from '../state/store';

/** Results of dropped files. */
export function ArrivalsList({ arrivals }: { arrivals: readonly Arrival[] }) {
    const line = useBench((bench) => lineOf(bench.design, openCard(bench))?.id);
    const { change, look } = useBenchStore().getState();
    return (
        <section
            aria-label="Files that came in"
            role="status"
            className="card fixed right-4 bottom-14 z-30 max-h-72 w-80 overflow-y-auto p-3"
        >
            <div className="flex justify-between gap-3">
                <h2 className="heading">Files</h2>
                <Button look="words" onClick={() => look({ arrivals: [] })}>
                    Close
                </Button>
            </div>
            <ul className="mt-2 grid gap-2">
                {arrivals.map(({ file, said, failed, font }) => (
                    <li key={file} role={failed ? 'alert' : undefined}>
                        <b className="block truncate text-xs">{file}</b>
                        {said.map((sentence) => (
                            <p key={sentence} className={failed ? 'text-madder' : ''}>
                                {sentence}
                            </p>
                        ))}
                        {font && line && (
                            <Button
                                look="words"
                                onClick={() => change(withLine(line, ({ lettering }) => (lettering.font = font)))}
                            >
                                Use it for the line
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
        </section>
    );
}
