import { useFabric } from './fabric';

/** A crew-neck T-shirt, 520 mm across the chest; measured from the middle of the collar's lower edge. */
export function Tee({ colour, front }: { colour: string; front: boolean }) {
    const fabric = useFabric(colour);
    // The front neckline hangs lower, so seen from its lowest point the shoulders lie higher.
    const up = front ? -62 : 0;
    const rise = (y: number) => y + up;
    const neck = front
        ? `M-92 ${rise(-24)} C-84 -6 -42 0 0 0 C42 0 84 -6 92 ${rise(-24)}`
        : `M-92 -24 C-60 -3 -30 0 0 0 C30 0 60 -3 92 -24`;
    const body = `${neck} C150 ${rise(-6)} 205 ${rise(12)} 236 ${rise(26)} C268 ${rise(60)} 262 ${rise(150)} 260 ${rise(205)} C258 ${rise(330)} 256 ${rise(520)} 262 ${rise(690)} C130 ${rise(702)} -130 ${rise(702)} -262 ${rise(690)} C-256 ${rise(520)} -258 ${rise(330)} -260 ${rise(205)} C-262 ${rise(150)} -268 ${rise(60)} -236 ${rise(26)} C-205 ${rise(12)} -150 ${rise(-6)} -92 ${rise(-24)}Z`;
    const sleeve = (s: 1 | -1) =>
        `M${s * 236} ${rise(26)} C${s * 290} ${rise(48)} ${s * 352} ${rise(120)} ${s * 410} ${rise(212)} C${s * 372} ${rise(246)} ${s * 330} ${rise(262)} ${s * 300} ${rise(268)} L${s * 260} ${rise(205)} C${s * 262} ${rise(150)} ${s * 268} ${rise(60)} ${s * 236} ${rise(26)}Z`;
    const hem = (s: 1 | -1) =>
        `M${s * 403} ${rise(201)} C${s * 367} ${rise(233)} ${s * 327} ${rise(249)} ${s * 293} ${rise(256)}`;
    const collar = front
        ? `M-92 ${rise(-24)} C-84 -6 -42 0 0 0 C42 0 84 -6 92 ${rise(-24)} L80 ${rise(-34)} C72 -24 36 -17 0 -17 C-36 -17 -72 -24 -80 ${rise(-34)}Z`
        : `M-92 -24 C-60 -3 -30 0 0 0 C30 0 60 -3 92 -24 L80 -34 C52 -20 26 -17 0 -17 C-26 -17 -52 -20 -80 -34Z`;
    return (
        <g>
            {fabric.defs}
            {front && (
                <>
                    {fabric.cloth(
                        `M-82 ${rise(-33)} C-50 ${rise(-14)} 50 ${rise(-14)} 82 ${rise(-33)} C72 -20 36 -14 0 -14 C-36 -14 -72 -20 -82 ${rise(-33)}Z`,
                    )}
                    <path
                        d={`M-82 ${rise(-33)} C-50 ${rise(-14)} 50 ${rise(-14)} 82 ${rise(-33)} C72 -20 36 -14 0 -14 C-36 -14 -72 -20 -82 ${rise(-33)}Z`}
                        fill="#000"
                        fillOpacity=".3"
                    />
                </>
            )}
            {fabric.cloth(sleeve(-1))}
            {fabric.cloth(sleeve(1))}
            {fabric.stitch(hem(-1))}
            {fabric.stitch(hem(1))}
            {fabric.cloth(body)}
            {fabric.fold(`M-236 ${rise(250)} C-214 ${rise(330)} -222 ${rise(420)} -232 ${rise(500)}`)}
            {fabric.fold(`M238 ${rise(260)} C216 ${rise(350)} 226 ${rise(440)} 234 ${rise(540)}`)}
            {fabric.fold(`M-205 ${rise(640)} C-150 ${rise(600)} -120 ${rise(610)} -80 ${rise(650)}`)}
            {fabric.fold(`M226 ${rise(120)} C190 ${rise(150)} 176 ${rise(180)} 170 ${rise(215)}`)}
            {fabric.fold(`M-226 ${rise(118)} C-192 ${rise(150)} -178 ${rise(182)} -172 ${rise(220)}`)}
            {fabric.stitch(`M262 ${rise(672)} C130 ${rise(684)} -130 ${rise(684)} -262 ${rise(672)}`)}
            {fabric.cloth(collar)}
            {fabric.stitch(
                front
                    ? `M-99 ${rise(-19)} C-90 2 -44 6 0 6 C44 6 90 2 99 ${rise(-19)}`
                    : `M-98 -20 C-62 3 -30 6 0 6 C30 6 62 3 98 -20`,
            )}
        </g>
    );
}
