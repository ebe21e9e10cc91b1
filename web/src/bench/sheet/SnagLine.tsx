import { lazy, Suspense, useState } from 'react';
import type { SheetSnag } from '../../api/client';
import { FixButtons } from '../shared/FixButtons';
import { useBench, useBenchStore } from '../state/store';

const TidiedList = lazy(() => import('./TidiedList').then(({ TidiedList }) => ({ default: TidiedList })));

/** What will go wrong, in one line until it is opened; beside it what was tidied away. */
export function SnagLine() {
    const snags = useBench((bench) => bench.sheet.snags);
    const tidied = useBench((bench) => bench.sheet.removals.length);
    const checked = useBench((bench) => bench.checked);
    const { look } = useBenchStore().getState();
    const [open, setOpen] = useState<'snags' | 'tidied' | null>(null);
    const toggle = (what: 'snags' | 'tidied') => {
        const next = open === what ? null : what;
        setOpen(next);
        look({ tidied: next === 'tidied' ? 'after' : 'not' });
    };
    const hasSnags = snags.length > 0;
    return (
        <section aria-label="Snags" className="flex max-h-64 shrink-0 flex-col border-t border-seam">
            {open === 'snags' && hasSnags && <SnagList snags={snags} />}
            <Suspense>{open === 'tidied' && tidied > 0 && <TidiedList />}</Suspense>
            <Told snags={snags} checked={checked} />
            <div className="flex min-h-9 shrink-0 items-center gap-3 px-3">
                <button
                    aria-expanded={hasSnags ? open === 'snags' : undefined}
                    className="min-w-0 flex-1 text-left enabled:hover:underline"
                    disabled={!hasSnags}
                    onClick={() => toggle('snags')}
                >
                    <Counts snags={snags} checked={checked} />
                </button>
                {tidied > 0 && (
                    <button
                        aria-expanded={open === 'tidied'}
                        className="text-xs whitespace-nowrap text-quiet hover:underline"
                        onClick={() => toggle('tidied')}
                    >
                        {tidied} tidied
                    </button>
                )}
            </div>
        </section>
    );
}

/** The same for screen readers, once all checks are in. */
function Told({ snags, checked }: { snags: readonly SheetSnag[]; checked: boolean }) {
    const blocking = snags.filter(({ blocks }) => blocks).length;
    return (
        <p role="status" aria-live="polite" className="sr-only">
            {checked &&
                (snags.length === 0 ? 'No problems.' : `${blocking} to mend, ${snags.length - blocking} to look at.`)}
        </p>
    );
}

/** How many there are of what kind; that all is well only once everything is checked. */
function Counts({ snags, checked }: { snags: readonly SheetSnag[]; checked: boolean }) {
    const blocking = snags.filter(({ blocks }) => blocks).length;
    const others = snags.length - blocking;
    const said = [
        blocking > 0 && { count: blocking, words: 'to mend', tone: 'text-madder' },
        others > 0 && { count: others, words: 'to look at', tone: 'text-marigold-deep' },
    ].filter((entry) => entry !== false);
    return (
        <span>
            {said.map(({ count, words, tone }, at) => (
                <span key={words}>
                    {at > 0 && ' · '}
                    <b className={tone}>{count}</b> {words}
                </span>
            ))}
            {said.length === 0 && checked && <b className="text-sage-deep">No problems: ready to cut.</b>}
            {!checked && <span className="text-quiet">{said.length > 0 ? ' · checking…' : 'Checking…'}</span>}
        </span>
    );
}

/** The snags, the worst first, with the numbers of their pins; choosing one shows its place. */
function SnagList({ snags }: { snags: readonly SheetSnag[] }) {
    const chosen = useBench((bench) => bench.snag);
    const { showSnag } = useBenchStore().getState();
    const worstFirst = [...snags].sort((a, b) => Number(b.blocks) - Number(a.blocks));
    return (
        <ol className="grid min-h-0 gap-1.5 overflow-y-auto px-3 pt-2">
            {worstFirst.map((snag) => (
                <li key={snag.number}>
                    <button
                        aria-pressed={snag.number === chosen}
                        className={`card grid w-full grid-cols-[auto_1fr] gap-x-2 px-2.5 py-1.5 text-left hover:border-quiet ${snag.number === chosen ? 'border-marigold!' : ''}`}
                        onClick={() => showSnag(snag)}
                    >
                        <b className={snag.blocks ? 'text-madder' : 'text-marigold-deep'}>{snag.number}</b>
                        <span>
                            {snag.message} <span className="text-quiet">{snag.cure}</span>
                        </span>
                    </button>
                    <FixButtons snag={snag} />
                </li>
            ))}
        </ol>
    );
}
