import { useFabric } from './fabric';

/** A zipped pouch, 260 mm wide; measured from the middle of its zip. */
export function Pouch({ colour }: { colour: string }) {
    const fabric = useFabric(colour, 0.45);
    return (
        <g>
            {fabric.defs}
            {fabric.cloth(
                'M-126 -12 C-60 -16 60 -16 126 -12 C131 50 131 110 128 166 C128 174 122 178 114 178 C40 182 -40 182 -114 178 C-122 178 -128 174 -128 166 C-131 110 -131 50 -126 -12Z',
            )}
            {fabric.fold('M-100 150 C-50 130 0 162 50 142')}
            {fabric.fold('M108 40 C96 70 100 100 112 130')}
            <path d="M-122 0 C-60 -4 60 -4 122 0" fill="none" stroke="#000" strokeOpacity=".35" strokeWidth="13" />
            <path
                d="M-122 0 C-60 -4 60 -4 122 0"
                fill="none"
                stroke="#d8c9a4"
                strokeWidth="4"
                strokeDasharray="2 1.4"
            />
            {fabric.stitch('M-124 9 C-60 5 60 5 124 9')}
            {fabric.stitch('M-124 -8 C-60 -12 60 -12 124 -8')}
            <path
                d="M104 -6 h13 v9 h-13z M117 -2 l20 8 a3 3 0 0 1 -2 6 l-20 -8z"
                fill="#cdbb8c"
                stroke="#6b5a30"
                strokeWidth=".8"
            />
            {fabric.stitch(
                'M-121 16 C-125 70 -124 120 -121 164 C-121 170 -116 172 -110 172 C-40 175 40 175 110 172 C116 172 121 170 121 164 C124 120 125 70 121 16',
            )}
        </g>
    );
}
