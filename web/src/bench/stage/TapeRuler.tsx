import type { Unit } from '../../api/client';
import { useStage } from './StageView';

interface Props {
    /** In µm, as x and y are. */
    length: number;
    unit: Unit;
    x: number;
    y: number;
    upright?: boolean;
}

/** A piece of a tailor's tape, as long as what it measures. */
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

/** How far apart the marks are, in µm, and which of them have a number, so that they can be read. */
function steps(unit: Unit, pixel: number): { small: number; every: number } {
    const choices =
        unit === 'mm'
            ? ([
                  [1000, 10],
                  [5000, 4],
                  [10000, 5],
                  [20000, 5],
                  [50000, 4],
                  [100000, 5],
              ] as const)
            : ([
                  [25400 / 16, 16],
                  [25400 / 8, 8],
                  [25400 / 4, 4],
                  [25400 / 2, 2],
                  [25400, 4],
                  [25400 * 4, 3],
              ] as const);
    for (const [small, every] of choices) {
        if (small >= 5 * pixel && small * every >= 34 * pixel) {
            return { small, every };
        }
    }
    return { small: 1e6, every: 1 };
}
