import { memo } from 'react';
import type { Film, SheetPart } from '../../api/client';
import { fillOf } from '../../film/finishes';
import { FinishPatterns } from '../../film/FinishPatterns';
import { cssMatrix } from '../model/pose';
import { useBench } from '../state/store';
import { usePressed } from '../state/pressed';
import { useStage, viewBoxOf } from './StageView';
import { untidied } from './TidiedPlaces';

/** The welded lettering in film colours, in stacking order; in the knife-line view, only moved parts. */
export function Ink() {
    const films = useBench((bench) => bench.design.films);
    const sheet = useBench((bench) => bench.trial?.sheet ?? bench.sheet);
    const before = useBench((bench) => bench.tidied === 'before');
    const side = useBench((bench) => bench.side);
    const all = useBench((bench) => bench.looking.at === 'all');
    const pointed = useBench((bench) => (bench.looking.at === 'all' ? bench.pointed : null));
    const pressed = usePressed();
    const { onDark } = useStage();
    // The layers as pressed are shown instead; the parts only receive the pointer.
    const behind = !all && pressed !== undefined;
    const parts = before ? untidied(sheet) : sheet.parts;
    const worn = side === 'wear' && !behind;
    const moved = useBench((bench) => bench.gesture !== null || bench.trial !== null);
    const line =
        side === 'wear' || behind || (side === 'knife' && !moved && !before)
            ? 'none'
            : onDark
              ? 'var(--color-muslin)'
              : 'var(--color-ink)';
    return (
        <>
            <svg aria-hidden className="absolute size-0">
                <FinishPatterns films={films} />
            </svg>
            {parts
                .map((part, at) => ({ part, at, film: films.find(({ id }) => id === part.film) }))
                .sort((one, other) => one.part.depth - other.part.depth)
                .map(({ part, at, film }) =>
                    film ? (
                        <InkPart
                            key={`${part.card} ${part.role} ${part.film} ${at}`}
                            card={part.card}
                            path={part.path}
                            fill={worn && !part.guide ? fillOf(film) : 'none'}
                            stroke={part.guide ? 'var(--color-basting)' : line}
                            dashes={part.guide ? '2 4' : 'none'}
                            dimmed={isDimmed(film, pointed)}
                        />
                    ) : null,
                )}
        </>
    );
}

const isDimmed = (film: Film, pointed: string | null) => pointed !== null && pointed !== film.id;

interface PartProps {
    card: SheetPart['card'];
    path: string;
    fill: string;
    stroke: string;
    dashes: string;
    dimmed: boolean;
}

/** A part in its own SVG, so that moving it repaints no other. */
const InkPart = memo(function InkPart({ card, path, fill, stroke, dashes, dimmed }: PartProps) {
    const { box, pixel } = useStage();
    const pose = useBench(({ gesture }) => (gesture?.cards.includes(card) ? gesture.pose : null));
    return (
        <svg
            aria-hidden
            className="pointer-events-none absolute inset-0 size-full overflow-visible will-change-transform"
            viewBox={viewBoxOf(box)}
            style={pose ? { transform: cssMatrix(pose, box, pixel), transformOrigin: '0 0' } : undefined}
        >
            <Shape card={card} path={path} fill={fill} stroke={stroke} dashes={dashes} dimmed={dimmed} />
        </svg>
    );
});

/** Memoized, so that a moving part isn't rendered every frame. */
const Shape = memo(function Shape({ card, path, fill, stroke, dashes, dimmed }: PartProps) {
    return (
        <path
            data-line={card}
            d={path}
            className="pointer-events-auto cursor-move touch-none"
            opacity={dimmed ? 0.15 : undefined}
            fillRule="evenodd"
            vectorEffect="non-scaling-stroke"
            pointerEvents="all"
            fill={fill}
            stroke={stroke}
            strokeWidth={1.1}
            strokeDasharray={dashes}
        />
    );
});
