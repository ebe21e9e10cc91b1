import type { Design, Film, Form, Motif, SheetPart } from '../../../api/client';
import { defaults } from '../../../api/defaults';
import { firstThatShows } from '../colours';
import { isPlaced } from '../follows';
import { inFrameOf } from './belongings';
import { edit, takeFilm, type Card, type Edit } from './edit';

/** Margin of a new line in the area, in µm. */
const MARGIN = 5000;

/** Minimum side of a form or motif to put words on, in µm. */
const LEAST = 20000;

/** Margin of a new line on a form or motif, as a share of its shorter side. */
const SHARE = 0.05;

/** Letters of another line on the same form, as a share of those of the first, and its gap to the line above, in µm. */
const SMALLER = 0.4;
const GAP = 4000;

/**
 * A new line at the end, in the font of the last one: fitted to the area, or into the form or motif that it is put on, to which it
 * belongs, around its centre of gravity, or smaller beneath the lines that are on it; in a film that contrasts with its background.
 */
export const withNewLine = (
    id: string,
    on: string | null = null,
    rack: readonly Film[] = [],
    parts: readonly SheetPart[] = [],
): Edit =>
    edit((design) => {
        const last = design.lines.at(-1);
        const under = [...design.forms, ...design.motifs].find((card) => card.id === on && isBroad(card));
        const { fabric, placement } = design.blank;
        const films = [...design.films, ...rack];
        // Words in a ring are on the fabric.
        const ground = under && !isRing(under) ? filmUnder(under) : '';
        const colour = films.find(({ id }) => id === ground)?.colour;
        const film = colour
            ? firstThatShows(films, [colour])
            : (films.find((own) => own.id === last?.film) ?? firstThatShows(films, [fabric.colour]));
        if (film) {
            takeFilm(design, film, 'above');
        }
        const room = under ? under.size : placement;
        const margin = under ? Math.round(SHARE * Math.min(room.width, room.height)) : MARGIN;
        const whole = under !== undefined || !last;
        const next = under && beneath(design, under, parts);
        design.lines.push({
            ...defaults.line,
            id,
            film: film?.id ?? '',
            depth: under?.depth ?? 0,
            belongs: {
                ...defaults.belonging,
                to: under?.id ?? '',
                ...(next?.belongs ?? (under && fromMiddle(under, parts))),
            },
            lettering: {
                ...defaults.lettering,
                words: '',
                font: last?.lettering.font ?? 'lobster',
                language: last?.lettering.language ?? '',
            },
            size: {
                ...defaults.size,
                by: whole ? 'area' : 'width',
                length: whole ? margin : Math.max(500, placement.width - 2 * MARGIN),
                ...next?.size,
            },
            place: { ...defaults.place, align: last?.place.align ?? 'centre' },
            stacking: { ...defaults.stacking, gap: last ? 8000 : 0 },
        });
    });

/** Offset from a card's centre to its centre of gravity. */
function fromMiddle(card: Card, parts: readonly SheetPart[]) {
    const part = parts.find((own) => own.card === card.id);
    return part?.centroid ? inFrameOf(card, part.centroid.x - part.middleX, part.centroid.y - part.middleY) : {};
}

/** Size and place of a line beneath those that are on a card; undefined if there are none. */
function beneath(design: Design, card: Card, parts: readonly SheetPart[]) {
    const on = parts.find((own) => own.card === card.id);
    const there = design.lines.flatMap((line) => {
        const part =
            line.belongs.to === card.id && !isPlaced(line) ? parts.find((own) => own.card === line.id) : undefined;
        return part?.ink ? [{ high: part.letterHeight, bottom: part.ink.top + part.ink.height }] : [];
    });
    if (!on || there.length === 0) {
        return undefined;
    }
    const length = Math.max(500, Math.round(SMALLER * Math.max(...there.map(({ high }) => high))));
    const middle = Math.max(...there.map(({ bottom }) => bottom)) + GAP + length / 2;
    return { size: { by: 'letter' as const, length }, belongs: inFrameOf(card, 0, middle - on.middleY) };
}

const isBroad = ({ size }: Form | Motif) => Math.min(size.width, size.height) >= LEAST;

const isRing = (card: Card) => 'shape' in card && card.shape.kind === 'ring';

const filmUnder = (card: Form | Motif) => ('colours' in card ? (card.colours[0]?.film ?? '') : card.film);
