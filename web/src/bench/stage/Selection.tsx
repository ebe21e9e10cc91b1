import type { Frame } from '../../api/client';

/** The chosen part: a basting stitch round its ink, with chalk corners. */
export function Selection({ frame, pixel }: { frame: Frame; pixel: number }) {
    const pad = 7 * pixel;
    const corner = 9 * pixel;
    const left = frame.left - pad;
    const top = frame.top - pad;
    const right = frame.left + frame.width + pad;
    const bottom = frame.top + frame.height + pad;
    return (
        <g fill="none" pointerEvents="none" data-part="selection">
            <path
                d={`M${left} ${top}H${right}V${bottom}H${left}Z`}
                stroke="#22243a"
                strokeOpacity=".35"
                strokeWidth="3"
                vectorEffect="non-scaling-stroke"
            />
            <path
                d={`M${left} ${top}H${right}V${bottom}H${left}Z`}
                stroke="#f3a63b"
                strokeWidth="1.6"
                strokeDasharray="7 5"
                vectorEffect="non-scaling-stroke"
            />
            <path
                d={`M${left} ${top + corner}V${top}H${left + corner}M${right - corner} ${top}H${right}V${top + corner}M${right} ${bottom - corner}V${bottom}H${right - corner}M${left + corner} ${bottom}H${left}V${bottom - corner}`}
                stroke="#fff"
                strokeWidth="2.4"
                vectorEffect="non-scaling-stroke"
            />
        </g>
    );
}
