import type { SheetSnag } from '../../api/client';
import { useBenchStore } from '../state/store';
import { FixButtons } from '../shared/FixButtons';
import { useStage } from './StageView';

/** The note beside a chosen pin: what is wrong, by how much, and how to mend it. */
export function SnagNote({ snag }: { snag: SheetSnag }) {
    const { box, pixel } = useStage();
    const { showSnag } = useBenchStore().getState();
    const left = snag.x === null ? 40 : (snag.x - box.left) / pixel + 28;
    const top = snag.y === null ? 40 : (snag.y - box.top) / pixel - 30;
    const room = { width: box.width / pixel, height: box.height / pixel };
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
                <button
                    aria-label="Close the note"
                    className="self-start px-1 leading-none"
                    onClick={() => showSnag(null)}
                >
                    ×
                </button>
            </p>
            <p className="stitch mt-2 pt-2 text-quiet">{snag.cure}</p>
            <FixButtons snag={snag} />
        </div>
    );
}
