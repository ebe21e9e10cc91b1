import type { Edge, Fills } from '../../api/client';

type Shape = Edge['shape'];

/** Both edges of a line, chosen in one step. */
export const bothEdges = {
    level: { show: 'level', top: 'level', bottom: 'level' },
    arched: { show: 'arched', top: 'arched', bottom: 'arched' },
    dipped: { show: 'dipped', top: 'dipped', bottom: 'dipped' },
    bulging: { show: 'bulging', top: 'arched', bottom: 'dipped' },
    pinched: { show: 'pinched', top: 'dipped', bottom: 'arched' },
    peaked: { show: 'peaked', top: 'peaked', bottom: 'level' },
    slanted: { show: 'slanted', top: 'slope', bottom: 'slope' },
    growing: { show: 'growing to the right', top: 'slope', bottom: 'level' },
    waving: { show: 'waving', top: 'wave', bottom: 'wave' },
    form: { show: 'those of a form', top: 'form', bottom: 'form' },
} as const satisfies Record<string, { show: string; top: Shape; bottom: Shape }>;

export type BothEdges = keyof typeof bothEdges;

/** Which of them a line's edges are; null if each is something by itself. */
export const bothOf = ({ top, bottom }: Fills): BothEdges | null =>
    (Object.keys(bothEdges) as BothEdges[]).find(
        (name) => bothEdges[name].top === top.shape && bothEdges[name].bottom === bottom.shape,
    ) ?? null;

/** Gives a line both edges, as high as they were; from a form, of the one that it belongs to, or the first. In place. */
export function putEdges(fills: Fills, name: BothEdges, forms: readonly string[], own: string): void {
    for (const side of ['top', 'bottom'] as const) {
        const shape = bothEdges[name][side];
        Object.assign(fills[side], { shape, ...(shape === 'level' && { left: 0, right: 0 }) });
    }
    if (name === 'form') {
        fills.form ||= (forms.includes(own) ? own : forms[0]) ?? '';
    }
}
