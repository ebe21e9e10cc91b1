interface Props {
    name: string;
    on: boolean;
    onToggle: () => void;
}

/** A title that unfolds its details. */
export function Details({ name, on, onToggle }: Props) {
    return (
        <button
            aria-expanded={on}
            aria-label={`Details of the ${name.toLowerCase()}`}
            title={on ? 'Fewer details' : 'More details'}
            className="flex items-center gap-1.5 hover:underline"
            onClick={onToggle}
        >
            {name}
            <svg aria-hidden viewBox="0 0 8 5" className="w-2 fill-none stroke-quiet stroke-[1.4]">
                <path d={on ? 'M1 4l3-3 3 3' : 'M1 1l3 3 3-3'} />
            </svg>
        </button>
    );
}
