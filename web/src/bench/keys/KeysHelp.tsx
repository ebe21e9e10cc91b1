import { Button } from '../../ui/Button';
import type { Key } from '../../ui/keys';
import { Modal } from '../../ui/Modal';
import { groups } from './benchKeys';

/** The keys, grouped by what one is doing, all in sight. */
export function KeysHelp({ keys, onClose }: { keys: readonly Key[]; onClose: () => void }) {
    return (
        <Modal open title="Keys" onClose={onClose} widest>
            <div className="columns-3 gap-6 text-xs">
                {groups.map((group) => (
                    <section key={group} className="mb-3 break-inside-avoid">
                        <h2 className="heading mb-1">{group}</h2>
                        <dl className="grid grid-cols-[92px_1fr] gap-x-2.5 gap-y-1">
                            {keys
                                .filter((key) => key.group === group && key.does !== '')
                                .map(({ press, show = press, does }) => (
                                    <div key={press} className="contents">
                                        <dt className="text-right">
                                            <kbd className="rounded-[2px] border border-seam bg-muslin px-1 font-sans text-2xs whitespace-nowrap">
                                                {written(show).replaceAll(/\+(?=.)/g, ' + ')}
                                            </kbd>
                                        </dt>
                                        <dd>{does}</dd>
                                    </div>
                                ))}
                        </dl>
                    </section>
                ))}
            </div>
            <p className="stitch mt-1 pt-2 text-xs text-quiet">
                On the stage: drag beside the lettering to move the view, turn the wheel to move it, with Ctrl to zoom.
                While you drag, Alt keeps things from snapping, and Shift lets a corner change the proportions. Shift
                and a click choose one more; Shift and a drag draw a lasso. A right click offers what can be done.
            </p>
            <Button className="mt-3 w-full" onClick={onClose}>
                Close
            </Button>
        </Modal>
    );
}

/** As it is written on keyboards. */
const written = (press: string) => press.replace('Arrow', '').replace(/(?<=^|\+)[a-z]$/, (key) => key.toUpperCase());
