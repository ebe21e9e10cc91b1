import { LengthField } from '../../ui/LengthField';
import { NumberField } from '../../ui/NumberField';
import { withTheirs } from '../model/edits';
import { frameRound, poseOf, withAsOne, type AsOne } from '../model/posed';
import { useBench, useBenchStore } from '../state/store';

/** Width and rotation of several cards together, about their middle. */
export function AsOneFields({ chosen }: { chosen: readonly string[] }) {
    const unit = useBench((bench) => bench.design.unit);
    const sheet = useBench((bench) => bench.sheet);
    const design = useBench((bench) => bench.design);
    const { carry } = useBenchStore().getState();
    const cards = withTheirs(design, chosen);
    const frame = frameRound(cards, sheet);
    if (!frame) {
        return null;
    }
    const change = (next: Partial<AsOne>) => {
        const all = { x: frame.left + frame.width / 2, y: frame.top + frame.height / 2, scale: 1, turn: 0, ...next };
        carry(cards, poseOf(all), withAsOne(cards, all, sheet));
    };
    return (
        <span className="flex gap-1.5">
            <LengthField
                label="Width of all together"
                note="wide"
                unit={unit}
                least={500}
                value={frame.width}
                onChange={(width) => change({ scale: width / frame.width })}
            />
            <NumberField
                label="Rotate all, in degrees clockwise"
                unit="° turn"
                least={-180}
                most={180}
                digits={1}
                value={0}
                onChange={(turn) => turn !== 0 && change({ turn })}
            />
        </span>
    );
}
