import type { Design, Film, Treatments } from '../../api/client';
import type { Change } from '../edits';

/** What a row needs to set one treatment of a card. */
export interface Treating {
    treatments: Treatments;
    design: Design;
    /** Changes them, and takes in a film of the rack that the design may not have yet. */
    put: (change: Change<Treatments>, also?: Film | null) => void;
}
