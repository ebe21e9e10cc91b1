import { show } from '../../measure';
import { partOf } from '../state/select';
import { useBench } from '../state/store';
import { under } from '../model/pose';
import { Plate } from './Plate';
import { useStage } from './StageView';

/** The measure shown at the pointer while sizing, turning or bending. */
export function HandNote() {
    const { pixel } = useStage();
    const gesture = useBench((bench) => bench.gesture);
    const measured = useBench((bench) => bench.measured);
    const unit = useBench((bench) => bench.design.unit);
    const part = useBench((bench) => partOf(bench, bench.gesture?.card ?? null));
    if (measured) {
        return (
            <g data-part="hand-note">
                <Plate x={measured.x} y={measured.y - 26 * pixel}>
                    {measured.text}
                </Plate>
            </g>
        );
    }
    if (!gesture?.note || !part) {
        return null;
    }
    const { note, pose } = gesture;
    const middle = under(part.middleX, part.middleY, pose);
    return (
        <g data-part="hand-note">
            <Plate x={middle.x} y={middle.y + (part.height / 2) * Math.hypot(pose.c, pose.d) + 28 * pixel}>
                {'turn' in note ? `${note.turn}°` : `${show(note.width, unit)} × ${show(note.height, unit)} ${unit}`}
            </Plate>
        </g>
    );
}
