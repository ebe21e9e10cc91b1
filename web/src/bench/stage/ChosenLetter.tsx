import { lineOf, partOf } from '../state/select';
import { useBench } from '../state/store';
import { useStage } from './StageView';

/** The chosen letter of a line, to be dragged: its word is welded anew on the way. */
export function ChosenLetter({ card }: { card: string }) {
    const { pixel } = useStage();
    const at = useBench((bench) => bench.letter);
    const line = useBench((bench) => lineOf(bench.design, card));
    const part = useBench((bench) => partOf(bench, card));
    const frame = part?.letters.find((letter) => letter.at === at)?.frame;
    if (!frame || !line) {
        return null;
    }
    const pad = 3 * pixel;
    return (
        <rect
            data-part="letter"
            data-grip={line.locked ? undefined : 'letter'}
            x={frame.left - pad}
            y={frame.top - pad}
            width={frame.width + 2 * pad}
            height={frame.height + 2 * pad}
            className="pointer-events-auto cursor-move touch-none fill-basting stroke-basting"
            fillOpacity=".12"
            strokeWidth="1.6"
            strokeDasharray="3 3"
            vectorEffect="non-scaling-stroke"
            pointerEvents="all"
        />
    );
}
