/** Result of a dropped file. */
export interface Arrival {
    file: string;
    said: readonly string[];
    failed: boolean;
    /** Its font. */
    font?: string;
    /** The design opened from it. */
    design?: string;
}
