import type { Guide } from './snap';

/** Chalk lines along what a dragged part snapped to. */
export function Guides({
    guides,
    view,
}: {
    guides: readonly Guide[];
    view: { left: number; top: number; width: number; height: number };
}) {
    return (
        <g pointerEvents="none" data-part="guides">
            {guides.map(({ across, at }) => (
                <path
                    key={`${String(across)} ${at}`}
                    d={across ? `M${view.left} ${at}h${view.width}` : `M${at} ${view.top}v${view.height}`}
                    stroke="#f3a63b"
                    strokeDasharray="2 4"
                    vectorEffect="non-scaling-stroke"
                />
            ))}
        </g>
    );
}
