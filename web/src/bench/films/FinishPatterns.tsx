import type { ReactNode } from 'react';
import type { Film } from '../../api/client';

/** Pictures of finishes that are more than a colour, at true size; fillOf() names them. */
export function FinishPatterns({ films }: { films: readonly Film[] }) {
    return (
        <defs>
            {films.map((film) => (
                <Finish key={film.id} film={film} />
            ))}
        </defs>
    );
}

function Finish({ film: { id, colour, finish } }: { film: Film }) {
    const pattern = (size: number, children: ReactNode, turn = 0) => (
        <pattern
            id={`finish-${id}`}
            patternUnits="userSpaceOnUse"
            width={size}
            height={size}
            patternTransform={turn ? `rotate(${turn})` : undefined}
        >
            <rect width={size} height={size} fill={colour} />
            {children}
        </pattern>
    );
    switch (finish) {
        case 'glitter':
            // Flakes at fixed places, light and dark in turn.
            return pattern(
                4000,
                flakes.map(([x, y, size], at) => (
                    <path
                        key={at}
                        d={`M${x} ${y - size}l${size} ${size} ${-size} ${size} ${-size} ${-size}z`}
                        fill={at % 3 === 0 ? '#000' : '#fff'}
                        opacity={at % 3 === 0 ? 0.22 : 0.75}
                    />
                )),
            );
        case 'flock':
            return pattern(
                1600,
                [
                    [300, 350],
                    [1100, 250],
                    [700, 900],
                    [1400, 1150],
                    [250, 1300],
                ].map(([x, y]) => (
                    <circle key={x} cx={x} cy={y} r={170} fill={x && x % 200 === 0 ? '#fff' : '#000'} opacity={0.16} />
                )),
            );
        case 'metallic':
            return pattern(
                9000,
                <>
                    <rect width={9000} height={2600} fill="#fff" opacity={0.38} />
                    <rect y={2600} width={9000} height={1500} fill="#fff" opacity={0.14} />
                    <rect y={6200} width={9000} height={2000} fill="#000" opacity={0.14} />
                </>,
                -24,
            );
        case 'reflective':
            return pattern(
                2400,
                <path
                    d="M0 1200L1200 0L2400 1200L1200 2400Z"
                    fill="none"
                    stroke="#fff"
                    strokeWidth={260}
                    opacity={0.6}
                />,
            );
        case 'puff':
            return pattern(
                2600,
                <>
                    <circle cx={1300} cy={1300} r={1000} fill="#fff" opacity={0.4} />
                    <circle cx={1500} cy={1600} r={900} fill="#000" opacity={0.07} />
                </>,
            );
        case 'patterned':
            return pattern(
                9000,
                <>
                    <rect width={4500} height={4500} fill="#fff" opacity={0.55} />
                    <rect x={4500} y={4500} width={4500} height={4500} fill="#22243a" opacity={0.45} />
                </>,
            );
        default:
            return null;
    }
}

const flakes: readonly (readonly [number, number, number])[] = [
    [300, 420, 130],
    [1250, 260, 90],
    [2300, 520, 150],
    [3400, 300, 100],
    [760, 1350, 110],
    [1850, 1180, 160],
    [3050, 1400, 90],
    [3700, 2100, 140],
    [350, 2350, 150],
    [1420, 2300, 100],
    [2450, 2500, 120],
    [900, 3300, 100],
    [1950, 3450, 150],
    [3150, 3300, 130],
];
