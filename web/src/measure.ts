import type { Unit } from './api/client';

/** A length in µm as people read it: tenths of a millimetre, or sixteenths of an inch. */
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

function inches(micrometres: number): string {
    const sixteenths = Math.round((Math.abs(micrometres) / 25400) * 16);
    const whole = Math.floor(sixteenths / 16);
    let top = sixteenths % 16;
    let bottom = 16;
    while (top > 0 && top % 2 === 0) {
        top /= 2;
        bottom /= 2;
    }
    const sign = micrometres < 0 && sixteenths > 0 ? '-' : '';
    const fraction = top > 0 ? `${top}/${bottom}` : '';
    return sign + [whole > 0 || fraction === '' ? String(whole) : '', fraction].filter(Boolean).join(' ');
}
