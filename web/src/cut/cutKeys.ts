import { useKeys, type Key } from '../ui/keys';

const choose = 'Layout';
const cutting = 'Cutting';

export const groups = [choose, cutting];

/** The keys of the Cut room. Their actions sit in the components with the matching buttons. */
export const keys = [
    { press: 'd', does: 'next design ready to cut', group: choose },
    { press: 'Shift+d', does: 'previous design', group: choose },
    { press: 'f', does: 'next film', group: choose },
    { press: 'Shift+f', does: 'previous film', group: choose },
    { press: 'a', does: 'all copies / one copy', group: choose },
    { press: 'n', does: 'next piece to cut again', group: choose },
    { press: 'b', does: 'previous piece', group: choose },
    { press: 'l', does: 'laid out films / one design', group: choose },
    { press: 'i', does: 'pin the selected piece', group: choose },
    { press: 'r', does: 'rotate the selected piece', group: choose },
    { press: 's', does: 'stop improving the layout', group: choose },
    { press: '?', does: 'show the keys', group: choose },
    { press: 'Ctrl+Enter', does: 'send to the cutter / cut again', group: cutting },
    { press: 'Shift+Enter', does: 'cut the selected piece again', group: cutting },
    { press: 't', does: 'test cut', group: cutting },
    { press: 'p', does: 'pause / go on', group: cutting },
    { press: 'Ctrl+Backspace', does: 'cancel the cut', group: cutting },
] as const satisfies readonly Key[];

type Press = (typeof keys)[number]['press'];

/** Registers some of the keys; keys without an action are ignored. */
export function useCutKeys(acts: Partial<Record<Press, (() => unknown) | false | undefined>>): void {
    useKeys(
        keys.flatMap((key) => {
            const act = acts[key.press];
            return act ? [{ ...key, act }] : [];
        }),
    );
}

/** The next or previous index, wrapping around; from none to the first or last. */
export const stepped = (at: number, by: number, count: number): number =>
    count === 0 ? -1 : at < 0 ? (by > 0 ? 0 : count - 1) : (at + by + count) % count;
