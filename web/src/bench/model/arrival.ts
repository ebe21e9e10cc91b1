/** What became of a file that came to the Bench. */
export interface Arrival {
    file: string;
    said: readonly string[];
    failed: boolean;
    /** The font that came with it. */
    font?: string;
    /** The design that it was opened as. */
    design?: string;
}
