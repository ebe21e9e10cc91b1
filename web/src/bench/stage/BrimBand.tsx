import type { Placement } from '../../api/client';
import { showWithUnit } from '../../measure';
import { useBench } from '../state/store';
import { ArcRuler } from './ArcRuler';
import { Chalked } from './Chalked';
import { useStage } from './StageView';
import { TapeRuler } from './TapeRuler';

/** A brim's printable band, with rulers inwards from the edge and along it. */
export function BrimBand({ placement, brim }: { placement: Placement; brim: NonNullable<Placement['brim']> }) {
    const { pixel, chalk } = useStage();
    const unit = useBench((bench) => bench.design.unit);
    const inset = placement.from.find(({ edge }) => edge === 'brim')?.distance;
    const line = {
        fill: 'none',
        stroke: chalk,
        strokeOpacity: 0.8,
        strokeDasharray: '2 5',
        vectorEffect: 'non-scaling-stroke',
    } as const;
    const { edge, crown } = brim;
    return (
        <g data-part="band">
            <clipPath id="band">
                <rect x={-placement.width / 2} width={placement.width} height={placement.height} />
            </clipPath>
            <g transform={`translate(${-placement.across} ${-placement.down})`}>
                <g clipPath="url(#band)">
                    <path
                        d={`${circle(edge)}${circle(crown)}M${-edge} 0h${edge - crown}M${crown} 0h${edge - crown}`}
                        {...line}
                    />
                    {inset !== undefined && (
                        <path d={circle(edge - inset)} {...line} strokeOpacity={0.4} strokeDasharray="1 6" />
                    )}
                </g>
                <ArcRuler radius={edge} unit={unit} />
                <TapeRuler length={edge - crown} unit={unit} x={-edge} y={-20 * pixel} />
                {inset !== undefined && (
                    <Chalked x={-58 * pixel} y={-16 * pixel}>
                        {`${showWithUnit(inset, unit).replace('.0 mm', ' mm')} in from the brim’s edge`}
                    </Chalked>
                )}
            </g>
        </g>
    );
}

const circle = (radius: number) =>
    `M${-radius} 0A${radius} ${radius} 0 1 0 ${radius} 0A${radius} ${radius} 0 1 0 ${-radius} 0Z`;
