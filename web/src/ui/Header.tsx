import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Link, useLocation } from 'wouter';
import { shop } from '../api/queries';

const pages = [
    { to: '/', name: 'Jobs', at: /^\/(jobs\/.*)?$/ },
    { to: '/cut-room', name: 'Cut room', at: /^\/cut-room/ },
    { to: '/press', name: 'At the press', at: /^\/press/ },
    { to: '/type-case', name: 'Type case', at: /^\/type-case/ },
    { to: '/film-rack', name: 'Film rack', at: /^\/film-rack/ },
    { to: '/blanks', name: 'Blanks', at: /^\/(blanks|measure)/ },
];

/** The dark strip on top: the name, and what the page puts beside it; the shop's pages if it puts nothing. */
export function Header({ children }: { children?: ReactNode }) {
    const [pathname] = useLocation();
    const name = useQuery({ ...shop, enabled: children === undefined }).data?.name;
    return (
        <header className="flex h-11 shrink-0 items-center gap-4 bg-ink px-4 text-muslin">
            <Link
                to="/"
                aria-label="Uvret: all jobs"
                className="text-[19px] font-extrabold tracking-wide [font-stretch:125%] focus-visible:outline-lamp"
            >
                uvret<span className="text-lamp">.</span>
            </Link>
            {children ?? (
                <>
                    <nav aria-label="The shop" className="flex self-stretch pl-5">
                        {pages.map(({ to, name, at }) => (
                            <Link
                                key={to}
                                to={to}
                                aria-current={at.test(pathname) ? 'page' : undefined}
                                className="flex items-center border-b-[3px] border-transparent px-3.5 pt-[3px] opacity-75 hover:opacity-100 focus-visible:outline-offset-[-4px] focus-visible:outline-lamp aria-[current]:border-lamp aria-[current]:font-semibold aria-[current]:opacity-100"
                            >
                                {name}
                            </Link>
                        ))}
                    </nav>
                    <Link
                        to="/shop"
                        title="Name and unit of the shop"
                        className="ml-auto max-w-72 truncate text-xs opacity-75 hover:underline hover:opacity-100 focus-visible:outline-lamp"
                    >
                        {name || 'Name your shop'}
                    </Link>
                </>
            )}
        </header>
    );
}
