import type { Unit } from '../../api/client';
import { useStage } from './StageView';
import { steps } from './tapeSteps';

interface Props {
    /** In µm, like x and y. */
    length: number;
    unit: Unit;
    x: number;
    y: number;
    upright?: boolean;
}

/** A tape ruler as long as what it measures. */
export function TapeRuler({ length, unit, x, y, upright }: Props) {
    const { pixel } = useStage();
    const thick = 18 * pixel;
    const { small, every } = steps(unit, pixel);
    const marks = Array.from({ length: Math.floor(length / small) + 1 }, (_, at) => at);
    const numbers = marks.filter((at) => at % every === 0);
    const place = (at: number) => at * small;
    const scale = unit === 'mm' ? 1000 : 25400;
    const text = { fontSize: 10, className: 'fill-ink' };
    return (
        <g transform={`translate(${x} ${y})`} pointerEvents="none">
            <rect width={upright ? thick : length} height={upright ? length : thick} className="fill-ruler" />
            <path
                d={marks
                    .map((at) => {
                        const tick = (at % every === 0 ? 9 : 5) * pixel;
                        return upright ? `M${thick} ${place(at)}h${-tick}` : `M${place(at)} ${thick}v${-tick}`;
                    })
                    .join('')}
                className="stroke-ink"
                vectorEffect="non-scaling-stroke"
            />
            {numbers.map((at) => {
                const label = String(Math.round((place(at) / scale) * 100) / 100);
                const fits = place(at) + (label.length * 6 + 4) * pixel <= length;
                if (!fits) {
                    return null;
                }
                return upright ? (
                    <text
                        key={at}
                        {...text}
                        transform={`translate(${9 * pixel} ${place(at) + 3 * pixel}) rotate(-90) scale(${pixel})`}
                        textAnchor="end"
                    >
                        {label}
                    </text>
                ) : (
                    <text
                        key={at}
                        {...text}
                        transform={`translate(${place(at) + 3 * pixel} ${9.5 * pixel}) scale(${pixel})`}
                    >
                        {label}
                    </text>
                );
            })}
        </g>
    );
}
