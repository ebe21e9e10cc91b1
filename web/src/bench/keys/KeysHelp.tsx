import { Button } from '../../ui/Button';
import { KeyList } from '../../ui/KeyList';
import type { Key } from '../../ui/keys';
import { Modal } from '../../ui/Modal';
import { groups } from './benchKeys';

/** The keys, grouped by task. */
export function KeysHelp({ keys, onClose }: { keys: readonly Key[]; onClose: () => void }) {
    return (
        <Modal open title="Keys" onClose={onClose} widest>
            <KeyList keys={keys} groups={groups} />
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
