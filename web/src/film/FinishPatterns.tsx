import type { Film } from '../api/client';
import { patternOf } from './finishes';

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
    const face = patternOf(finish);
    return (
        face && (
            <pattern
                id={`finish-${id}`}
                patternUnits="userSpaceOnUse"
                width={face.size}
                height={face.size}
                patternTransform={`rotate(${face.turn})`}
            >
                <rect width={face.size} height={face.size} fill={colour} />
                {/* Drawn by us, and the same on the proof. */}
                <g dangerouslySetInnerHTML={{ __html: face.content }} />
            </pattern>
        )
    );
}
