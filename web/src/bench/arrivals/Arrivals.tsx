import { Button } from '../../ui/Button';
import { useFileDrop } from '../../ui/useFileDrop';
import { withLine } from '../model/edits';
import { lineOf, openCard } from '../state/select';
import { useBench, useBenchStore } from '../state/store';
import { useArrivals } from '../shared/useArrivals';

/** Says what can be dropped on the Bench, and what became of files that were. */
export function Arrivals() {
    const { takeIn } = useArrivals();
    const over = useFileDrop((files) => void takeIn(files));
    const arrivals = useBench((bench) => bench.arrivals);
    const line = useBench((bench) => lineOf(bench.design, openCard(bench))?.id);
    const { change, look } = useBenchStore().getState();
    return (
        <>
            {over && (
                <div
                    aria-hidden
                    className="pointer-events-none fixed inset-3 z-40 flex items-center justify-center rounded-[3px] border-2 border-dashed border-marigold bg-paper/80 text-lg font-bold"
                >
                    Drop an SVG file, a font or a design file
                </div>
            )}
            {arrivals.length > 0 && (
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
                                        onClick={() =>
                                            change(withLine(line, ({ lettering }) => (lettering.font = font)))
                                        }
                                    >
                                        Use it for the line
                                    </Button>
                                )}
                            </li>
                        ))}
                    </ul>
                </section>
            )}
        </>
    );
}
