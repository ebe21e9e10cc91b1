/** A sortable row's elements: itself and its grip. */
export interface RowElements {
    row: HTMLElement | null;
    grip: HTMLElement | null;
}

export interface Order {
    ids: readonly string[];
    move: (id: string, to: number) => void;
    /** Their names in announcements. */
    nameOf: (id: string) => string;
}
