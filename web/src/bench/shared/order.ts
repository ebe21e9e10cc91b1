/** The elements of a row that can be put elsewhere: itself, and the grip that it is taken by. */
export interface RowElements {
    row: HTMLElement | null;
    grip: HTMLElement | null;
}

export interface Order {
    ids: readonly string[];
    move: (id: string, to: number) => void;
    /** What they are called when they are announced. */
    nameOf: (id: string) => string;
}
