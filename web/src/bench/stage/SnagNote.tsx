import { Fixes } from '../Fixes';
import type { Frame, SheetFix, SheetSnag } from '../../api/client';

interface Props {
    snag: SheetSnag;
    view: Frame;
    pixel: number;
    onClose: () => void;
    onFix: (snag: SheetSnag, fix: SheetFix) => void;
}

/** What a chosen pin says, beside it: what is wrong, by how much, and what would mend it. */
export function SnagNote({ snag, view, pixel, onClose, onFix }: Props) {
    const left = snag.x === null ? 40 : (snag.x - view.left) / pixel + 28;
    const top = snag.y === null ? 40 : (snag.y - view.top) / pixel - 30;
    const room = { width: view.width / pixel, height: view.height / pixel };
    return (
        <div
            role="note"
            aria-label={`Snag ${snag.number}`}
            className="card absolute z-10 w-60 p-2.5"
            style={{
                left: Math.max(8, Math.min(left, room.width - 250)),
                top: Math.max(8, Math.min(top, room.height - 150)),
            }}
        >
            <p className="flex gap-2">
                <b className={snag.blocks ? 'text-madder' : 'text-marigold-deep'}>{snag.number}</b>
                <span className="flex-1">{snag.message}</span>
                <button aria-label="Close the note" className="self-start px-1 leading-none" onClick={onClose}>
                    ×
                </button>
            </p>
            <p className="stitch mt-2 pt-2 text-quiet">{snag.cure}</p>
            <Fixes snag={snag} onFix={onFix} />
        </div>
    );
}
