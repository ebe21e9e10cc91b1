import type { ReactNode } from 'react';

/** A row of an open card: its name on the left, its fields on the right. */
export function Row({ name, children }: { name: string; children: ReactNode }) {
    return (
        <>
            <span className="self-start pt-1.5 text-xs text-quiet">{name}</span>
            <span className="flex min-w-0 flex-wrap items-center gap-1.5">{children}</span>
        </>
    );
}
