/** Changes a part of the state. */
export type Set<Part> = (next: Partial<Part> | ((now: Part) => Partial<Part>)) => void;
