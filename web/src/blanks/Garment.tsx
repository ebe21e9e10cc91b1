import type { ReactElement } from 'react';
import type { Blank, Drawing } from '../api/client';
import { BrimmedHat } from './BrimmedHat';
import { Cap } from './Cap';
import { Pouch } from './Pouch';
import { Tee } from './Tee';
import { Tote } from './Tote';

interface Shape {
    /** The blank's width in the drawing, in mm; the drawing is scaled to the real one. */
    width: number;
    /** All of the drawing around its measuring point, in mm: left, top, width, height. */
    extent: readonly [number, number, number, number];
    draw: (colour: string) => ReactElement;
}

/** The drawings: millimetres around the blank's measuring point, y pointing down. */
const shapes: Record<Drawing, Shape> = {
    'tee-front': { width: 520, extent: [-430, -110, 860, 770], draw: (c) => <Tee colour={c} front /> },
    'tee-back': { width: 520, extent: [-430, -50, 860, 770], draw: (c) => <Tee colour={c} front={false} /> },
    tote: { width: 380, extent: [-215, -210, 430, 650], draw: (c) => <Tote colour={c} /> },
    cap: { width: 190, extent: [-135, -150, 270, 220], draw: (c) => <Cap colour={c} /> },
    'brimmed-hat': { width: 350, extent: [-195, -150, 390, 230], draw: (c) => <BrimmedHat colour={c} /> },
    pouch: { width: 260, extent: [-150, -25, 300, 215], draw: (c) => <Pouch colour={c} /> },
};

/** Where the whole blank lies on the stage, in µm around the middle of the area's top edge. */
export function extentOf(blank: Blank) {
    const { extent, width } = shapes[blank.drawing];
    const scale = blank.width / width;
    const [left, top, wide, high] = extent;
    return {
        left: left * scale - blank.placement.across,
        top: top * scale - blank.placement.down,
        width: wide * scale,
        height: high * scale,
    };
}

/** A blank on the stage, at true size. */
export function Garment({ blank }: { blank: Blank }) {
    const shape = shapes[blank.drawing];
    const scale = blank.width / shape.width;
    return (
        <g aria-hidden transform={`translate(${-blank.placement.across} ${-blank.placement.down}) scale(${scale})`}>
            {shape.draw(blank.fabric.colour)}
        </g>
    );
}
