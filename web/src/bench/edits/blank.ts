import type { Blank, Line, Treatments } from '../../api/client';
import { scaledShape } from '../stage/pose';
import type { Edit } from './edit';

/** Another blank, size or placement; the lines keep their measures. */
export const withBlank =
    (blank: Partial<Blank>): Edit =>
    (design) => ({ ...design, blank: { ...design.blank, ...blank } });

/** Another blank, size or placement; all measures become as much larger or smaller as the area does. */
export const withBlankFitted =
    (blank: Partial<Blank>): Edit =>
    (design) => {
        const [before, after] = [design.blank.placement, blank.placement ?? design.blank.placement];
        const factor = Math.min(after.width / before.width, after.height / before.height);
        const scaled = (length: number) => Math.round(length * factor);
        return withBlank(blank)({
            ...design,
            lines: design.lines.map((line) => ({
                ...line,
                gap: scaled(line.gap),
                shift: scaled(line.shift),
                size: { ...line.size, length: scaled(line.size.length) },
                ...fittedShape(line, factor),
                treatments: fittedTreatments(line.treatments, factor),
            })),
            forms: design.forms.map((form) => ({
                ...form,
                width: Math.max(500, scaled(form.width)),
                height: Math.max(500, scaled(form.height)),
                corner: scaled(form.corner),
                band: Math.max(500, scaled(form.band)),
                across: scaled(form.across),
                down: scaled(form.down),
                treatments: fittedTreatments(form.treatments, factor),
            })),
            motifs: design.motifs.map((motif) => ({
                ...motif,
                width: Math.max(500, scaled(motif.width)),
                height: Math.max(500, scaled(motif.height)),
                across: scaled(motif.across),
                down: scaled(motif.down),
                treatments: fittedTreatments(motif.treatments, factor),
            })),
        });
    };

/** What a line follows and fills on an area that is as much larger. */
function fittedShape(line: Line, factor: number): Pick<Line, 'follows' | 'fills'> {
    const scaled = (length: number) => Math.round(length * factor);
    const { follows, fills } = scaledShape(line, factor);
    const { ring, spiral } = follows;
    return {
        follows: {
            ...follows,
            lift: scaled(follows.lift),
            ring: {
                ...ring,
                radius: Math.max(500, scaled(ring.radius)),
                across: scaled(ring.across),
                down: scaled(ring.down),
                gap: scaled(ring.gap),
            },
            spiral: {
                ...spiral,
                inner: Math.max(500, scaled(spiral.inner)),
                across: scaled(spiral.across),
                down: scaled(spiral.down),
            },
        },
        fills: { ...fills, inset: scaled(fills.inset) },
    };
}

/** Rims, shadows and the rest as much larger; clearances and bridges stay, since they are what film and hands need. */
function fittedTreatments(treatments: Treatments, factor: number): Treatments {
    const scaled = (length: number) => Math.round(length * factor);
    const { outlines, shadow, inline, copies, erased } = treatments;
    return {
        ...treatments,
        outlines: outlines.map((rim) => ({ ...rim, width: Math.max(100, scaled(rim.width)) })),
        shadow: { ...shadow, length: scaled(shadow.length), gap: scaled(shadow.gap) },
        inline: { ...inline, width: scaled(inline.width), distance: Math.max(100, scaled(inline.distance)) },
        copies: { ...copies, gap: scaled(copies.gap), radius: scaled(copies.radius) },
        erased: erased.map((piece) =>
            piece.of.width > 0 ? piece : { ...piece, points: piece.points.map((number) => scaled(number)) },
        ),
    };
}
