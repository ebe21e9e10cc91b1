import type { CutRunCard } from '../api/client';

/** The knife's position on the film, the same size at any scale. */
export function KnifeDot({ run: { along, across }, scale }: { run: CutRunCard; scale: number }) {
    return (
        <circle
            data-part="knife"
            cx={along}
            cy={across}
            r={5 / scale}
            className="fill-marigold stroke-ink"
            vectorEffect="non-scaling-stroke"
        />
    );
}
