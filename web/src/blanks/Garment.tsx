import type { Drawing, Frame } from '../api/client';

/** A drawing of a blank in a colour; it is drawn by the server, for the proof too. */
export const drawingUrl = (drawing: Drawing, colour: string) =>
    `/api/drawings/${drawing}.svg?colour=${colour.slice(1)}`;

interface Props {
    drawing: Drawing;
    colour: string;
    /** Where all of the drawing lies, in µm. */
    frame: Frame;
}

/** A blank on the stage, at true size. */
export function Garment({ drawing, colour, frame }: Props) {
    return (
        <image
            href={drawingUrl(drawing, colour)}
            x={frame.left}
            y={frame.top}
            width={frame.width}
            height={frame.height}
        />
    );
}
