import type { Frame, Sheet, Treatments } from '../../../api/client';
import { defaults } from '../../../api/defaults';
import { withTreatments } from './cards';
import { cardsOf, isLine, type Change, type Edit } from './edit';
import { withMove, withOwnPlace } from './places';

type Copies = Treatments['copies'];

/** The share of its room that a ring of copies fills at first. */
const FILLED = 0.95;

/** Puts copies of a card in a ring: on what it lies on, or in the area, unless a radius was set already. */
export const withRingOfCopies = (id: string, sheet: Sheet): Edit =>
    withCopiesSet(
        id,
        (copies) => {
            copies.kind = 'around';
            if (copies.radius === defaults.copies.radius) {
                copies.radius = firstRadius(id, sheet) ?? copies.radius;
            }
        },
        sheet,
    );

/** The largest at first, or what the area leaves, or the smallest form or motif round a card's middle with a margin of half a copy. */
function firstRadius(id: string, sheet: Sheet): number | null {
    const own = sheet.parts.find((part) => part.card === id);
    if (!own?.ink) {
        return null;
    }
    const size = Math.max(own.ink.width, own.ink.height);
    const rooms = sheet.parts.flatMap(({ card, centroid, guide, ink }) => {
        const holds = centroid && !guide && card !== id && ink && contains(ink, own.middleX, own.middleY);
        return holds ? [Math.min(ink.width, ink.height) - 2 * size] : [];
    });
    const room = Math.min(
        ...rooms.filter((one) => one > 2 * size),
        Math.min(sheet.area.width, sheet.area.height) - size,
    );
    return Math.min(defaults.copies.radius, Math.round((FILLED * room) / 2));
}

const contains = ({ left, top, width, height }: Frame, x: number, y: number) =>
    x > left && x < left + width && y > top && y < top + height;

/** Changes the copies of a card, and moves it so that the middle of all of them stays where it is. */
export const withCopiesSet =
    (id: string, next: Change<Copies>, sheet: Sheet): Edit =>
    (design) => {
        const ink = sheet.parts.find((part) => part.card === id)?.ink;
        const before = cardsOf(design).find((card) => card.id === id);
        const set = withTreatments(id, ({ copies }) => next(copies))(design);
        const after = cardsOf(set).find((card) => card.id === id);
        if (!ink || !before || !after || before.locked) {
            return set;
        }
        const [was, now] = [before, after].map((card) => middleOf(card.treatments.copies, ink)) as [Way, Way];
        const [dx, dy] = [Math.round(was.dx - now.dx), Math.round(was.dy - now.dy)];
        return (isLine(after) ? withMove(id, dx, dy, sheet) : withOwnPlace(id, dx, dy))(set);
    };

interface Way {
    dx: number;
    dy: number;
}

/** The way from a card's middle to that of it and its copies; of a ring, to its centre. */
function middleOf({ kind, across, down, gap, radius }: Copies, { width, height }: Frame): Way {
    switch (kind) {
        case 'none':
            return { dx: 0, dy: 0 };
        case 'grid':
            return { dx: ((across - 1) * (width + gap)) / 2, dy: ((down - 1) * (height + gap)) / 2 };
        case 'mirrored':
            return { dx: (width + gap) / 2, dy: 0 };
        case 'around':
            return { dx: 0, dy: radius };
    }
}
