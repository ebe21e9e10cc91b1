import type { Comparison } from '../../api/client';
import { Modal } from '../../ui/Modal';
import { Button } from '../../ui/Button';
import type { Compared } from '../state/comparison';
import { useBench, useBenchStore } from '../state/store';

/** Two windows changed the design: shows both sets of changes to choose from. Nothing is lost. */
export function ConflictDialog() {
    const compared = useBench((bench) => bench.compared);
    const { compareAgain, settle } = useBenchStore().getState();
    const comparison = compared?.state === 'there' ? compared.comparison : null;
    return (
        <Modal open={compared !== null} title="Changed in another window" wide>
            {comparison ? (
                <>
                    <p className="text-quiet">
                        The design was also changed in another window. Choose which changes to keep; the others stay in
                        the history.
                    </p>
                    <div className="mt-4 grid grid-cols-2 gap-4">
                        <Changes title="In the other window" changes={comparison.theirs} />
                        <Changes title="Here" changes={comparison.ours} />
                    </div>
                    <div className="mt-5 flex flex-wrap justify-end gap-2">
                        <Button className="px-4" onClick={() => settle('theirs')}>
                            Keep the other one
                        </Button>
                        <Button className="px-4" onClick={() => settle('ours')}>
                            Keep this one
                        </Button>
                        {comparison.merged && (
                            <Button look="main" onClick={() => settle('both')}>
                                Keep both changes
                            </Button>
                        )}
                    </div>
                    {!comparison.merged && (
                        <p className="mt-3 text-right text-xs text-quiet">
                            Both changed the same thing, so the changes can’t be merged.
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
                The changes can’t be compared now: {compared.why} What you typed is still on this page.
            </p>
            <p className="mt-4 text-right">
                <Button className="px-4" onClick={onAgain}>
                    Try again
                </Button>
            </p>
        </>
    ) : (
        <p className="text-quiet">Comparing the changes…</p>
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
                {changes.length === 0 && <li className="text-quiet">No visible change.</li>}
            </ul>
        </section>
    );
}
