import type { Film } from '../api/client';
import { fillOf } from '../film/finishes';
import { FinishPatterns } from '../film/FinishPatterns';

/** A piece of film, 16 mm across, with its finish. */
export function FilmSwatch({ film, className }: { film: Film; className?: string }) {
    return (
        <svg
            aria-hidden
            viewBox="0 0 16000 16000"
            className={`shrink-0 rounded-[2px] border border-ink/20 ${className ?? ''}`}
        >
            <FinishPatterns films={[film]} />
            <rect width={16000} height={16000} fill={fillOf(film)} opacity={film.opaque ? 1 : 0.65} />
        </svg>
    );
}
