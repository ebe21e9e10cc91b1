/** What is under the pointer. */
export type Hit =
    | { kind: 'card'; card: string }
    | { kind: 'corner'; right: 1 | -1; down: 1 | -1 }
    | { kind: 'thread' }
    | { kind: 'letter' }
    | { kind: 'knot'; name: string }
    | { kind: 'pin'; number: number }
    | { kind: 'draw' }
    /** A motif piece, which handles its own events. */
    | { kind: 'piece' }
    | { kind: 'cloth' };

/** Identifies an element by its data attributes. */
export function hitOf(target: EventTarget | null): Hit {
    const element = target instanceof Element ? target : null;
    const mark = (name: string) => element?.closest(`[data-${name}]`)?.getAttribute(`data-${name}`) ?? null;
    const part = mark('part');
    if (part === 'erase' || part === 'lasso') {
        return { kind: 'draw' };
    }
    if (mark('piece') !== null) {
        return { kind: 'piece' };
    }
    const pin = mark('pin');
    if (pin !== null) {
        return { kind: 'pin', number: Number(pin) };
    }
    const grip = mark('grip');
    if (grip !== null) {
        const corner = /^corner (-?1) (-?1)$/.exec(grip);
        if (corner) {
            return { kind: 'corner', right: corner[1] === '1' ? 1 : -1, down: corner[2] === '1' ? 1 : -1 };
        }
        return grip === 'thread' || grip === 'letter' ? { kind: grip } : { kind: 'knot', name: grip };
    }
    const card = mark('line') ?? mark('ground');
    return card === null ? { kind: 'cloth' } : { kind: 'card', card };
}
