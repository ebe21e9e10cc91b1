import { useBench } from '../state/store';
import { useStage } from './StageView';

/** Snags as numbered dressmaker's pins at their places. */
export function Pins() {
    const { pixel } = useStage();
    const snags = useBench((bench) => bench.sheet.snags);
    const chosen = useBench((bench) => bench.snag);
    return snags.map(
        ({ number, x, y, message, blocks }) =>
            x !== null &&
            y !== null && (
                <g
                    key={number}
                    transform={`translate(${x} ${y}) scale(${pixel})`}
                    className="pointer-events-auto cursor-pointer"
                    data-pin={number}
                >
                    <title>{message}</title>
                    {number === chosen && (
                        <circle r="26" fill="none" className="stroke-basting" strokeWidth="2" strokeDasharray="5 4" />
                    )}
                    <path d="M0 0L5 -20" className="stroke-pin" strokeWidth="2" />
                    <path d="M0 0L5 -20" className="stroke-quiet" strokeWidth=".6" />
                    <circle
                        cx="6"
                        cy="-27"
                        r="9.5"
                        className={`stroke-white ${blocks ? 'fill-madder' : 'fill-marigold-deep'}`}
                        strokeOpacity=".7"
                    />
                    <text x="6" y="-23" textAnchor="middle" fontSize="11" fontWeight="700" className="fill-white">
                        {number}
                    </text>
                </g>
            ),
    );
}
