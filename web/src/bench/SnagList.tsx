import { Fixes } from './Fixes';
import type { SheetFix, SheetSnag } from '../api/client';

interface Props {
    snags: readonly SheetSnag[];
    chosen: SheetSnag | null;
    onChoose: (snag: SheetSnag) => void;
    onFix: (snag: SheetSnag, fix: SheetFix) => void;
}

/** What will go wrong, with the numbers of the pins on the stage; choosing one shows its place. */
export function SnagList({ snags, chosen, onChoose, onFix }: Props) {
    return (
        <section aria-label="Snags" className="max-h-44 shrink-0 overflow-y-auto border-t border-seam p-3">
            <h2 className="heading mb-1.5">Snags</h2>
            {snags.length === 0 ? (
                <p className="font-semibold text-sage-deep">Nothing in the way of the knife.</p>
            ) : (
                <ol className="grid gap-1.5">
                    {snags.map((snag) => (
                        <li key={snag.number}>
                            <button
                                aria-pressed={snag.number === chosen?.number}
                                className={`card grid w-full grid-cols-[auto_1fr] gap-x-2 px-2.5 py-1.5 text-left hover:border-quiet ${snag.number === chosen?.number ? 'border-marigold!' : ''}`}
                                onClick={() => onChoose(snag)}
                            >
                                <b className={snag.blocks ? 'text-madder' : 'text-marigold-deep'}>{snag.number}</b>
                                <span>
                                    {snag.message} <span className="text-quiet">{snag.cure}</span>
                                </span>
                            </button>
                            <Fixes snag={snag} onFix={onFix} />
                        </li>
                    ))}
                </ol>
            )}
        </section>
    );
}
