import { Modal } from '../ui/Modal';
import type { Key } from '../ui/keys';

/** The keys, and what each does. */
export function KeysHelp({ keys, open, onClose }: { keys: readonly Key[]; open: boolean; onClose: () => void }) {
    return (
        <Modal open={open} title="Keys" onClose={onClose} wide>
            <dl className="columns-2 gap-6">
                {keys.map((key) => (
                    <div key={key.press} className="mb-1.5 grid break-inside-avoid grid-cols-[108px_1fr] gap-x-3">
                        <dt className="text-right">
                            <kbd className="rounded-[2px] border border-seam bg-muslin px-1.5 py-0.5 font-sans text-xs whitespace-nowrap">
                                {key.press.replace('Arrow', '').replaceAll(/\+(?=.)/g, ' + ')}
                            </kbd>
                        </dt>
                        <dd>{key.does}</dd>
                    </div>
                ))}
            </dl>
            <p className="stitch mt-3 pt-3 text-quiet">
                On the stage, dragging beside the lettering moves the view; the wheel moves it too, and with Ctrl it
                zooms. While a line is dragged, Alt keeps it from snapping, and Shift lets a corner change the
                proportions.
            </p>
            <button className="field mt-4 w-full font-semibold text-indigo hover:border-indigo" onClick={onClose}>
                Close
            </button>
        </Modal>
    );
}
