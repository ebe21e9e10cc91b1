import { Button } from '../ui/Button';
import type { Arrived } from './useFontDrop';

interface Props {
    over: boolean;
    arrived: readonly Arrived[];
    onDismiss: () => void;
    /** Puts a font that came to use at once; left out where there is nothing to use it for. */
    onUse?: (font: string) => void;
}

/** Says that fonts can be dropped, and what became of those that were. */
export function FontArrivals({ over, arrived, onDismiss, onUse }: Props) {
    return (
        <>
            {over && (
                <div
                    aria-hidden
                    className="pointer-events-none fixed inset-3 z-40 flex items-center justify-center rounded-[3px] border-2 border-dashed border-marigold bg-paper/80 text-lg font-bold"
                >
                    Drop the fonts into the type case
                </div>
            )}
            {arrived.length > 0 && (
                <section
                    aria-label="New fonts"
                    role="status"
                    className="card fixed right-4 bottom-14 z-30 max-h-72 w-80 overflow-y-auto p-3"
                >
                    <div className="flex justify-between gap-3">
                        <h2 className="heading">Type case</h2>
                        <Button look="words" onClick={onDismiss}>
                            Close
                        </Button>
                    </div>
                    <ul className="mt-2 grid gap-2">
                        {arrived.map(({ file, font, said }) => (
                            <li key={file}>
                                <b className="block truncate text-xs">{file}</b>
                                <span className={font ? '' : 'text-madder'}>{said}</span>{' '}
                                {font && onUse && (
                                    <Button look="words" onClick={() => onUse(font)}>
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
