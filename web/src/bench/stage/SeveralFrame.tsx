import { useShallow } from 'zustand/react/shallow';
import { withTheirs } from '../model/edits';
import { frameRound } from '../model/posed';
import { svgMatrix } from '../model/pose';
import { useBench } from '../state/store';
import { Grips } from './Grips';
import { useStage } from './StageView';

/** The frame around several chosen cards, to size and turn them as one. */
export function SeveralFrame() {
    const { pixel } = useStage();
    const chosen = useBench(useShallow(({ design, chosen }) => withTheirs(design, chosen)));
    const sheet = useBench((bench) => bench.sheet);
    const pose = useBench(({ gesture }) => gesture?.pose ?? null);
    const frame = frameRound(chosen, sheet);
    const pad = 14 * pixel;
    return (
        frame && (
            <g transform={pose ? svgMatrix(pose) : undefined} data-part="several-frame">
                <g transform={`translate(${frame.left + frame.width / 2} ${frame.top + frame.height / 2})`}>
                    <Grips x={frame.width / 2 + pad} y={frame.height / 2 + pad} pixel={pixel} sized />
                </g>
            </g>
        )
    );
}
