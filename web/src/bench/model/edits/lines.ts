import type { Film, Form, Line, Motif, SheetPart, Size } from '../../../api/client';
import { defaults } from '../../../api/defaults';
import { firstThatShows } from '../colours';
import { inFrameOf, sizeTheirs } from './belongings';
import { edit, takeFilm, type Card, type Change, type Edit } from './edit';

export const withLine = (id: string, change: Change<Line>): Edit =>
    edit((design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        if (line) {
            change(line);
        }
    });

/** Changes the words; letters that remain keep their settings. */
export const withWords = (id: string, words: string): Edit =>
    withLine(id, ({ lettering }) => {
        const [before, after] = [Array.from(lettering.words), Array.from(words)];
        let head = 0;
        while (head < before.length && head < after.length && before[head] === after[head]) {
            head += 1;
        }
        let tail = 0;
        while (
            tail < before.length - head &&
            tail < after.length - head &&
            before[before.length - 1 - tail] === after[after.length - 1 - tail]
        ) {
            tail += 1;
        }
        lettering.words = words;
        lettering.letters = lettering.letters.flatMap((letter) => {
            if (letter.at < head) {
                return [letter];
            }
            return letter.at >= before.length - tail
                ? [{ ...letter, at: letter.at + after.length - before.length }]
                : [];
        });
    });

/** Reorders a card among its kind; the gaps between lines stay in place. */
export const withOrder = (id: string, to: number): Edit =>
    edit((design) => {
        const gaps = design.lines.map(({ stacking }) => stacking.gap);
        for (const cards of [design.lines, design.forms, design.motifs]) {
            move(cards, id, to);
        }
        design.lines.forEach((line, at) => (line.stacking.gap = gaps[at] ?? line.stacking.gap));
    });

function move(cards: { id: string }[], id: string, to: number): void {
    const at = cards.findIndex((candidate) => candidate.id === id);
    if (at >= 0 && to >= 0 && to < cards.length) {
        cards.splice(to, 0, ...cards.splice(at, 1));
    }
}

/** Makes all lines equally wide, by their ink. */
export const withEqualWidths = (width: number): Edit =>
    edit((design) => {
        for (const line of design.lines.filter(({ locked }) => !locked)) {
            Object.assign(line.size, { by: 'width', length: width });
            line.stacking.shift = 0;
        }
    });

/** Sets a line's size, and scales its belongings by the given factors along and across. */
export const withLineSize = (id: string, next: Partial<Size>, along: number, across = along): Edit =>
    edit((design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        if (line) {
            Object.assign(line.size, next);
            line.belongs.scale = 100;
            sizeTheirs(design, id, along, across);
        }
    });

/** Margin of a new line in the area, in µm. */
const MARGIN = 5000;

/** Minimum side of a form or motif to put words on, in µm. */
const LEAST = 20000;

/** Margin of a new line on a form or motif, as a share of its shorter side. */
const SHARE = 0.05;

/**
 * A new line at the end, in the font of the last one: fitted to the area, or into the form or motif that it is put on, to which it
 * belongs, around its centre of gravity; in a film that shows against what it lies on.
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
        design.lines.push({
            ...defaults.line,
            id,
            film: film?.id ?? '',
            depth: under?.depth ?? 0,
            belongs: { ...defaults.belonging, to: under?.id ?? '', ...(under && fromMiddle(under, parts)) },
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

const isBroad = ({ size }: Form | Motif) => Math.min(size.width, size.height) >= LEAST;

const isRing = (card: Card) => 'shape' in card && card.shape.kind === 'ring';

const filmUnder = (card: Form | Motif) => ('colours' in card ? (card.colours[0]?.film ?? '') : card.film);
