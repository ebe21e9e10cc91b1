import type { ReactNode } from 'react';

/** Said in the middle of a page that has nothing else to show. */
export function Message({ title, children }: { title: string; children?: ReactNode }) {
    return (
        <div role="status" className="m-auto max-w-md p-8 text-center">
            <p className="text-base font-bold">{title}</p>
            <div className="mt-2 text-quiet">{children}</div>
        </div>
    );
}
