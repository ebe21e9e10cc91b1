import { useBench } from '../state/store';
import { useStage } from './StageView';

/** Chalk lines where a dragged part snapped. */
export function Guides() {
    const { box } = useStage();
    const guides = useBench((bench) => bench.gesture?.guides);
    return guides ? (
        <g pointerEvents="none" data-part="guides">
            {guides.map(({ across, at }) => (
                <path
                    key={`${String(across)} ${at}`}
                    d={across ? `M${box.left} ${at}h${box.width}` : `M${at} ${box.top}v${box.height}`}
                    className="stroke-basting"
                    strokeDasharray="2 4"
                    vectorEffect="non-scaling-stroke"
                />
            ))}
        </g>
    ) : null;
}
