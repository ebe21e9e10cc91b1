import type { ReactNode } from 'react';

/** Fields that belong together, under a title. */
export function Group({ name, children }: { name: string; children: ReactNode }) {
    return (
        <div className="grid gap-2">
            <h2 className="heading">{name}</h2>
            {children}
        </div>
    );
}

/** A field with its name before it. */
export function Field({ name, children }: { name: string; children: ReactNode }) {
    return (
        <div className="grid grid-cols-[92px_minmax(0,1fr)] items-center gap-2">
            <span className="text-xs text-quiet">{name}</span>
            <span className="flex flex-wrap items-center gap-1.5">{children}</span>
        </div>
    );
}
