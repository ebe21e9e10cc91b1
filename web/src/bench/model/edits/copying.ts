import type { Frame, Sheet, Treatments } from '../../../api/client';
import { defaults } from '../../../api/defaults';
import { withTreatments } from './cards';
import { cardsOf, isLine, type Change, type Edit } from './edit';
import { withMove, withOwnPlace } from './places';

type Copies = Treatments['copies'];

/** Share of the available room that a new ring of copies fills. */
const FILLED = 0.95;

/** Minimum radius of a new ring of copies, in µm. */
const LEAST = 1000;

/** Arranges copies in a ring that fits the form they are on, or the area, unless a radius was set before. */
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

/** The default radius, or less if the area or the smallest form or motif around the card's centre needs it. */
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
    return Math.min(defaults.copies.radius, Math.max(LEAST, Math.round((FILLED * room) / 2)));
}

const contains = ({ left, top, width, height }: Frame, x: number, y: number) =>
    x > left && x < left + width && y > top && y < top + height;

/** Changes a card's copies and moves the card so that the centre of all copies stays put. */
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

/** Offset from a card's centre to the centre of all its copies. */
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
