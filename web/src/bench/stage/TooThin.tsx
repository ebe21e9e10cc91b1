import { useBench } from '../state/store';

/** Everything too thin or too small to cut and weed. */
export function TooThin() {
    const path = useBench((bench) => (bench.side === 'lost' ? bench.lost : ''));
    return path === '' ? null : (
        <path
            data-part="lost"
            d={path}
            className="fill-madder stroke-white"
            fillRule="evenodd"
            strokeWidth=".8"
            vectorEffect="non-scaling-stroke"
        />
    );
}
