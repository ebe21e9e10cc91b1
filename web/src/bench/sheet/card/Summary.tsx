import type { Card } from '../../model/edits';
import { settingsOf } from '../../model/summary';
import { useBench, useBenchStore } from '../../state/store';

/** A card's settings in one line; each part leads to its field. */
export function Summary({ card }: { card: Card }) {
    const design = useBench((bench) => bench.design);
    const { open } = useBenchStore().getState();
    const settings = settingsOf(card, design);
    return settings.length === 0 ? null : (
        <p className="flex max-h-9 flex-wrap gap-x-1 overflow-y-auto text-xs leading-[18px]" aria-label="Settings">
            {settings.map(({ words, drawer, field }, at) => (
                <span key={`${drawer} ${field}`} className="flex min-w-0 gap-1">
                    {at > 0 && (
                        <span aria-hidden className="text-quiet">
                            ·
                        </span>
                    )}
                    <button
                        className="truncate text-left text-quiet hover:text-indigo hover:underline"
                        onClick={() => open(drawer, field)}
                    >
                        {words}
                    </button>
                </span>
            ))}
        </p>
    );
}
