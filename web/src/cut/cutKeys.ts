import { useKeys, type Key } from '../ui/keys';

const choose = 'What is laid out';
const cutting = 'Cutting';

export const groups = [choose, cutting];

/** All keys of the Cut room; what they do is where the buttons are that do the same. */
export const keys = [
    { press: 'd', does: 'the next design that can be cut', group: choose },
    { press: 'Shift+d', does: 'the one before', group: choose },
    { press: 'f', does: 'the next film', group: choose },
    { press: 'Shift+f', does: 'the film before', group: choose },
    { press: 'a', does: 'all copies, or one', group: choose },
    { press: 'n', does: 'the next piece of what was cut', group: choose },
    { press: 'b', does: 'the piece before', group: choose },
    { press: '?', does: 'these keys', group: choose },
    { press: 'Ctrl+Enter', does: 'send to the cutter, or cut it again', group: cutting },
    { press: 'Shift+Enter', does: 'cut the chosen piece again', group: cutting },
    { press: 't', does: 'test cut', group: cutting },
    { press: 'p', does: 'pause, or go on', group: cutting },
    { press: 'Ctrl+Backspace', does: 'cancel the cut', group: cutting },
] as const satisfies readonly Key[];

type Press = (typeof keys)[number]['press'];

/** Listens for some of the keys; one without an action is let through. */
export function useCutKeys(acts: Partial<Record<Press, (() => unknown) | false | undefined>>): void {
    useKeys(
        keys.flatMap((key) => {
            const act = acts[key.press];
            return act ? [{ ...key, act }] : [];
        }),
    );
}

/** The place after or before one in a list, round from the last to the first; from none on to the first or the last. */
export const stepped = (at: number, by: number, count: number): number =>
    count === 0 ? -1 : at < 0 ? (by > 0 ? 0 : count - 1) : (at + by + count) % count;
