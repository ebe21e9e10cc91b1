import { useState, type PointerEvent } from 'react';
import type { Design, Sheet, SheetPart } from '../../api/client';
import { together } from '../arrange';
import type { Handled } from '../dropped';
import { isLine, type Card } from '../edits';
import { isPlaced } from '../follows';
import { corner, moveBy, resized, resizedForm, scaleAbout, turnAbout, type Pose } from './pose';
import { snap, type Guide } from './snap';

/** What a part is taken by: itself, a corner (−1 or 1 to the right and down), or its thread for turning. */
export type Grip = { kind: 'part' } | { kind: 'corner'; right: 1 | -1; down: 1 | -1 } | { kind: 'thread' };

/** A part on its way. */
export interface Gesture {
    card: string;
    /** The cards that move: it, or all that is kept together with it. */
    cards: readonly string[];
    pose: Pose;
    guides: readonly Guide[];
    /** Said beside the pointer. */
    note: { turn: number } | { width: number; height: number } | null;
    /** What becomes of the card besides; null where it is only moved. */
    handled: Handled | null;
}

interface Start {
    grip: Grip;
    item: Card;
    part: SheetPart;
    x: number;
    y: number;
}

/** How far the pointer has to go before it is a drag and not a click, in screen pixels. */
const SLACK = 3;

/**
 * Moving, sizing and turning parts with the pointer. They follow at every frame without asking the
 * server. Alt keeps from
 * snapping, Shift from keeping the proportions.
 */
export function useHands(
    design: Design,
    sheet: Sheet,
    pixel: number,
    toStage: (event: PointerEvent) => { x: number; y: number },
    onChoose: (card: string) => void,
    onDrop: (gesture: Gesture) => void,
) {
    const [start, setStart] = useState<Start | null>(null);
    const [gesture, setGesture] = useState<Gesture | null>(null);

    const handlers = (id: string, grip: Grip) => ({
        onPointerDown: (event: PointerEvent<SVGElement>) => {
            const item = [...design.lines, ...design.forms, ...design.motifs].find((candidate) => candidate.id === id);
            const part = sheet.parts.find((candidate) => candidate.card === id);
            if (event.button !== 0 || !item || !part?.ink || !event.isPrimary) {
                return;
            }
            event.stopPropagation();
            onChoose(id);
            if (!item.locked) {
                event.currentTarget.setPointerCapture(event.pointerId);
                setStart({ grip, item, part, ...toStage(event) });
            }
        },
        onPointerMove: (event: PointerEvent<SVGElement>) => {
            if (start) {
                const { x, y } = toStage(event);
                if (gesture || Math.hypot(x - start.x, y - start.y) > SLACK * pixel) {
                    setGesture(follow(start, x, y, design, sheet, event, 6 * pixel));
                }
            }
        },
        onPointerUp: (event: PointerEvent<SVGElement>) => {
            if (start && gesture) {
                // Where it was let go, which may be further than the last move that was told.
                const { x, y } = toStage(event);
                onDrop(follow(start, x, y, design, sheet, event, 6 * pixel));
            }
            setStart(null);
            setGesture(null);
        },
        onPointerCancel: () => {
            setStart(null);
            setGesture(null);
        },
    });

    return { gesture, handlers };
}

/** Where a part goes when what it is held by goes to a point. */
function follow(
    { grip, item, part, x: startX, y: startY }: Start,
    x: number,
    y: number,
    design: Design,
    sheet: Sheet,
    keys: { altKey: boolean; shiftKey: boolean },
    reach: number,
): Gesture {
    const none = { card: item.id, cards: [item.id], guides: [], note: null, handled: null };
    switch (grip.kind) {
        case 'part': {
            const free = { dx: Math.round(x - startX), dy: Math.round(y - startY), guides: [] };
            const cards = together(design, item.id);
            const { dx, dy, guides } =
                keys.altKey || !part.ink ? free : snap({ cards, ink: part.ink }, free, sheet, reach);
            return { ...none, cards, pose: moveBy(dx, dy), guides };
        }
        case 'corner': {
            const fixed = corner(part, part.turn, -grip.right, -grip.down);
            const from = inLine(startX - fixed.x, startY - fixed.y, part.turn);
            const to = inLine(x - fixed.x, y - fixed.y, part.turn);
            let along = Math.max(to.along / from.along, 0.02);
            let across = Math.max(to.across / from.across, 0.02);
            if (keys.shiftKey === (!isLine(item) && !item.size.proportional)) {
                // The corner goes along the diagonal, to the point of it nearest to the pointer.
                const both = (to.along * from.along + to.across * from.across) / (from.along ** 2 + from.across ** 2);
                along = across = Math.max(both, 0.02);
            }
            const pose = scaleAbout(fixed.x, fixed.y, along, across, part.turn);
            return {
                ...none,
                pose,
                note: { width: part.width * along, height: part.height * across },
                handled: { line: resized(part, along, across), free: resizedForm(part, along, across, pose) },
            };
        }
        case 'thread': {
            const pivot = pivotOf(item, part);
            const angle = (px: number, py: number) => (Math.atan2(px - pivot.x, pivot.y - py) * 180) / Math.PI;
            const free = item.place.turn + angle(x, y) - angle(startX, startY);
            const near = Math.round(free / 15) * 15;
            const turn = inTurns(!keys.altKey && Math.abs(free - near) < 3 ? near : Math.round(free * 10) / 10);
            return {
                ...none,
                pose: turnAbout(pivot.x, pivot.y, turn - item.place.turn),
                note: { turn },
                handled: turned(turn),
            };
        }
    }
}

/** What a part turns about: the centre of the circle that it is on, or its middle. */
export function pivotOf(item: Card, part: SheetPart) {
    const circle = isLine(item) && isPlaced(item) ? part.trace?.circle : null;
    return circle ?? { x: part.middleX, y: part.middleY };
}

function inLine(x: number, y: number, turn: number) {
    const [sin, cos] = [Math.sin((turn * Math.PI) / 180), Math.cos((turn * Math.PI) / 180)];
    return { along: x * cos + y * sin, across: y * cos - x * sin };
}

/** Any card turned to an angle. */
export const turned = (turn: number): Handled => ({
    line: ({ place }) => (place.turn = turn),
    free: ({ place }) => (place.turn = turn),
});

/** The same turn between −180 and 180 degrees. */
export const inTurns = (degrees: number) => Math.round((((((degrees + 180) % 360) + 360) % 360) - 180) * 1000) / 1000;
