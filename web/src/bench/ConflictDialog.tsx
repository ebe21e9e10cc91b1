import type { Comparison } from '../api/client';
import { Modal } from '../ui/Modal';
import type { Compared } from './useComparison';
import type { Draft } from './useDesign';

/** Two people changed the design: what each changed, and what is to be. Nothing of either is lost. */
export function ConflictDialog({ draft }: { draft: Draft }) {
    const { compared, compareAgain, settle } = draft;
    const comparison = compared?.state === 'there' ? compared.comparison : null;
    return (
        <Modal open={compared !== null} title="Changed in another window" wide>
            {comparison ? (
                <>
                    <p className="text-quiet">
                        While you worked here, the design was changed in another window. Choose what it is to be; what
                        you don’t choose stays in the history.
                    </p>
                    <div className="mt-4 grid grid-cols-2 gap-4">
                        <Changes title="In the other window" changes={comparison.theirs} />
                        <Changes title="Here" changes={comparison.ours} />
                    </div>
                    <div className="mt-5 flex flex-wrap justify-end gap-2">
                        <Option onClick={() => settle('theirs')}>Take the other one</Option>
                        <Option onClick={() => settle('ours')}>Keep this one</Option>
                        {comparison.merged && (
                            <button
                                className="rounded-[3px] bg-marigold-deep px-4 py-1.5 font-bold text-white"
                                onClick={() => settle('both')}
                            >
                                Keep both changes
                            </button>
                        )}
                    </div>
                    {!comparison.merged && (
                        <p className="mt-3 text-right text-xs text-quiet">
                            Both changed the same thing, so they can’t be put together.
                        </p>
                    )}
                </>
            ) : (
                <Waiting compared={compared} onAgain={compareAgain} />
            )}
        </Modal>
    );
}

function Waiting({ compared, onAgain }: { compared: Compared | null; onAgain: () => void }) {
    return compared?.state === 'failed' ? (
        <>
            <p role="alert" className="text-madder">
                What was changed can’t be shown now: {compared.why} What you typed is still on this page.
            </p>
            <p className="mt-4 text-right">
                <Option onClick={onAgain}>Try again</Option>
            </p>
        </>
    ) : (
        <p className="text-quiet">Looking at what was changed…</p>
    );
}

function Changes({ title, changes }: { title: string; changes: Comparison['theirs'] }) {
    return (
        <section aria-label={title} className="card bg-muslin! p-3">
            <h2 className="heading mb-1.5">{title}</h2>
            <ul className="grid gap-1">
                {changes.map((change) => (
                    <li key={change} className="break-words">
                        {change}
                    </li>
                ))}
                {changes.length === 0 && <li className="text-quiet">Nothing that can be seen.</li>}
            </ul>
        </section>
    );
}

function Option({ onClick, children }: { onClick: () => void; children: string }) {
    return (
        <button className="field px-4 font-semibold text-indigo hover:border-indigo" onClick={onClick}>
            {children}
        </button>
    );
}
