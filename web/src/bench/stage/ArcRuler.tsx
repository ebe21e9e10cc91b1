import type { Unit } from '../../api/client';
import { useStage } from './StageView';
import { steps } from './tapeSteps';

/** A tape ruler along the outside of a circle's lower half, centred on 0, 0, in µm; counts from the middle to both sides. */
export function ArcRuler({ radius, unit }: { radius: number; unit: Unit }) {
    const { pixel } = useStage();
    const { small, every } = steps(unit, pixel);
    const scale = unit === 'mm' ? 1000 : 25400;
    const outer = radius + 18 * pixel;
    const most = Math.floor((Math.PI * radius) / 2 / small);
    const marks = Array.from({ length: 2 * most + 1 }, (_, at) => at - most);
    const at = (mark: number, from: number) => {
        const angle = Math.PI / 2 - (mark * small) / radius;
        return `${from * Math.cos(angle)} ${from * Math.sin(angle)}`;
    };
    return (
        <g pointerEvents="none" data-part="arc ruler">
            <path
                d={`M${-radius} 0A${radius} ${radius} 0 0 0 ${radius} 0H${outer}A${outer} ${outer} 0 0 1 ${-outer} 0Z`}
                className="fill-ruler"
            />
            <path
                d={marks
                    .map((mark) => `M${at(mark, radius)}L${at(mark, radius + (mark % every === 0 ? 9 : 5) * pixel)}`)
                    .join('')}
                className="stroke-ink"
                vectorEffect="non-scaling-stroke"
            />
            {marks
                .filter((mark) => mark % every === 0 && Math.abs(mark) < most)
                .map((mark) => (
                    <text
                        key={mark}
                        fontSize="10"
                        className="fill-ink"
                        textAnchor="middle"
                        transform={`translate(${at(mark, radius + 15 * pixel)}) rotate(${(-mark * small * 180) / Math.PI / radius}) scale(${pixel})`}
                    >
                        {String(Math.round((Math.abs(mark * small) / scale) * 100) / 100)}
                    </text>
                ))}
        </g>
    );
}
