import type { Unit } from './api/client';

/** A length in µm as people read it: tenths of a millimetre; inches as a fraction to 1/64 where they are one, else in decimals. */
export function show(micrometres: number, unit: Unit): string {
    return unit === 'mm' ? (micrometres / 1000).toFixed(1) : inches(micrometres);
}

export function showWithUnit(micrometres: number, unit: Unit): string {
    return unit === 'mm' ? `${show(micrometres, unit)} mm` : `${show(micrometres, unit)} in`;
}

/** A measure as it is written on a blank: without a tenth that says nothing. */
export function showRound(micrometres: number, unit: Unit): string {
    return unit === 'mm' ? String(Math.round(micrometres / 100) / 10) : inches(micrometres);
}

/** A length of film. */
export function showFilm(micrometres: number, unit: Unit): string {
    return unit === 'mm' ? `${(micrometres / 1e6).toFixed(2)} m` : `${(micrometres / 25400).toFixed(1)} in`;
}

/** An inch in µm, its smallest parts, and how near to one of them a length is shown as it, in µm. As in the core's Length. */
const [INCH, PARTS, NEAR] = [25_400, 64, 10];

function inches(micrometres: number): string {
    const size = Math.abs(micrometres);
    const parts = Math.round((size / INCH) * PARTS);
    const sign = micrometres < 0 ? '-' : '';
    if ((parts === 0) === (micrometres === 0) && Math.abs((parts * INCH) / PARTS - size) <= NEAR) {
        return sign + fraction(parts);
    }
    const shown = Math.max(size / INCH, 0.001);
    return sign + shown.toFixed(shown < 1 ? 3 : 2).replace(/\.?0+$/, '');
}

/** A number of 64ths of an inch, written as short as can be. */
function fraction(parts: number): string {
    const whole = Math.floor(parts / PARTS);
    let top = parts % PARTS;
    let bottom = PARTS;
    while (top > 0 && top % 2 === 0) {
        top /= 2;
        bottom /= 2;
    }
    const rest = top > 0 ? `${top}/${bottom}` : '';
    return [whole > 0 || rest === '' ? String(whole) : '', rest].filter(Boolean).join(' ');
}
