import type { Unit } from '../../api/client';
import { show } from '../../measure';

/** Slip tolerance of a film before the blank shows. */
export function Safe({ distance, unit }: { distance: number; unit: Unit }) {
    return (
        <span className={`whitespace-nowrap ${distance >= 500 ? 'text-sage-deep' : 'text-madder'}`}>
            {distance === 0 ? 'no slip allowed' : `safe to ${show(distance, unit)}`}
        </span>
    );
}
