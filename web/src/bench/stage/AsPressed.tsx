import { fillOf } from '../../film/finishes';
import { stackColour } from '../model/stacks';
import { usePressed, useSlip } from '../state/pressed';
import { useBench } from '../state/store';
import { useStage, viewBoxOf } from './StageView';

/** The layers as pressed: one film, the films up to one, a slipped film, or the stack's thickness. */
export function AsPressed() {
    const { box } = useStage();
    const looking = useBench((bench) => bench.looking);
    const films = useBench((bench) => bench.design.films);
    const pressed = usePressed();
    const slip = useSlip();
    if (!pressed || looking.at === 'all') {
        return null;
    }
    const last = pressed.layers.findIndex(({ film }) => 'film' in looking && film === looking.film);
    const layers = pressed.layers.filter(
        ({ film }, at) =>
            looking.at === 'slip' ||
            (looking.at === 'only' && film === looking.film) ||
            (looking.at === 'up to' && at <= last),
    );
    return (
        <svg
            aria-hidden
            data-part="pressed"
            className="pointer-events-none absolute inset-0 size-full"
            viewBox={viewBoxOf(box)}
        >
            {looking.at === 'thickness' &&
                pressed.stacks.map(({ films, path }, at) => (
                    <path key={at} d={path} fill={stackColour(films.length)} fillRule="evenodd" />
                ))}
            {layers.map(({ film: id, path }) => {
                const film = films.find((candidate) => candidate.id === id);
                const slipped = looking.at === 'slip' && slip?.film === id && looking.film === id;
                return (
                    film && (
                        <path
                            key={id}
                            data-layer={id}
                            d={path}
                            fill={fillOf(film)}
                            fillRule="evenodd"
                            transform={slipped ? `translate(${slip.dx} ${slip.dy})` : undefined}
                        />
                    )
                );
            })}
            {looking.at === 'slip' && slip && (
                <>
                    <Shows part="bare" path={slip.bare} className="fill-madder stroke-madder" />
                    <Shows part="wrong" path={slip.wrong} className="fill-plum stroke-plum" />
                </>
            )}
        </svg>
    );
}

/** Where something unwanted shows. */
function Shows({ part, path, className }: { part: string; path: string; className: string }) {
    return (
        <path
            data-part={part}
            d={path}
            className={className}
            strokeWidth="1.5"
            fillRule="evenodd"
            vectorEffect="non-scaling-stroke"
        />
    );
}
