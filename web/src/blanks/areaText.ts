import type { Placement, Unit } from '../api/client';
import { showRound } from '../measure';

/** How large an area is, in words: of a brim how wide its band. */
export const areaText = ({ width, height, brim }: Pick<Placement, 'width' | 'height' | 'brim'>, unit: Unit): string =>
    brim ? bandText(brim.edge - brim.crown, unit) : `${showRound(width, unit)} × ${showRound(height, unit)} ${unit}`;

export const bandText = (width: number, unit: Unit): string => `a band ${showRound(width, unit)} ${unit} wide`;
