import { useRef } from 'react';
import { useArrivals } from '../shared/useArrivals';

/** Takes an SVG file in as a motif. */
export function AddMotif({ className }: { className: string }) {
    const { takeIn } = useArrivals();
    const input = useRef<HTMLInputElement>(null);
    return (
        <>
            <button aria-label="Add a motif" className={className} onClick={() => input.current?.click()}>
                Motif
            </button>
            <input
                ref={input}
                type="file"
                aria-label="SVG file of the motif"
                accept=".svg,image/svg+xml"
                className="sr-only"
                tabIndex={-1}
                onChange={(event) => {
                    const files = [...(event.target.files ?? [])];
                    event.target.value = '';
                    void takeIn(files);
                }}
            />
        </>
    );
}
