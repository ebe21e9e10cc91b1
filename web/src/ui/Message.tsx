import type { ReactNode } from 'react';

/** Said in the middle of a page that has nothing else to show, or within one that has a heading. */
export function Message({ title, within, children }: { title: string; within?: boolean; children?: ReactNode }) {
    const Title = within ? 'h2' : 'h1';
    return (
        <div role="status" className="m-auto max-w-md p-8 text-center">
            <Title className="text-base font-bold">{title}</Title>
            <div className="mt-2 text-quiet">{children}</div>
        </div>
    );
}
