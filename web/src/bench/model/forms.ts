import { defaults } from '../../api/defaults';
import type { Form, FormKind } from '../../api/client';

/** The kinds of forms, as the shop calls them. */
export const formNames: Record<FormKind, string> = {
    circle: 'Circle',
    ring: 'Ring',
    rectangle: 'Rectangle',
    polygon: 'Polygon',
    star: 'Star',
    heart: 'Heart',
    shield: 'Shield',
    pennant: 'Pennant',
    ribbon: 'Ribbon',
    arch: 'Arch',
    label: 'Label',
};

export const formKinds = Object.keys(formNames) as FormKind[];

/** Which measures a kind has besides its width and height. */
export const measuresOf: Record<FormKind, readonly ('corner' | 'band' | 'count' | 'depth')[]> = {
    circle: [],
    ring: ['band'],
    rectangle: ['corner'],
    polygon: ['count'],
    star: ['count', 'depth'],
    heart: [],
    shield: [],
    pennant: ['depth'],
    ribbon: ['depth'],
    arch: ['band'],
    label: ['corner'],
};

/** A new form of a kind in the middle of an area, about half as large. */
export function newForm(id: string, kind: FormKind, film: string, area: { width: number; height: number }): Form {
    const size = Math.round(Math.min(area.width, area.height) * 0.5);
    const flat = kind === 'ribbon' || kind === 'pennant' || kind === 'label';
    return {
        ...defaults.form,
        id,
        film,
        shape: {
            kind,
            corner: kind === 'rectangle' || kind === 'label' ? Math.round(size * 0.08) : 0,
            band: Math.max(1000, Math.round(size * 0.1)),
            count: kind === 'polygon' ? 6 : 5,
            depth: kind === 'ribbon' || kind === 'pennant' ? 35 : 55,
        },
        size: {
            ...defaults.dimensions,
            width: flat ? Math.round(area.width * 0.7) : size,
            height: flat ? Math.round(size * 0.6) : size,
        },
        place: { ...defaults.spot, down: Math.round(area.height / 2) },
    };
}

/** A form's own measures on a form that got another size: corners and bands shrink and grow with its shorter side. */
export function fitMeasures(shape: Form['shape'], before: Form['size'], after: Form['size']): void {
    const short = ({ width, height }: Form['size']) => Math.min(width, height);
    const factor = short(after) / Math.max(1, short(before));
    shape.corner = Math.min(Math.round(shape.corner * factor), Math.floor(short(after) / 2));
    shape.band = Math.max(500, Math.round(shape.band * factor));
}
