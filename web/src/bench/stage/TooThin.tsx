import { useBench } from '../state/store';

/** All that is too thin or too small to be cut and weeded. */
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
