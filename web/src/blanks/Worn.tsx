import type { DesignCard } from '../api/client';
import { Garment } from './Garment';

/** A design in small, as it will be worn. */
export function Worn({
    design: { document, blank, parts, name },
    className,
}: {
    design: DesignCard;
    className?: string;
}) {
    return (
        <svg
            role="img"
            aria-label={name}
            viewBox={`${blank.left} ${blank.top} ${blank.width} ${blank.height}`}
            preserveAspectRatio="xMidYMin meet"
            className={className}
        >
            <Garment drawing={document.blank.drawing} colour={document.blank.fabric.colour} frame={blank} />
            {document.films.flatMap((film) =>
                parts
                    .filter((part) => part.film === film.id)
                    .map((part, at) => (
                        <path
                            key={`${part.card} ${part.role} ${at}`}
                            d={part.path}
                            fill={film.colour}
                            fillRule="evenodd"
                        />
                    )),
            )}
        </svg>
    );
}
