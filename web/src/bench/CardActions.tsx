interface Props {
    hidden: boolean;
    locked: boolean;
    onHide: () => void;
    onLock: () => void;
    onDuplicate: () => void;
    onRemove: () => void;
}

/** What can be done to a whole card, at the foot of the open one. */
export function CardActions({ hidden, locked, onHide, onLock, onDuplicate, onRemove }: Props) {
    return (
        <span className="mt-2 flex justify-between text-xs">
            <CardButton onClick={onHide}>{hidden ? 'Show' : 'Hide'}</CardButton>
            <CardButton onClick={onLock}>{locked ? 'Unlock' : 'Lock'}</CardButton>
            <CardButton onClick={onDuplicate}>Duplicate</CardButton>
            <button
                className="font-semibold text-madder hover:underline disabled:opacity-40"
                disabled={locked}
                onClick={onRemove}
            >
                Remove
            </button>
        </span>
    );
}

function CardButton({ onClick, children }: { onClick: () => void; children: string }) {
    return (
        <button className="font-semibold text-indigo hover:underline" onClick={onClick}>
            {children}
        </button>
    );
}
