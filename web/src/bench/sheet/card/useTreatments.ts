import type { Film, Treatments } from '../../../api/client';
import { withTreatmentsIn, type Card, type Change } from '../../model/edits';
import { behind } from '../../model/treatments';
import { useRack } from '../../shared/FilmChoice';
import { useBench, useBenchStore } from '../../state/store';
import { mainFilm } from './films';

/** What a drawer needs to set what is done to a card. */
export interface Treating {
    treatments: Treatments;
    /** Changes them, and takes in a film of the rack that the design may not have yet. */
    put: (change: Change<Treatments>, also?: Film | null) => void;
    /** The film that something behind the card is cut from at first. */
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
