import type { Design, Frame, Pressed, SlipResult } from '../../api/client';
import { fillOf } from '../films/finishes';
import { heapColour } from '../films/heaps';
import type { Looking } from '../films/looking';

interface Props {
    design: Design;
    looking: Looking;
    pressed: Pressed | undefined;
    slip: SlipResult | undefined;
    view: Frame;
}

/** The layers as pressed, instead of the parts: one film, the films up to one, one of them beside its place, or how many lie where. */
export function FilmsLook({ design, looking, pressed, slip, view }: Props) {
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
            viewBox={`${view.left} ${view.top} ${view.width} ${view.height}`}
        >
            {looking.at === 'thickness' &&
                pressed.heaps.map(({ films, path }, at) => (
                    <path key={at} d={path} fill={heapColour(films.length)} fillRule="evenodd" />
                ))}
            {layers.map(({ film: id, path }) => {
                const film = design.films.find((candidate) => candidate.id === id);
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
                <g fill="#b3372f" stroke="#b3372f" strokeWidth="1.5">
                    <path data-part="bare" d={slip.bare} fillRule="evenodd" vectorEffect="non-scaling-stroke" />
                    <path
                        data-part="wrong"
                        d={slip.wrong}
                        fill="#7a2f8c"
                        stroke="#7a2f8c"
                        fillRule="evenodd"
                        vectorEffect="non-scaling-stroke"
                    />
                </g>
            )}
        </svg>
    );
}
