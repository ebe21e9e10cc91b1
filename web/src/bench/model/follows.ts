import type { Design, Edge, Fills, Follows, Line, SheetPart } from '../../api/client';

/** Whether a line stands in a place of its own, outside the stack of lines. */
export const isPlaced = (line: Line) => !['straight', 'arc'].includes(line.follows.path) || takesForm(line.fills);

export const takesForm = (fills: Fills) => fills.top.shape === 'form' || fills.bottom.shape === 'form';

/** Whether an edge is not just straight. */
export const isPlainEdge = (edge: Edge) =>
    edge.left === 0 && edge.right === 0 && (edge.shape === 'level' || (edge.rise === 0 && edge.shape !== 'form'));

/** What the paths are called. */
export const pathNames: Record<Follows['path'], string> = {
    straight: 'nothing: straight',
    arc: 'an arc',
    ring: 'a ring',
    brim: 'the brim',
    spiral: 'a spiral',
    outline: 'an outline',
};

/** The line whose ring a line is on. */
export const ringLeader = (line: Line, design: Design) =>
    design.lines.find(
        ({ id, follows }) => id === line.follows.ring.with && follows.path === 'ring' && follows.ring.with === '',
    ) ?? line;

/** Puts a line on another path, where its ink is now and about as large. */
export function putOnPath(line: Line, path: Follows['path'], part: SheetPart | undefined, design: Design): void {
    const { follows } = line;
    const { placement } = design.blank;
    const ink = part?.ink;
    /** The middle of its ink, or as near to it as a circle around that stays in the area. */
    const centre = (radius: number) => ({
        across: Math.round(within(ink ? ink.left + ink.width / 2 : 0, -placement.width / 2, placement.width, radius)),
        down: Math.round(within(ink ? ink.top + ink.height / 2 : placement.height / 2, 0, placement.height, radius)),
    });
    const high = part?.letterHeight ?? 0;
    follows.path = path;
    // On a ring and the like the width of the ink says little about the letters.
    if (path !== 'arc' && path !== 'straight' && part?.letterHeight) {
        Object.assign(line.size, { by: 'letter', length: part.letterHeight });
    }
    switch (path) {
        case 'ring': {
            const leader = design.lines.find(
                (other) => other.id !== line.id && other.follows.path === 'ring' && other.follows.ring.with === '',
            );
            if (leader) {
                follows.sits = 'top';
                Object.assign(follows.ring, { part: 'lower', with: leader.id });
            } else {
                const radius = Math.max(8000, Math.round((part?.width ?? 120000) / 2.6));
                Object.assign(follows.ring, { ...centre(radius + high), with: '', radius });
            }
            break;
        }
        case 'spiral':
            // Its turns cover about as much as the words and the room between them.
            Object.assign(
                follows.spiral,
                centre(Math.hypot(follows.spiral.inner, Math.sqrt((2 * high * (part?.width ?? 0)) / Math.PI))),
            );
            break;
        case 'brim':
            follows.sits = 'middle';
            break;
        case 'outline':
            follows.lift ||= 3000;
            follows.outline.shape ||=
                [...design.forms, ...design.motifs].find(({ id }) => id === line.belongs.to)?.id ??
                [...design.forms, ...design.motifs][0]?.id ??
                '';
            break;
        case 'arc':
            Object.assign(follows.arc, { by: 'rise', rise: Math.max(2000, Math.round((part?.width ?? 150000) / 9)) });
            break;
        case 'straight':
            break;
    }
}

/** A place from some start and within a length, so far from both ends; their middle if there is no room. */
const within = (place: number, start: number, length: number, apart: number): number =>
    2 * apart > length ? start + length / 2 : Math.min(Math.max(place, start + apart), start + length - apart);
