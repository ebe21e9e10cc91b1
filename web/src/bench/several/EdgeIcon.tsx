import type { Edge } from '../model/arrange';

/** Two bars along their alignment line. */
const drawings: Record<Edge, string> = {
    left: 'M2.5 1v14M5 4.5h9M5 11.5h5',
    centre: 'M8 1v2M8 6v4M8 13v2M3 4.5h10M5 11.5h6',
    right: 'M13.5 1v14M11 4.5H2M11 11.5H6',
    top: 'M1 2.5h14M4.5 5v9M11.5 5v5',
    middle: 'M1 8h2M6 8h4M13 8h2M4.5 3v10M11.5 5v6',
    bottom: 'M1 13.5h14M4.5 11V2M11.5 11V6',
};

export function EdgeIcon({ edge }: { edge: Edge }) {
    return (
        <svg aria-hidden viewBox="0 0 16 16" className="size-4 fill-none stroke-ink stroke-[1.5]">
            <path d={drawings[edge]} />
        </svg>
    );
}
