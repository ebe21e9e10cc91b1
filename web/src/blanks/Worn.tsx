import type { DesignCard } from '../api/client';
import { extentOf, Garment } from './Garment';

/** A design in small, as it will be worn. */
export function Worn({ design: { document, parts, name }, className }: { design: DesignCard; className?: string }) {
    const view = extentOf(document.blank);
    return (
        <svg
            role="img"
            aria-label={name}
            viewBox={`${view.left} ${view.top} ${view.width} ${view.height}`}
            preserveAspectRatio="xMidYMin meet"
            className={className}
        >
            <Garment blank={document.blank} />
            {document.films.flatMap((film) =>
                parts
                    .filter((part) => part.film === film.id)
                    .map((part) => <path key={part.line} d={part.path} fill={film.colour} fillRule="evenodd" />),
            )}
        </svg>
    );
}
