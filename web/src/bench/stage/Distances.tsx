import { show } from '../../measure';
import { distancesOf, offMiddle } from '../model/distances';
import { moved } from '../model/pose';
import { useBench } from '../state/store';
import { Plate } from './Plate';
import { useStage } from './StageView';

/** Distances of moved cards from neighbours, the area's edges and its centre. */
export function Distances() {
    const { pixel } = useStage();
    const gesture = useBench((bench) => bench.gesture);
    const sheet = useBench((bench) => bench.sheet);
    const unit = useBench((bench) => bench.design.unit);
    if (!gesture || gesture.handled) {
        return null;
    }
    const ink = moved(sheet, gesture.cards, gesture.pose);
    if (!ink) {
        return null;
    }
    const { right, down } = offMiddle(ink, sheet.area);
    const off = [
        Math.abs(right) >= 50 && `${show(Math.abs(right), unit)} ${right > 0 ? 'right of' : 'left of'}`,
        Math.abs(down) >= 50 && `${show(Math.abs(down), unit)} ${down > 0 ? 'below' : 'above'}`,
    ].filter((words) => words !== false);
    return (
        <g data-part="distances" pointerEvents="none">
            {distancesOf(ink, gesture.cards, sheet).map(({ x, y, across, length }, at) => (
                <g key={at}>
                    <path
                        d={across ? `M${x} ${y}h${length}` : `M${x} ${y}v${length}`}
                        className="stroke-basting"
                        strokeWidth="1.2"
                        vectorEffect="non-scaling-stroke"
                    />
                    {length > 16 * pixel && (
                        <Plate x={across ? x + length / 2 : x} y={across ? y : y + length / 2}>
                            {show(length, unit)}
                        </Plate>
                    )}
                </g>
            ))}
            <Plate x={ink.left} y={ink.top + ink.height + 22 * pixel} from="left">
                {off.length === 0 ? 'in the middle' : `${off.join(' and ')} the middle`}
            </Plate>
        </g>
    );
}
