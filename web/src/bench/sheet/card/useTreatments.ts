import type { Film, Treatments } from '../../../api/client';
import { withTreatmentsIn, type Card, type Change } from '../../model/edits';
import { behind } from '../../model/treatments';
import { useRack } from '../../shared/FilmChoice';
import { useBench, useBenchStore } from '../../state/store';
import { mainFilm } from './films';

/** A card's treatments and their setter. */
export interface Treating {
    treatments: Treatments;
    /** Changes them; also adds a film to the design if needed. */
    put: (change: Change<Treatments>, also?: Film | null) => void;
    /** Default film for outlines and shadows. */
    under: Film | undefined;
}

export function useTreatments(card: Card): Treating {
    const design = useBench((bench) => bench.design);
    const rack = useRack();
    const { change } = useBenchStore().getState();
    return {
        treatments: card.treatments,
        put: (next, also) => change(withTreatmentsIn(card.id, next, also)),
        under: behind(mainFilm(card), design, rack),
    };
}
