import type { Erasure, Frame, Line, Sheet, SheetPart } from '../../api/client';
import { withDropped } from '../model/dropped';
import { withCard, withTheirs, withPieceErased, type Card } from '../model/edits';
import { withLetterAt } from '../model/edits/letterPlace';
import { handled, movedWith, type Grip, type Hold } from '../model/hand';
import { knotsOf, type Knot } from '../model/knots';
import { within, type Point } from '../model/lasso';
import { asOne, frameRound, poseOf, withAsOne, type SeveralGrip } from '../model/posed';
import { cardOf, chosenLetters, lineOf, openCard, partOf } from '../state/select';
import { viewOf } from '../state/camera';
import type { BenchStore } from '../state/store';
import type { Hit } from './hit';
import type { StageView } from './StageView';

interface Keys {
    altKey: boolean;
    shiftKey: boolean;
}

type Place = Parameters<StageView['toStage']>[0];

/** The object of the current gesture. */
type Held =
    | { kind: 'part'; hold: Hold }
    | { kind: 'knot'; knot: Knot; card: Card; from: Point }
    | { kind: 'letter'; line: Line; places: number[]; part: SheetPart; from: Point; sheet: Sheet }
    | { kind: 'several'; cards: readonly string[]; frame: Frame; grip: SeveralGrip; from: Point }
    | { kind: 'loop' }
    | { kind: 'piece' }
    | { kind: 'cloth' };

/** Snapping distance in screen pixels. */
const REACH = 6;

/** Maximum number of points of a loop. */
const MOST = 2000;

/** Turns presses, drags and clicks on the stage into changes of the Bench. */
export function handsOn(store: BenchStore, toStage: StageView['toStage']) {
    const bench = () => store.getState();
    /** Start of the press, and the card open at that time. */
    let pressed: { hit: Hit; open: string | null; at: Place; keys: Keys } | null = null;
    let held: Held | null = null;

    const holdOf = (id: string, grip: Grip, from: Point): Held => {
        const { design, chosen } = bench();
        const item = cardOf(design, id);
        const part = partOf(bench(), id);
        return item && part?.ink && !item.locked
            ? {
                  kind: 'part',
                  hold: {
                      grip,
                      item,
                      part,
                      cards: movedWith(design, id, chosen),
                      theirs: withTheirs(design, [id]),
                      ...from,
                  },
              }
            : { kind: 'cloth' };
    };

    const holdAll = (grip: SeveralGrip, from: Point): Held => {
        const { design, chosen, sheet } = bench();
        const cards = withTheirs(design, chosen);
        const frame = frameRound(cards, sheet);
        return frame ? { kind: 'several', cards, frame, grip, from } : { kind: 'cloth' };
    };

    const severalTo = ({ frame, grip, from }: Held & { kind: 'several' }, at: Place, keys: Keys) =>
        asOne(frame, grip, from, toStage(at), keys.altKey);

    /** The open line's letter at a point; of several, the one with the nearest centre. */
    const letterAt = ({ x, y }: Point): number | null => {
        const away = ({ left, top, width, height }: Frame) => Math.hypot(x - left - width / 2, y - top - height / 2);
        const [nearest] = (partOf(bench(), openCard(bench()))?.letters ?? [])
            .filter(
                ({ frame: { left, top, width, height } }) =>
                    x >= left && x <= left + width && y >= top && y <= top + height,
            )
            .sort((a, b) => away(a.frame) - away(b.frame));
        return nearest?.at ?? null;
    };

    const taken = (): Held => {
        const { design, erasing, lasso, drawer } = bench();
        const open = openCard(bench());
        if (!pressed) {
            return { kind: 'cloth' };
        }
        const { hit, at, keys } = pressed;
        const from = toStage(at);
        if (erasing || lasso || (hit.kind === 'cloth' && keys.shiftKey)) {
            return { kind: 'loop' };
        }
        switch (hit.kind) {
            case 'card':
                return holdOf(hit.card, { kind: 'part' }, from);
            case 'piece':
                return { kind: 'piece' };
            case 'corner':
            case 'thread':
                return open === null ? holdAll(hit, from) : holdOf(open, hit, from);
            case 'knot': {
                const card = cardOf(design, open);
                const knot =
                    card && knotsOf(card, partOf(bench(), open), design, drawer).find(({ name }) => name === hit.name);
                return card && knot ? { kind: 'knot', knot, card, from } : { kind: 'cloth' };
            }
            case 'letter': {
                const own = chosenLetters(bench());
                const part = partOf(bench(), open);
                return own && part && part.em > 0
                    ? {
                          kind: 'letter',
                          line: own.line,
                          sheet: bench().sheet,
                          places: own.places,
                          part,
                          from,
                      }
                    : { kind: 'cloth' };
            }
            default:
                return { kind: 'cloth' };
        }
    };

    const gestureTo = (hold: Hold, at: Place, keys: Keys) => {
        const { x, y } = toStage(at);
        return handled(hold, x, y, bench().sheet, keys, REACH * (viewOf(bench())?.pixel ?? 1));
    };

    const letGo = () => {
        held = null;
        pressed = null;
        bench().look({ gesture: null, drawn: [], measured: null });
    };

    return {
        letGo,

        /** On press, selects what is hit, unless it is part of a multiple selection. */
        press: (hit: Hit, event: Place & Keys) => {
            const { chosen, choose, look } = bench();
            const card = hit.kind === 'card' ? hit.card : null;
            pressed = {
                hit,
                open: openCard(bench()),
                at: { clientX: event.clientX, clientY: event.clientY },
                keys: { altKey: event.altKey, shiftKey: event.shiftKey },
            };
            look({ menu: null });
            if (card !== null && !chosen.includes(card) && !event.shiftKey) {
                choose(card);
            }
        },

        /** On click, selects the card hit; with Shift, toggles it; on nothing, clears the selection. */
        click: ({ shiftKey }: Keys) => {
            const { toggle, choose, showSnag, sheet, look, erasing, drawer } = bench();
            // A long press has already opened the menu.
            if (!pressed) {
                return;
            }
            const { hit } = pressed;
            if (hit.kind === 'card') {
                const letter = drawer === 'letters' && pressed.open === hit.card ? letterAt(toStage(pressed.at)) : null;
                if (shiftKey) {
                    toggle(hit.card);
                } else if (letter !== null) {
                    look({ letter, alike: false });
                } else {
                    choose(hit.card);
                }
            } else if (hit.kind === 'pin') {
                showSnag(sheet.snags.find(({ number }) => number === hit.number) ?? null);
            } else if (hit.kind === 'cloth' && !shiftKey) {
                choose(null);
                showSnag(null);
            } else if (hit.kind === 'draw' && !erasing) {
                look({ lasso: false });
            }
            letGo();
        },

        /** Starts a drag. */
        take: () => {
            held = taken();
        },

        move: (at: Place, [right = 0, down = 0]: readonly number[], keys: Keys) => {
            const { look, change, pan, drawn, erasing, design } = bench();
            if (held?.kind === 'part') {
                look({ gesture: gestureTo(held.hold, at, keys) });
            } else if (held?.kind === 'several') {
                const { cards, frame } = held;
                const change = severalTo(held, at, keys);
                const { scale, turn } = change;
                const note = turn === 0 ? { width: frame.width * scale, height: frame.height * scale } : { turn };
                const card = cards[0] ?? '';
                look({ gesture: { card, cards, pose: poseOf(change), guides: [], note, handled: null } });
            } else if (held?.kind === 'knot') {
                const { knot, card, from } = held;
                const to = toStage(at);
                const name = `${knot.name}:${card.id}`;
                change(withCard(card.id, knot.to(knot.x + to.x - from.x, knot.y + to.y - from.y)), name);
                const now = cardOf(bench().design, card.id);
                look({ measured: now ? { ...to, text: knot.measure(now, design.unit) } : null });
            } else if (held?.kind === 'letter') {
                const { line, places, part, from, sheet } = held;
                const to = toStage(at);
                const by = nudged(part, line.size.stretch, from, to);
                change(
                    withLetterAt(line, places, by, part, to.x - from.x, to.y - from.y, sheet),
                    `letter:${line.id}:${places.join()}`,
                );
                look({ measured: { ...toStage(at), text: `${by.along} right, ${by.across} up` } });
            } else if (held?.kind === 'loop') {
                const start = pressed ? toStage(pressed.at) : toStage(at);
                const to = toStage(at);
                look({
                    drawn: erasing?.shape === 'rectangle' ? rectangle(start, to) : [...drawn, to].slice(-MOST),
                });
            } else if (held?.kind !== 'piece') {
                pan(right, down);
            }
        },

        drop: (at: Place, keys: Keys) => {
            const { carry, sheet, look, drawn, erasing, chooseAll, chosen, change } = bench();
            if (held?.kind === 'part') {
                const gesture = gestureTo(held.hold, at, keys);
                carry(gesture.cards, gesture.pose, withDropped(gesture, sheet));
            } else if (held?.kind === 'several') {
                const change = severalTo(held, at, keys);
                carry(held.cards, poseOf(change), withAsOne(held.cards, change, sheet));
            } else if (held?.kind === 'loop' && erasing) {
                const part = partOf(bench(), erasing.card);
                const piece = part && pieceOf(drawn, part);
                if (piece) {
                    change(withPieceErased(erasing.card, piece));
                }
                look({ erasing: null });
            } else if (held?.kind === 'loop') {
                const found = within(drawn, sheet);
                chooseAll(pressed?.keys.shiftKey ? [...new Set([...chosen, ...found])] : found);
                look({ lasso: false });
            }
            letGo();
        },

        /** A double click on a line edits its words in place. */
        edit: (hit: Hit) => {
            const { design, look } = bench();
            const line = lineOf(design, hit.kind === 'card' ? hit.card : openCard(bench()));
            if (line && !line.locked && hit.kind !== 'cloth') {
                look({ edited: line.id });
            }
        },

        menu: (hit: Hit, x: number, y: number) => {
            const { chosen, choose, look } = bench();
            letGo();
            const card = hit.kind === 'card' ? hit.card : hit.kind === 'cloth' ? null : (chosen.at(-1) ?? null);
            if (card !== null && !chosen.includes(card)) {
                choose(card);
            }
            look({ menu: { x, y, card } });
        },
    };
}

/** A letter's offset along and across its line, in thousandths of the em. */
function nudged(part: SheetPart, stretch: number, from: Point, to: Point) {
    const turn = (part.turn * Math.PI) / 180;
    const [x, y] = [to.x - from.x, to.y - from.y];
    const perMille = 1000 / part.em;
    const along = (x * Math.cos(turn) + y * Math.sin(turn)) * perMille * (100 / stretch);
    const across = (x * Math.sin(turn) - y * Math.cos(turn)) * perMille;
    return {
        along: Math.round(along * 2) / 2,
        across: Math.round(across * 2) / 2,
    };
}

const rectangle = (from: Point, to: Point): Point[] => [from, { x: to.x, y: from.y }, to, { x: from.x, y: to.y }];

/** A piece to erase, relative to the part's centre; null if the loop is empty. */
function pieceOf(loop: readonly Point[], part: SheetPart): Pick<Erasure, 'points' | 'of'> | null {
    if (loop.length < 3) {
        return null;
    }
    // A line's size is that of its letters, whatever their number.
    const [width, height] = part.letterHeight > 0 ? [part.letterHeight, part.letterHeight] : [part.width, part.height];
    return {
        points: loop.flatMap(({ x, y }) => [Math.round(x - part.middleX), Math.round(y - part.middleY)]),
        of: { width, height, turn: part.turn },
    };
}
