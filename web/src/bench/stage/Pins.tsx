import type { SheetSnag } from '../../api/client';

interface Props {
    snags: readonly SheetSnag[];
    chosen: number | null;
    pixel: number;
    onChoose: (snag: SheetSnag) => void;
}

/** Snags as numbered dressmaker's pins, stuck in where they are. */
export function Pins({ snags, chosen, pixel, onChoose }: Props) {
    return (
        <g>
            {snags.map(
                (snag) =>
                    snag.x !== null &&
                    snag.y !== null && (
                        <g
                            key={snag.number}
                            transform={`translate(${snag.x} ${snag.y}) scale(${pixel})`}
                            className="pointer-events-auto cursor-pointer"
                            data-pin={snag.number}
                            onPointerDown={(event) => event.stopPropagation()}
                            onClick={() => onChoose(snag)}
                        >
                            <title>{snag.message}</title>
                            {snag.number === chosen && (
                                <circle r="26" fill="none" stroke="#f3a63b" strokeWidth="2" strokeDasharray="5 4" />
                            )}
                            <path d="M0 0L5 -20" stroke="#e9e5da" strokeWidth="2" />
                            <path d="M0 0L5 -20" stroke="#5c5a66" strokeWidth=".6" />
                            <circle
                                cx="6"
                                cy="-27"
                                r="9.5"
                                fill={snag.blocks ? '#b3372f' : '#9a5708'}
                                stroke="#fff"
                                strokeOpacity=".7"
                            />
                            <text x="6" y="-23" textAnchor="middle" fontSize="11" fontWeight="700" fill="#fff">
                                {snag.number}
                            </text>
                        </g>
                    ),
            )}
        </g>
    );
}
