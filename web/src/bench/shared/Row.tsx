import type { ReactNode } from 'react';

/** A row of a drawer: its name on the left, its fields on the right. */
export function Row({ name, children }: { name: ReactNode; children: ReactNode }) {
    return (
        <>
            <span className="self-start pt-1.5 text-xs leading-4 text-quiet">{name}</span>
            <span className="flex min-w-0 flex-wrap items-center gap-1.5">{children}</span>
        </>
    );
}

/** A column of rows. */
export function Rows({ children }: { children: ReactNode }) {
    return <div className="grid grid-cols-[64px_minmax(0,1fr)] items-center gap-x-2 gap-y-1.5">{children}</div>;
}
