import type { ReactNode } from 'react';
import { Link } from 'react-router';

/** The dark strip on top: the name, and what the page puts beside it. */
export function Header({ children }: { children?: ReactNode }) {
    return (
        <header className="flex h-11 shrink-0 items-center gap-4 bg-ink px-4 text-muslin">
            <Link
                to="/"
                aria-label="Uvret: all jobs"
                className="text-[19px] font-extrabold tracking-wide [font-stretch:125%]"
            >
                uvret<span className="text-[#e9a94f]">.</span>
            </Link>
            {children}
        </header>
    );
}
