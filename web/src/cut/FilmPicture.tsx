import type { ReactNode } from 'react';
import type { Film } from '../api/client';
import { brightness } from '../film/brightness';
import { fillOf } from '../film/finishes';
import { FinishPatterns } from '../film/FinishPatterns';

const ROLL = 14_000;

/** Distances between the numbers of the ruler, in µm. */
const STEPS = [10_000, 20_000, 50_000, 100_000, 200_000, 500_000];

interface Props {
    film: Pick<Film, 'id' | 'colour' | 'finish'>;
    /** Across the film, in µm. */
    width: number;
    /** The length of film shown, in µm. */
    end: number;
    /** Pixels per µm. */
    scale: number;
    /** The outline of a scrap; a roll has none. */
    outline?: string;
    /** What lies on it: x along the film, y across it, upwards. */
    children: ReactNode;
}

/** A film blade side up: a roll at the left and the film drawn out to the right, or a scrap; with a ruler. */
export function FilmPicture({ film, width, end, scale, outline = '', children }: Props) {
    const left = outline ? -8_000 : -2.2 * ROLL;
    const step = STEPS.find((one) => one * scale > (end > 950_000 ? 40 : 28)) ?? 1_000_000;
    const ticks = Array.from({ length: Math.floor(end / step) + 1 }, (_, at) => at * step);
    const letters = 11 / scale;
    const fill = fillOf(film as Film);
    return (
        <svg
            aria-hidden
            viewBox={`${left} ${-letters} ${end - left} ${width + 4 * letters}`}
            width={(end - left) * scale}
            height={(width + 4 * letters) * scale}
            className="overflow-visible"
        >
            <FinishPatterns films={[film as Film]} />
            {!outline && (
                <>
                    <path
                        d={`M${-ROLL} 0H${end}V${width}H${-ROLL}Z`}
                        fill={fill}
                        className="stroke-ink/30"
                        vectorEffect="non-scaling-stroke"
                    />
                    <ellipse
                        cx={-ROLL}
                        cy={width / 2}
                        rx={ROLL}
                        ry={width / 2}
                        fill={fill}
                        className="stroke-ink/40"
                        vectorEffect="non-scaling-stroke"
                    />
                    <ellipse
                        cx={-ROLL}
                        cy={width / 2}
                        rx={ROLL / 2.6}
                        ry={width / 6}
                        className="fill-muslin stroke-ink/40"
                        vectorEffect="non-scaling-stroke"
                    />
                </>
            )}
            {/* y points up on the film. */}
            <g
                data-part="film"
                transform={`translate(0 ${width}) scale(1 -1)`}
                fill="none"
                className={brightness(film.colour) < 0.35 ? 'stroke-white' : 'stroke-ink'}
            >
                {outline && (
                    <path d={outline} fill={fill} className="stroke-ink/40" vectorEffect="non-scaling-stroke" />
                )}
                {children}
            </g>
            {ticks.map((at) => (
                <g key={at} transform={`translate(${at} ${width})`}>
                    <path d={`M0 0V${letters / 2}`} className="stroke-ink" vectorEffect="non-scaling-stroke" />
                    {/* Letters of many thousand units are not drawn at their size. */}
                    <text
                        y="20"
                        fontSize="11"
                        textAnchor="middle"
                        className="fill-ink"
                        transform={`scale(${1 / scale})`}
                    >
                        {at / 1000}
                    </text>
                </g>
            ))}
        </svg>
    );
}
