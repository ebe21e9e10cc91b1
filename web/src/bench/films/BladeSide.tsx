import type { SheetLayer } from '../../api/client';

interface Props {
    layer: SheetLayer;
    name: string;
    className: string;
}

/** A layer's blade side: with frames and registration marks, mirrored if the film is cut from the back. */
export function BladeSide({ layer, name, className }: Props) {
    const pad = Math.max(layer.width, layer.height) * 0.03;
    return (
        <svg
            role="img"
            aria-label={`${name}, blade side${layer.mirrored ? ', mirrored' : ''}`}
            viewBox={`${-pad} ${-pad} ${layer.width + 2 * pad} ${layer.height + 2 * pad}`}
            className={`rounded-[2px] bg-film ${className}`}
        >
            <g fill="none" className="stroke-ink" strokeWidth=".9">
                <path data-part="lettering" d={layer.path} vectorEffect="non-scaling-stroke" />
                <path data-part="marks" d={layer.marks} className="fill-ink" vectorEffect="non-scaling-stroke" />
                <path data-part="parting" d={layer.parting} vectorEffect="non-scaling-stroke" strokeDasharray="5 2" />
                <path d={layer.frame} vectorEffect="non-scaling-stroke" strokeDasharray="5 2" />
            </g>
        </svg>
    );
}
