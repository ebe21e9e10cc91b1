import { useFabric } from './fabric';

/** A cap from the front, 190 mm wide; measured from the middle of the seam between crown and peak. */
export function Cap({ colour }: { colour: string }) {
    const fabric = useFabric(colour, 0.35);
    return (
        <g>
            {fabric.defs}
            {fabric.cloth('M-95 6 C-100 -70 -62 -122 0 -124 C62 -122 100 -70 95 6 C50 -8 -50 -8 -95 6Z')}
            {fabric.seam('M-62 -2 C-66 -60 -44 -104 -12 -122')}
            {fabric.seam('M62 -2 C66 -60 44 -104 12 -122')}
            {fabric.stitch('M-66 -2 C-70 -60 -48 -104 -16 -122')}
            {fabric.stitch('M66 -2 C70 -60 48 -104 16 -122')}
            {fabric.cloth('M-7 -124 C-7 -130 7 -130 7 -124 C4 -121 -4 -121 -7 -124Z')}
            {[-80, 80].map((x) => (
                <circle
                    key={x}
                    cx={x}
                    cy="-58"
                    r="2.6"
                    fill="none"
                    stroke="#000"
                    strokeOpacity=".45"
                    strokeWidth="1.4"
                />
            ))}
            {fabric.cloth(
                'M-95 6 C-50 -8 50 -8 95 6 C112 18 120 34 118 44 C70 26 -70 26 -118 44 C-120 34 -112 18 -95 6Z',
            )}
            {fabric.stitch('M-100 14 C-52 0 52 0 100 14')}
            {fabric.stitch('M-107 24 C-56 9 56 9 107 24')}
            {fabric.stitch('M-113 34 C-60 18 60 18 113 34')}
            <path d="M-118 44 C-70 26 70 26 118 44 C70 34 -70 34 -118 44Z" fill="#000" fillOpacity=".35" />
        </g>
    );
}
