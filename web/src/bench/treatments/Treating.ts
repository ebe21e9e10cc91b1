import type { Design, Film, Treatments } from '../../api/client';

/** What a row needs to set one treatment of a card. */
export interface Treating {
    treatments: Treatments;
    design: Design;
    /** Takes other settings, and a film of the rack that the design may not have yet. */
    put: (next: Partial<Treatments>, also?: Film | null) => void;
}
