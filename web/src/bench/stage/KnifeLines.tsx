import { useBench } from '../state/store';
import { useStage, viewBoxOf } from './StageView';

/** Each layer's knife lines, seen from the wear side. */
export function KnifeLines() {
    const layers = useBench(({ sheet }) => sheet.layers);
    const shown = useBench(({ side, looking }) => side === 'knife' && looking.at === 'all');
    const still = useBench(({ gesture, trial, tidied }) => gesture === null && trial === null && tidied !== 'before');
    const pointed = useBench((bench) => bench.pointed);
    const { box, onDark } = useStage();
    if (!shown) {
        return null;
    }
    return (
        <svg
            aria-hidden
            data-part="knife lines"
            className="pointer-events-none absolute inset-0 size-full overflow-visible"
            viewBox={viewBoxOf(box)}
        >
            {layers.map(({ film, path, left, top, width, mirrored, frame, parting, marks }) => (
                <g
                    key={film}
                    transform={`translate(${mirrored ? left + width : left} ${top})${mirrored ? ' scale(-1 1)' : ''}`}
                    fill="none"
                    className={onDark ? 'stroke-muslin' : 'stroke-ink'}
                    strokeWidth=".9"
                    opacity={pointed !== null && pointed !== film ? 0.15 : 0.8}
                >
                    {still && (
                        <path data-part="lettering" d={path} vectorEffect="non-scaling-stroke" strokeWidth="1.1" />
                    )}
                    <path d={frame} vectorEffect="non-scaling-stroke" strokeDasharray="5 3" />
                    <path data-part="parting" d={parting} vectorEffect="non-scaling-stroke" strokeDasharray="2 3" />
                    <path d={marks} vectorEffect="non-scaling-stroke" />
                </g>
            ))}
        </svg>
    );
}
