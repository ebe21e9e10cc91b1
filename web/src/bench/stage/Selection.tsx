import { isLine } from '../model/edits';
import { isPlaced } from '../model/follows';
import { svgMatrix } from '../model/pose';
import { cardOf, partOf } from '../state/select';
import { useBench } from '../state/store';
import { Grips } from './Grips';
import { useStage } from './StageView';

interface Props {
    card: string;
    /** Whether it is the only one, which can be sized and turned. */
    alone: boolean;
}

/**
 * A chosen part: a basting stitch round its ink, with chalk corners to size it by and a thread with a needle's eye to turn it by. A
 * locked part has neither.
 */
export function Selection({ card: id, alone }: Props) {
    const { pixel } = useStage();
    const card = useBench((bench) => cardOf(bench.design, id));
    const part = useBench((bench) => partOf(bench, id));
    const pose = useBench(({ gesture }) => (gesture?.cards.includes(id) ? gesture.pose : null));
    if (!card || !part?.ink) {
        return null;
    }
    // Lines on a path are sized by their letters.
    const isSized = !isLine(card) || !isPlaced(card);
    const pad = 7 * pixel;
    const [x, y] = [part.width / 2 + pad, part.height / 2 + pad];
    const stitch = `M${-x} ${-y}H${x}V${y}H${-x}Z`;
    return (
        <g transform={pose ? svgMatrix(pose) : undefined} data-part="selection">
            <g
                fill="none"
                transform={`translate(${part.middleX} ${part.middleY}) rotate(${part.turn})`}
                strokeLinejoin="round"
            >
                <path d={stitch} className="stroke-ink" strokeOpacity=".35" strokeWidth="3" {...steady} />
                <path d={stitch} className="stroke-basting" strokeWidth="1.6" strokeDasharray="7 5" {...steady} />
                {!card.locked && alone && <Grips x={x} y={y} pixel={pixel} sized={isSized} />}
            </g>
        </g>
    );
}

const steady = { vectorEffect: 'non-scaling-stroke' } as const;
