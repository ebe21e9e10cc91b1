/** Removes something from a card. */
export function Off({ name, onClick }: { name: string; onClick: () => void }) {
    return (
        <button
            aria-label={name}
            title={name}
            className="px-1 text-base leading-none font-semibold text-madder hover:bg-tape"
            onClick={onClick}
        >
            ×
        </button>
    );
}
