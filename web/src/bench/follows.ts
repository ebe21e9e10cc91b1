import type { Design, Edge, Fills, Follows, Line, SheetPart } from '../api/client';

/** A line that runs straight; what is set for paths that it does not follow is kept. */
export const straight: Follows = {
    path: 'straight',
    arc: { by: 'rise', radius: 150000, rise: 20000, angle: 60, bows: 'up' },
    ring: {
        radius: 60000,
        part: 'upper',
        tops: 'outwards',
        with: '',
        across: 0,
        down: 100000,
        ends: 'own',
        gap: 10000,
    },
    brim: { inset: 40000, span: 160, part: 'lower' },
    spiral: { inner: 10000, pitch: 115, from: 'outside', across: 0, down: 100000 },
    outline: { shape: '', side: 'outside', start: 0 },
    sits: 'baseline',
    lift: 0,
    letters: 'auto',
    evening: 100,
};

const levelEdge: Edge = { shape: 'level', rise: 15000, pull: 0, left: 0, right: 0 };

/** A line between straight edges. */
export const level: Fills = { top: levelEdge, bottom: levelEdge, form: '', inset: 4000, widths: 'kept' };

/** Whether a line stands in a place of its own, outside the stack of lines. */
export const isPlaced = (line: Line) => !['straight', 'arc'].includes(line.follows.path) || takesForm(line.fills);

export const takesForm = (fills: Fills) => fills.top.shape === 'form' || fills.bottom.shape === 'form';

/** Whether an edge is not just straight. */
export const isPlainEdge = (edge: Edge) =>
    edge.left === 0 && edge.right === 0 && (edge.shape === 'level' || (edge.rise === 0 && edge.shape !== 'form'));

/** What the paths are called on a closed card. */
export const pathNames: Record<Follows['path'], string> = {
    straight: 'nothing',
    arc: 'an arc',
    ring: 'a ring',
    brim: 'the brim',
    spiral: 'a spiral',
    outline: 'an outline',
};

/** The edges of a line in words. */
export function edgeWords({ fills }: Line): string {
    const word = (edge: Edge) => (edge.shape === 'form' ? 'of a form' : isPlainEdge(edge) ? 'level' : edge.shape);
    const [top, bottom] = [word(fills.top), word(fills.bottom)];
    return top === bottom ? `edges ${top}` : `edges ${top}, ${bottom}`;
}

/** The line whose ring a line is on. */
export const ringLeader = (line: Line, design: Design) =>
    design.lines.find(
        ({ id, follows }) => id === line.follows.ring.with && follows.path === 'ring' && follows.ring.with === '',
    ) ?? line;

/** Another path for a line, put where its ink is now and about as large. */
export function onPath(path: Follows['path'], line: Line, part: SheetPart | undefined, design: Design): Partial<Line> {
    const { follows } = line;
    const ink = part?.ink;
    const centre = ink
        ? { across: Math.round(ink.left + ink.width / 2), down: Math.round(ink.top + ink.height / 2) }
        : { across: 0, down: Math.round(design.blank.placement.height / 2) };
    // On a ring the width of the ink says little about the letters.
    const size = part?.letterHeight ? { by: 'letter' as const, length: part.letterHeight } : line.size;
    switch (path) {
        case 'ring': {
            const leader = design.lines.find(
                (other) => other.id !== line.id && other.follows.path === 'ring' && other.follows.ring.with === '',
            );
            return leader
                ? {
                      size,
                      follows: {
                          ...follows,
                          path,
                          sits: 'top',
                          ring: { ...follows.ring, part: 'lower', with: leader.id },
                      },
                  }
                : {
                      size,
                      follows: {
                          ...follows,
                          path,
                          ring: {
                              ...follows.ring,
                              ...centre,
                              with: '',
                              radius: Math.max(8000, Math.round((part?.width ?? 120000) / 2.6)),
                          },
                      },
                  };
        }
        case 'spiral':
            return { size, follows: { ...follows, path, spiral: { ...follows.spiral, ...centre } } };
        case 'brim':
            return { size, follows: { ...follows, path, sits: 'middle' } };
        case 'outline':
            return {
                size,
                follows: {
                    ...follows,
                    path,
                    lift: follows.lift || 3000,
                    outline: {
                        ...follows.outline,
                        shape: follows.outline.shape || ([...design.forms, ...design.motifs][0]?.id ?? ''),
                    },
                },
            };
        case 'arc':
            return {
                follows: {
                    ...follows,
                    path,
                    arc: { ...follows.arc, by: 'rise', rise: Math.max(2000, Math.round((part?.width ?? 150000) / 9)) },
                },
            };
        case 'straight':
            return { follows: { ...follows, path } };
    }
}
