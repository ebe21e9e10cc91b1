import { useFabric } from './fabric';

/** A brimmed hat from the front, 350 mm across the brim; measured from the middle of the seam between crown and brim. */
export function BrimmedHat({ colour }: { colour: string }) {
    const fabric = useFabric(colour, 0.45);
    return (
        <g>
            {fabric.defs}
            <ellipse cx="0" cy="16" rx="175" ry="46" fill="#000" fillOpacity=".12" transform="translate(0 10)" />
            {fabric.cloth(
                'M-175 14 C-175 -8 -110 -22 0 -22 C110 -22 175 -8 175 14 C175 40 100 58 0 58 C-100 58 -175 40 -175 14Z',
            )}
            {fabric.stitch('M-166 15 C-164 36 -96 51 0 51 C96 51 164 36 166 15')}
            {fabric.stitch('M-148 15 C-146 31 -86 43 0 43 C86 43 146 31 148 15')}
            {fabric.stitch('M-130 14 C-128 26 -76 35 0 35 C76 35 128 26 130 14')}
            {fabric.cloth(
                'M-100 4 C-101 -48 -95 -104 -70 -116 C-45 -126 45 -126 70 -116 C95 -104 101 -48 100 4 C70 24 -70 24 -100 4Z',
            )}
            {fabric.fold('M-60 -114 C-30 -100 30 -100 60 -114')}
            {fabric.seam('M-70 -116 C-40 -104 40 -104 70 -116')}
            <path
                d="M-100 4 C-101 -12 -100 -28 -100 -40 C-60 -22 60 -22 100 -40 C100 -28 101 -12 100 4 C70 24 -70 24 -100 4Z"
                fill="#22243a"
                fillOpacity=".16"
            />
            {fabric.stitch('M-100 -38 C-60 -20 60 -20 100 -38')}
            {fabric.stitch('M-100 2 C-70 21 70 21 100 2')}
        </g>
    );
}
