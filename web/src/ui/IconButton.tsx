import type { ReactNode } from 'react';

interface Props {
    name: string;
    onClick: () => void;
    disabled?: boolean;
    /** Lines in a square of 16. */
    children: ReactNode;
}

/** A button in the dark strip on top, drawn instead of written. */
export function IconButton({ name, onClick, disabled = false, children }: Props) {
    return (
        <button
            aria-label={name}
            title={name}
            disabled={disabled}
            onClick={onClick}
            className="rounded-[3px] p-1.5 hover:bg-white/15 focus-visible:outline-lamp disabled:opacity-35"
        >
            <svg aria-hidden viewBox="0 0 16 16" className="size-4 fill-none stroke-current stroke-[1.5]">
                {children}
            </svg>
        </button>
    );
}
