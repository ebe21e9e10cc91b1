import type { ReactNode } from 'react';

interface Props {
    name?: string;
    tone?: 'good' | 'bad' | undefined;
    children: ReactNode;
}

/** One figure on a tape. */
export function TapeEntry({ name, tone, children }: Props) {
    const colour = tone === 'good' ? 'text-sage-deep' : tone === 'bad' ? 'text-madder' : '';
    return (
        <p className="flex items-center gap-1.5 border-r border-tape-edge px-4">
            {name && <span>{name}</span>}
            <b className={`font-bold ${colour}`}>{children}</b>
        </p>
    );
}
