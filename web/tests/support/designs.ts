import type { Design, Form, Frame, Line, Sheet, SheetPart } from '../../src/api/client';
import { cardsOf, inTurn, ownerOf, withForm, withLine, withNewForm, withNewLine } from '../../src/bench/model/edits';
import { bottomUp } from '../../src/bench/model/edits/depths';
import { isPlaced } from '../../src/bench/model/follows';

/** Numbers that are the same for the same seed (Park and Miller's minimal generator). */
export function random(seed: number) {
    let state = seed;
    const next = () => (state = (state * 48271) % 2147483647) / 2147483647;
    return {
        /** A whole number from one to another, both of which may come. */
        from: (from: number, to: number) => from + Math.floor(next() * (to - from + 1)),
        one: <Value>(values: readonly Value[]): Value => values[Math.floor(next() * values.length)] as Value,
    };
}

const film = { id: 'ink', name: 'Harbour ink', colour: '#22243A', finish: 'smooth', width: 500000, thickness: 90 };

/** A design with nothing in it, on an area of 280 by 330 mm. */
export const empty = {
    name: 'Regatta shirt',
    unit: 'mm',
    stack: 'top',
    blank: {
        name: 'Crew tee',
        drawing: 'tee-back',
        keepOff: [],
        crossed: [],
        fabric: { name: 'Canvas', colour: '#F5F1E8' },
        placement: { width: 280000, height: 330000, across: 0, down: 75000, from: [] },
    },
    films: [film, { ...film, id: 'chalk' }, { ...film, id: 'buoy' }],
    lines: [],
    forms: [],
    motifs: [],
    clean: { kept: [] },
    layering: { usual: { kind: 'trapped', width: 300 }, joints: [], marks: { kind: 'none' }, thickest: 500 },
    weeding: {
        frame: 'rectangle',
        around: 'design',
        margins: { left: 6000, right: 6000, top: 6000, bottom: 6000 },
        distance: 4000,
        relief: false,
        together: false,
    },
} as unknown as Design;

/** A card, whose groups may be left out in what is said of it. */
type LineSettings = Partial<Line['lettering'] & Line['place'] & Line['stacking'] & Omit<Line, 'size'>> & {
    size?: Partial<Line['size']>;
};
type FormSettings = Partial<
    Form['shape'] & Omit<Form['size'], 'turn'> & Form['place'] & Omit<Form, 'size' | 'shape' | 'place'>
>;

/** Sets each field where it belongs: in the card itself or in one of its groups. */
function set(card: Line | Form, settings: LineSettings | FormSettings): void {
    const { lettering, place, stacking, shape, size } = card as unknown as Record<string, object | undefined>;
    const groups = [lettering, place, stacking, shape, size].filter((group) => group !== undefined);
    for (const [field, value] of Object.entries(settings)) {
        const owner = field in card ? card : groups.find((group) => field in group);
        if (!owner) {
            throw new Error(`A card has no ${field}.`);
        }
        const before = (owner as Record<string, unknown>)[field];
        const part = field === 'size' ? { ...(before as object), ...(value as object) } : value;
        (owner as Record<string, unknown>)[field] = part;
    }
}

export const withLines = (...lines: LineSettings[]): Design =>
    lines.reduce<Design>((design, change, at) => {
        const id = `line-${at + 1}`;
        return inTurn(
            withNewLine(id),
            withLine(id, (line) => set(line, { size: { by: 'letter', length: 20000 }, ...change })),
        )(design);
    }, empty);

export const withForms = (design: Design, ...forms: FormSettings[]): Design =>
    forms.reduce<Design>((design, change, at) => {
        const id = `form-${at + 1}`;
        return inTurn(
            withNewForm(id, 'rectangle'),
            withForm(id, (form) => set(form, change)),
        )(design);
    }, design);

const frameOf = ({ left, top, width, height }: Frame): Frame => ({ left, top, width, height });

export const area: Frame = { left: -140000, top: 0, width: 280000, height: 330000 };

/** How large lines are, by their ids. */
export type Sizes = Record<string, { width: number; height: number }>;

/**
 * Where the ink of each card lies: lines under one another, each so far below the one above as its gap says,
 * forms in their places. As the server does it, for lines and forms that are boxes.
 */
export function laid(design: Design, sizes: Sizes): Record<string, Frame> {
    const frames: Record<string, Frame> = {};
    const stacked = design.lines.filter((line) => !isPlaced(line) && !ownerOf(design, line.id));
    let [bottom, above] = [0, area];
    for (const [number, line] of stacked.entries()) {
        const { width, height } = sizes[line.id] ?? { width: 0, height: 0 };
        const to = line.stacking.alignTo === 'above' ? above : area;
        const left = {
            left: to.left,
            centre: to.left + (to.width - width) / 2,
            right: to.left + to.width - width,
        }[line.place.align];
        const top = number === 0 ? 0 : bottom + line.stacking.gap;
        above = { left: left + line.stacking.shift, top, width, height };
        frames[line.id] = above;
        bottom = top + height;
    }
    const edge = stacked[0]?.stacking.gap ?? 0;
    const shift = { top: edge, middle: (area.height - bottom) / 2, bottom: area.height - bottom - edge }[design.stack];
    for (const { id } of design.lines.filter((line) => !isPlaced(line) && ownerOf(design, line.id))) {
        const { width, height } = sizes[id] ?? { width: 0, height: 0 };
        frames[id] = { left: 0, top: 0, width, height };
    }
    for (const { id } of stacked) {
        const frame = frames[id];
        frames[id] = { ...(frame ?? area), top: (frame?.top ?? 0) + shift };
    }
    for (const { id, size, place } of [...design.forms, ...design.motifs]) {
        const { width, height } = size;
        frames[id] = { left: place.across - width / 2, top: place.down - height / 2, width, height };
    }
    cardsOf(design).forEach(({ id }) => putOnOwner(design, id, frames));
    return frames;
}

/** Puts the frame of a card where the card has it that it belongs to. */
function putOnOwner(design: Design, id: string, frames: Record<string, Frame>, done = new Set<string>()): void {
    const card = cardsOf(design).find((candidate) => candidate.id === id);
    const owner = ownerOf(design, id);
    const own = frames[id];
    if (!card || !owner || !own || done.has(id)) {
        return;
    }
    done.add(id);
    putOnOwner(design, owner.id, frames, done);
    const to = frames[owner.id] ?? own;
    const turn = (owner.place.turn * Math.PI) / 180;
    const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
    const { across, down, scale } = card.belongs;
    const [width, height] = [(own.width * scale) / 100, (own.height * scale) / 100];
    frames[id] = {
        left: to.left + to.width / 2 + across * cos - down * sin - width / 2,
        top: to.top + to.height / 2 + across * sin + down * cos - height / 2,
        width,
        height,
    };
}

const box = ({ left, top, width, height }: Frame) => `M${left} ${top}l${width} 0 0 ${height} ${-width} 0z`;

/** What the server would say of it. */
export function sheet(design: Design, sizes: Sizes): Sheet {
    const parts = Object.entries(laid(design, sizes)).map(([card, ink]): SheetPart => ({
        card,
        film: 'ink',
        path: box(ink),
        ink: frameOf(ink),
        width: ink.width,
        height: ink.height,
        middleX: ink.left + ink.width / 2,
        middleY: ink.top + ink.height / 2,
        centroid: null,
        letterHeight: card.startsWith('line') ? ink.height : 0,
        em: 2 * ink.height,
        letters: [],
        also: false,
        turn: 0,
        handles: null,
        guide: false,
        role: 'base',
        depth: bottomUp(design).findIndex(({ id }) => id === card),
    }));
    return { area, parts } as unknown as Sheet;
}
