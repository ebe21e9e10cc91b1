import type { Drawing, Frame } from '../api/client';

/** A drawing of a blank in a colour, its cords hanging or laid aside; it is drawn by the server, for the proof too. */
export const drawingUrl = (drawing: Drawing, colour: string, cordsAside = false) =>
    `/api/drawings/${drawing}.svg?colour=${colour.slice(1)}${cordsAside ? '&cords=aside' : ''}`;

interface Props {
    drawing: Drawing;
    colour: string;
    /** Where all of the drawing lies, in µm. */
    frame: Frame;
    cordsAside?: boolean;
}

/** A blank on the stage, at true size. */
export function Garment({ drawing, colour, frame, cordsAside }: Props) {
    return (
        <image
            href={drawingUrl(drawing, colour, cordsAside)}
            preserveAspectRatio="none"
            x={frame.left}
            y={frame.top}
            width={frame.width}
            height={frame.height}
        />
    );
}
