import { useQuery } from '@tanstack/react-query';
import { BlankPicture } from '../BlankPicture';
import { drawingFrame } from '../drawingFrame';
import { drawingUrl } from '../Garment';
import { drawings } from '../drawings';
import type { Measuring } from './useMeasuring';

const CLOTH = '#b9b7b2';

/** The drawing with the measure that is asked for; in the end with the areas that were worked out. */
export function MeasurePicture({ measuring }: { measuring: Measuring }) {
    const { drawing, step, asked, unit, work } = measuring;
    const frame = useQuery(drawingFrame(drawing)).data;
    const name = drawings.find(({ id }) => id === drawing)?.name ?? '';
    if (step === 'result' && work.data) {
        const fabrics = [
            { name: 'Ash', colour: CLOTH, highest: 190, stretch: 'none', marks: false, surface: 'cloth' } as const,
        ];
        const blank = { id: 'new', name: measuring.name || name, drawing, fabrics, sizes: [work.data] };
        return <BlankPicture blank={blank} size={work.data} unit={unit} chosen={null} onChoose={() => undefined} />;
    }
    const measure = typeof step === 'number' ? asked[step] : undefined;
    const [left, top, width, height] = frame?.box ?? [0, 0, 1, 1];
    const pixel = Math.max(width, height) / 620;
    return (
        <figure className="flex min-h-0 min-w-0 flex-col p-5">
            <svg
                role="img"
                aria-label={measure ? `${name}: ${measure.title}` : name}
                viewBox={`${left} ${top} ${width} ${height}`}
                className="min-h-0 w-full flex-1"
            >
                <defs>
                    <marker id="tick" orient="auto" markerWidth="3" markerHeight="9" refX="1.5" refY="4.5">
                        <path d="M1.5 0V9" className="stroke-marigold-deep" strokeWidth="1.4" />
                    </marker>
                </defs>
                <image href={drawingUrl(drawing, CLOTH)} x={left} y={top} width={width} height={height} />
                {measure && (
                    <>
                        <path d={measure.path} fill="none" stroke="#fffdf8" strokeWidth={7 * pixel} />
                        <path
                            d={measure.path}
                            fill="none"
                            className="stroke-marigold-deep"
                            strokeWidth={3 * pixel}
                            strokeDasharray={`${9 * pixel} ${4 * pixel}`}
                            markerStart="url(#tick)"
                            markerEnd="url(#tick)"
                        />
                    </>
                )}
            </svg>
        </figure>
    );
}
