interface Props {
    of: string;
    on: boolean;
    onToggle: () => void;
}

/** Shows the details of one of several things, or folds them away. */
export function Details({ of, on, onToggle }: Props) {
    const name = on ? `Hide the details of ${of}` : `Details of ${of}`;
    return (
        <button
            aria-expanded={on}
            aria-label={name}
            title={name}
            className="shrink-0 rounded-[3px] p-1 hover:bg-tape"
            onClick={onToggle}
        >
            <svg aria-hidden viewBox="0 0 8 5" className="w-2 fill-none stroke-quiet stroke-[1.4]">
                <path d={on ? 'M1 4l3-3 3 3' : 'M1 1l3 3 3-3'} />
            </svg>
        </button>
    );
}
