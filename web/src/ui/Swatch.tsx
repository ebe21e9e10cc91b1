/** A little square of film or fabric. */
export function Swatch({ colour }: { colour: string }) {
    return (
        <span
            aria-hidden
            className="inline-block size-[11px] shrink-0 rounded-[2px] border border-black/15"
            style={{ background: colour }}
        />
    );
}
