import type { DesignCard } from '../api/client';

type Shown = Pick<DesignCard, 'name' | 'picture' | 'unreadable'>;

/** A design in small, as it will be worn; what can't be read is an empty hanger that says so. */
export function Worn({ design: { name, picture, unreadable }, className }: { design: Shown; className?: string }) {
    return unreadable === null ? (
        <img
            src={picture}
            alt={name}
            loading="lazy"
            decoding="async"
            className={`object-contain object-top ${className}`}
        />
    ) : (
        <span
            role="img"
            aria-label={`${name}: can’t be read`}
            title={unreadable}
            className={`grid aspect-square place-items-center rounded-[3px] border border-dashed border-madder p-2 text-center text-xs text-madder ${className}`}
        >
            can’t be read
        </span>
    );
}
