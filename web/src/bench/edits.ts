import { level, isPlaced, ringLeader, straight, takesForm } from './follows';
import { formNames, newForm } from './forms';
import { scaledShape } from './stage/pose';
import { untreated } from './treatments';
import type {
    Blank,
    Design,
    Film,
    Form,
    FormKind,
    Frame,
    Letter,
    Line,
    Motif,
    ReadArtwork,
    Sheet,
    SheetRemoval,
    Treatments,
} from '../api/client';

/** Changes to a design: each takes one and gives the next. */
type Edit = (design: Design) => Design;

export const withLine =
    (id: string, change: Partial<Line>): Edit =>
    (design) => ({
        ...design,
        lines: design.lines.map((line) => (line.id === id ? { ...line, ...change } : line)),
    });

export const withoutLine =
    (id: string): Edit =>
    (design) => ({ ...design, lines: design.lines.filter((line) => line.id !== id) });

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
            })),
            forms: design.forms.map((form) => ({
                ...form,
                width: Math.max(500, scaled(form.width)),
                height: Math.max(500, scaled(form.height)),
                corner: scaled(form.corner),
                band: Math.max(500, scaled(form.band)),
                across: scaled(form.across),
                down: scaled(form.down),
            })),
            motifs: design.motifs.map((motif) => ({
                ...motif,
                width: Math.max(500, scaled(motif.width)),
                height: Math.max(500, scaled(motif.height)),
                across: scaled(motif.across),
                down: scaled(motif.down),
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

/** Puts a line on a film of the rack; the design takes the film in, on top of those it has. */
export const withFilm =
    (lineId: string, film: Film): Edit =>
    (design) => {
        const films = design.films.some((known) => known.id === film.id) ? design.films : [...design.films, film];
        return withLine(lineId, { film: film.id })({ ...design, films });
    };

/**
 * Changes a line and puts its ink where it is asked to be; the other lines stay in their places. If they
 * stood in the middle or at the bottom, they are measured from the area's top from then on.
 */
export const withPlace =
    (id: string, change: Partial<Line>, place: Frame, sheet: Sheet): Edit =>
    (design) => {
        const inkOf = (line: Line) => sheet.parts.find((part) => part.card === line.id)?.ink;
        const before = design.lines.find((line) => line.id === id);
        const moved = before && inkOf(before);
        if (!moved) {
            return withLine(id, change)(design);
        }
        const upright = place.top === moved.top && place.height === moved.height;
        let [above, reference] = [sheet.area.top, sheet.area];
        const lines = design.lines.map((line) => {
            const ink = line.id === id ? place : inkOf(line);
            if (!ink || isPlaced(line)) {
                return line;
            }
            // What stands by its shapes is put by its box from then on.
            const next = upright ? line : { ...line, gap: ink.top - above, tight: false };
            const to = line.alignTo === 'above' ? reference : sheet.area;
            above = ink.top + ink.height;
            reference = ink;
            return line.id === id ? { ...next, ...change, shift: shiftTo(next, place, to) } : next;
        });
        return { ...design, stack: upright ? design.stack : 'top', lines };
    };

/** How far right of where its alignment puts it a line has to stand. */
function shiftTo({ align }: Line, place: Frame, to: Frame): number {
    switch (align) {
        case 'left':
            return place.left - to.left;
        case 'centre':
            return Math.round(place.left + place.width / 2 - to.left - to.width / 2);
        case 'right':
            return place.left + place.width - to.left - to.width;
    }
}

/** Other words: what is set for single letters stays with those that are left. */
export const withWords =
    (id: string, words: string): Edit =>
    (design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        if (!line) {
            return design;
        }
        const [before, after] = [Array.from(line.words), Array.from(words)];
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
        const letters = line.letters.flatMap((letter) => {
            if (letter.at < head) {
                return [letter];
            }
            return letter.at >= before.length - tail
                ? [{ ...letter, at: letter.at + after.length - before.length }]
                : [];
        });
        return withLine(id, { words, letters })(design);
    };

/** What stands in the words for an ornament, whose glyph was chosen by sight. */
export const ORNAMENT = '❧';

/** Puts a letter on a film of the rack, or back on that of its line. */
export const withLetterFilm =
    (id: string, at: number, film: Film): Edit =>
    (design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        const films = design.films.some((known) => known.id === film.id) ? design.films : [...design.films, film];
        return withLetter(id, at, { film: film.id === line?.film ? '' : film.id })({ ...design, films });
    };

/** An ornament put into the words of a line before the given character. */
export const withOrnament =
    (id: string, at: number, glyph: number): Edit =>
    (design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        if (!line) {
            return design;
        }
        const characters = Array.from(line.words);
        characters.splice(at, 0, ORNAMENT);
        return withLetter(id, at, { glyph })(withWords(id, characters.join(''))(design));
    };

/** What is set for one letter; a letter that nothing is set for is left out. */
export const withLetter =
    (id: string, at: number, change: Partial<Letter>): Edit =>
    (design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        const letter = { ...(line?.letters.find((other) => other.at === at) ?? plainLetter(at)), ...change };
        const others = line?.letters.filter((other) => other.at !== at) ?? [];
        const letters = isPlain(letter) ? others : [...others, letter].sort((a, b) => a.at - b.at);
        return withLine(id, { letters })(design);
    };

export const plainLetter = (at: number): Letter => ({
    at,
    kern: 0,
    along: 0,
    across: 0,
    turn: 0,
    scale: 100,
    features: [],
    glyph: -1,
    film: '',
});

const isPlain = ({ kern, along, across, turn, scale, features, glyph, film }: Letter) =>
    kern === 0 &&
    along === 0 &&
    across === 0 &&
    turn === 0 &&
    scale === 100 &&
    features.length === 0 &&
    glyph < 0 &&
    film === '';

/** Moves a line across and down from where the sheet has it. */
export const withMove =
    (id: string, dx: number, dy: number, sheet: Sheet): Edit =>
    (design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        const ink = sheet.parts.find((part) => part.card === id)?.ink;
        if (!line || !ink || line.locked || (dx === 0 && dy === 0)) {
            return design;
        }
        if (isPlaced(line)) {
            return withOwnPlace(id, dx, dy)(design);
        }
        // What is shifted only sideways needs no sheet, so that presses of a key in a row add up.
        return dy === 0
            ? withLine(id, { shift: line.shift + dx })(design)
            : withPlace(id, {}, { ...ink, left: ink.left + dx, top: ink.top + dy }, sheet)(design);
    };

/** Puts a line elsewhere in the order. The gaps stay where they are in the stack. */
export const withOrder =
    (id: string, to: number): Edit =>
    (design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        if (!line || design.lines.indexOf(line) === to || to < 0 || to >= design.lines.length) {
            return design;
        }
        const others = design.lines.filter((candidate) => candidate !== line);
        const ordered = [...others.slice(0, to), line, ...others.slice(to)];
        return {
            ...design,
            lines: ordered.map((moved, at) => ({ ...moved, gap: design.lines[at]?.gap ?? moved.gap })),
        };
    };

/** All lines as wide as one of them, by their ink. */
export const withEqualWidths =
    (width: number): Edit =>
    (design) => ({
        ...design,
        lines: design.lines.map((line) =>
            line.locked ? line : { ...line, size: { by: 'width', length: width }, shift: 0 },
        ),
    });

/** A new line at the end, in the way of the last one. */
export const withNewLine =
    (id: string): Edit =>
    (design) => {
        const last = design.lines.at(-1);
        const film = last?.film ?? design.films[0]?.id ?? '';
        const line: Line = {
            id,
            words: '',
            font: last?.font ?? 'lobster',
            film,
            size: last && last.size.by !== 'area' ? last.size : { by: 'letter', length: 20000 },
            spacing: 0,
            align: last?.align ?? 'centre',
            gap: last ? 8000 : 0,
            tight: false,
            shift: 0,
            alignTo: 'area',
            turn: 0,
            stretch: 100,
            hidden: false,
            locked: false,
            language: last?.language ?? '',
            features: [],
            wordForms: false,
            joins: 'auto',
            letters: [],
            follows: straight,
            fills: level,
            treatments: untreated,
        };
        return { ...design, lines: [...design.lines, line] };
    };

/** A copy of a line, right below it. */
export const withCopy =
    (id: string, copyId: string): Edit =>
    (design) => ({
        ...design,
        lines: design.lines.flatMap((line) =>
            line.id === id ? [line, { ...line, id: copyId, gap: 8000, locked: false }] : [line],
        ),
    });

export function freeId(design: Design, kind: 'line' | 'form' | 'motif' = 'line'): string {
    const taken = new Set([...design.lines, ...design.forms, ...design.motifs].map(({ id }) => id));
    let number = { line: design.lines, form: design.forms, motif: design.motifs }[kind].length + 1;
    while (taken.has(`${kind}-${number}`)) {
        number += 1;
    }
    return `${kind}-${number}`;
}

/** What a card is called in a list. */
export function cardName(design: Design, id: string): string {
    const line = design.lines.find((candidate) => candidate.id === id);
    const form = design.forms.find((candidate) => candidate.id === id);
    if (line) {
        return line.words.trim() || 'a line without words';
    }
    const motif = design.motifs.find((candidate) => candidate.id === id);
    if (motif) {
        return motif.name;
    }
    if (!form) {
        return 'nothing that is there';
    }
    const alike = design.forms.filter(({ kind }) => kind === form.kind);
    return formNames[form.kind] + (alike.length > 1 ? ` ${alike.indexOf(form) + 1}` : '');
}

export const withMotif =
    (id: string, change: Partial<Motif>): Edit =>
    (design) => ({
        ...design,
        motifs: design.motifs.map((motif) => (motif.id === id ? { ...motif, ...change } : motif)),
    });

export const withoutMotif =
    (id: string): Edit =>
    (design) => ({ ...design, motifs: design.motifs.filter((motif) => motif.id !== id) });

/** A copy of a motif, somewhat to the right and below it. */
export const withMotifCopy =
    (id: string, copyId: string): Edit =>
    (design) => ({
        ...design,
        motifs: design.motifs.flatMap((motif) =>
            motif.id === id
                ? [motif, { ...motif, id: copyId, across: motif.across + 8000, down: motif.down + 8000, locked: false }]
                : [motif],
        ),
    });

/** Artwork that was read, in the middle of the area; each of its colours gets the film that is most like it. */
export const withNewMotif =
    (id: string, name: string, artwork: ReadArtwork, rack: readonly Film[]): Edit =>
    (design) => {
        const { width, height } = design.blank.placement;
        const factor = (0.5 * Math.min(width, height)) / Math.max(artwork.width, artwork.height);
        const known = rack.length > 0 ? rack : design.films;
        const chosen = artwork.colours.map(({ colour }) => nearestFilm(colour, known));
        const added = chosen.filter(
            (film, at) =>
                film && chosen.indexOf(film) === at && !design.films.some((candidate) => candidate.id === film.id),
        ) as Film[];
        const motif: Motif = {
            id,
            name: name.slice(0, 80) || 'Motif',
            width: Math.max(500, Math.round(artwork.width * factor)),
            height: Math.max(500, Math.round(artwork.height * factor)),
            colours: artwork.colours.map((colour, at) => ({ ...colour, film: chosen[at]?.id ?? '' })),
            across: 0,
            down: Math.round(height / 2),
            turn: 0,
            proportional: true,
            hidden: false,
            locked: false,
            treatments: untreated,
        };
        return { ...design, films: [...design.films, ...added], motifs: [...design.motifs, motif] };
    };

function nearestFilm(colour: string, films: readonly Film[]): Film | undefined {
    const channels = (hex: string) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
    const far = (film: Film) => {
        const [own, other] = [channels(colour), channels(film.colour)];
        return own.reduce((sum, value, at) => sum + (value - (other[at] ?? 0)) ** 2, 0);
    };
    return [...films].sort((a, b) => far(a) - far(b))[0];
}

/** What is done to a card, be it a line, a form or a motif. */
export const withTreatments =
    (id: string, treatments: Treatments): Edit =>
    (design) => ({
        ...design,
        lines: design.lines.map((line) => (line.id === id ? { ...line, treatments } : line)),
        forms: design.forms.map((form) => (form.id === id ? { ...form, treatments } : form)),
        motifs: design.motifs.map((motif) => (motif.id === id ? { ...motif, treatments } : motif)),
    });

/** A piece taken out of a card, measured from the middle of its ink. */
export const withPieceOut =
    (id: string, points: number[]): Edit =>
    (design) => {
        const card = [...design.lines, ...design.forms, ...design.motifs].find((candidate) => candidate.id === id);
        if (!card) {
            return design;
        }
        const { erased } = card.treatments;
        const taken = new Set(erased.map((piece) => piece.id));
        let number = erased.length + 1;
        while (taken.has(`piece-${number}`)) {
            number += 1;
        }
        const piece = { id: `piece-${number}`, points, hidden: false };
        return withTreatments(id, { ...card.treatments, erased: [...erased, piece] })(design);
    };

/** Keeps a small shape that would be tidied away, or no longer. */
export const withKept =
    ({ card, x, y }: SheetRemoval, keep: boolean): Edit =>
    (design) => {
        const others = design.clean.kept.filter(
            (kept) => kept.card !== card || Math.hypot(kept.x - x, kept.y - y) > 600,
        );
        return { ...design, clean: { ...design.clean, kept: keep ? [...others, { card, x, y }] : others } };
    };

/** Puts a line into the middle of a card by its ink, made smaller if it is wider than most of it. */
export const withLineOn =
    (id: string, target: string, sheet: Sheet): Edit =>
    (design) => {
        const line = design.lines.find((candidate) => candidate.id === id);
        const own = sheet.parts.find((part) => part.card === id);
        const other = sheet.parts.find((part) => part.card === target)?.ink;
        if (!line || !own?.ink || !other || isPlaced(line)) {
            return design;
        }
        const factor = Math.min(1, (0.8 * other.width) / own.ink.width, (0.6 * other.height) / own.ink.height);
        const [width, height] = [Math.round(own.ink.width * factor), Math.round(own.ink.height * factor)];
        const place = {
            left: Math.round(other.left + (other.width - width) / 2),
            top: Math.round(other.top + (other.height - height) / 2),
            width,
            height,
        };
        return withPlace(id, factor < 1 ? { size: { by: 'width', length: width } } : {}, place, sheet)(design);
    };

export const withForm =
    (id: string, change: Partial<Form>): Edit =>
    (design) => ({ ...design, forms: design.forms.map((form) => (form.id === id ? { ...form, ...change } : form)) });

export const withoutForm =
    (id: string): Edit =>
    (design) => ({ ...design, forms: design.forms.filter((form) => form.id !== id) });

export const withNewForm =
    (id: string, kind: FormKind): Edit =>
    (design) => {
        const film = design.forms.at(-1)?.film ?? design.lines.at(-1)?.film ?? design.films[0]?.id ?? '';
        return { ...design, forms: [...design.forms, newForm(id, kind, film, design.blank.placement)] };
    };

/** A copy of a form, somewhat to the right and below it. */
export const withFormCopy =
    (id: string, copyId: string): Edit =>
    (design) => ({
        ...design,
        forms: design.forms.flatMap((form) =>
            form.id === id
                ? [form, { ...form, id: copyId, across: form.across + 8000, down: form.down + 8000, locked: false }]
                : [form],
        ),
    });

/** Puts a form on a film of the rack; the design takes the film in, below those it has. */
export const withFormFilm =
    (id: string, film: Film): Edit =>
    (design) => {
        const films = design.films.some((known) => known.id === film.id) ? design.films : [film, ...design.films];
        return withForm(id, { film: film.id })({ ...design, films });
    };

/** Moves what stands in a place of its own: a form, or a line on a ring or spiral. What follows something else stays with that. */
export const withOwnPlace =
    (id: string, dx: number, dy: number): Edit =>
    (design) => {
        const form = design.forms.find((candidate) => candidate.id === id);
        if (form) {
            return withForm(id, { across: form.across + dx, down: form.down + dy })(design);
        }
        const motif = design.motifs.find((candidate) => candidate.id === id);
        if (motif) {
            return withMotif(id, { across: motif.across + dx, down: motif.down + dy })(design);
        }
        const line = design.lines.find((candidate) => candidate.id === id);
        if (!line) {
            return design;
        }
        const { follows, fills } = line;
        if (takesForm(fills)) {
            return withOwnPlace(fills.form, dx, dy)(design);
        }
        if (follows.path === 'ring') {
            const leader = ringLeader(line, design);
            const { ring } = leader.follows;
            return withLine(leader.id, {
                follows: { ...leader.follows, ring: { ...ring, across: ring.across + dx, down: ring.down + dy } },
            })(design);
        }
        if (follows.path === 'spiral') {
            const { spiral } = follows;
            return withLine(id, {
                follows: { ...follows, spiral: { ...spiral, across: spiral.across + dx, down: spiral.down + dy } },
            })(design);
        }
        return design;
    };
