import type { Blank, Line, Treatments } from '../../../api/client';
import { scaleShape } from '../pose';
import { edit, type Edit } from './edit';

/** Another blank, size or placement; lines keep their sizes. */
export const withBlank = (blank: Partial<Blank>): Edit => edit((design) => Object.assign(design.blank, blank));

/** Allows or forbids lettering across a keep-off place. */
export const withCrossed = (id: string, crossed: boolean): Edit =>
    edit(({ blank }) => {
        blank.crossed = [...blank.crossed.filter((other) => other !== id), ...(crossed ? [id] : [])];
    });

/** Another blank, size or placement; everything scales with the area. */
export const withBlankFitted = (blank: Partial<Blank>): Edit =>
    edit((design) => {
        const [before, after] = [design.blank.placement, blank.placement ?? design.blank.placement];
        const factor = Math.min(after.width / before.width, after.height / before.height);
        Object.assign(design.blank, blank);
        for (const line of design.lines) {
            scale(line.stacking, ['gap', 'shift'], factor);
            scale(line.size, ['length'], factor);
            fitShape(line, factor);
            fitTreatments(line.treatments, factor);
        }
        for (const form of design.forms) {
            scale(form.shape, ['corner'], factor);
            scale(form.shape, ['band'], factor, LEAST);
        }
        for (const card of [...design.forms, ...design.motifs]) {
            scale(card.size, ['width', 'height'], factor, LEAST);
            scale(card.place, ['across', 'down'], factor);
            fitTreatments(card.treatments, factor);
        }
    });

/** Minimum length in a document, in µm. */
const LEAST = 500;

/** Scales lengths of an object. */
function scale<Field extends string>(
    value: Record<Field, number>,
    fields: readonly Field[],
    factor: number,
    least = -Infinity,
): void {
    for (const field of fields) {
        value[field] = Math.max(least, Math.round(value[field] * factor));
    }
}

/** Scales a line's paths and edges. */
function fitShape(line: Line, factor: number): void {
    scaleShape(line, factor);
    const { follows, fills } = line;
    scale(follows, ['lift'], factor);
    scale(follows.ring, ['radius'], factor, LEAST);
    scale(follows.ring, ['across', 'down', 'gap'], factor);
    scale(follows.spiral, ['inner'], factor, LEAST);
    scale(follows.spiral, ['across', 'down'], factor);
    scale(fills, ['inset'], factor);
}

/** Scales outlines, shadows and the like; clearances and bridges depend on film and hands, so they stay. */
function fitTreatments({ outlines, shadow, inline, copies, erased }: Treatments, factor: number): void {
    for (const rim of outlines) {
        scale(rim, ['width'], factor, 100);
    }
    scale(shadow, ['length', 'gap'], factor);
    scale(inline, ['width'], factor);
    scale(inline, ['distance'], factor, 100);
    scale(copies, ['gap', 'radius'], factor);
    for (const piece of erased.filter(({ of }) => of.width === 0)) {
        piece.points = piece.points.map((number) => Math.round(number * factor));
    }
}
