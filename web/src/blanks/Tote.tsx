import { useFabric } from './fabric';

/** A tote bag, 380 mm wide; measured from the middle of its top edge. */
export function Tote({ colour }: { colour: string }) {
    const fabric = useFabric(colour, 0.6);
    const strap = 'M-96 30 V-60 C-96 -150 -62 -188 0 -188 C62 -188 96 -150 96 -60 V30';
    return (
        <g>
            {fabric.defs}
            <path d={strap} transform="translate(0 -10)" fill="none" stroke={colour} strokeWidth="26" />
            <path
                d={strap}
                transform="translate(0 -10)"
                fill="none"
                stroke="#000"
                strokeOpacity=".22"
                strokeWidth="26"
            />
            {fabric.cloth(
                'M-188 0 H188 C190 140 192 280 190 408 C120 420 -120 420 -190 408 C-192 280 -190 140 -188 0Z',
            )}
            {fabric.fold('M-150 330 C-100 300 -60 360 -20 330')}
            {fabric.fold('M150 60 C130 110 140 150 160 190')}
            {fabric.fold('M-160 70 C-140 120 -150 160 -165 200')}
            {fabric.stitch('M-188 26 H188')}
            {fabric.stitch('M-188 32 H188')}
            {fabric.stitch('M-183 8 C-185 140 -187 280 -184 400')}
            {fabric.stitch('M183 8 C185 140 187 280 184 400')}
            <path d={strap} fill="none" stroke={colour} strokeWidth="27" />
            <path d={strap} fill="none" stroke="#000" strokeOpacity=".07" strokeWidth="27" />
            {fabric.stitch('M-105 30 V-60 C-105 -156 -66 -197 0 -197 C66 -197 105 -156 105 -60 V30')}
            {fabric.stitch('M-87 30 V-60 C-87 -144 -58 -179 0 -179 C58 -179 87 -144 87 -60 V30')}
            {[-96, 96].map((x) => (
                <g key={x}>{fabric.stitch(`M${x - 12} 4 h24 v24 h-24 Z m0 0 l24 24 m0 -24 l-24 24`)}</g>
            ))}
        </g>
    );
}
