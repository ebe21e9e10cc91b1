import { useCallback, useMemo, useState } from 'react';
import { carried } from './stage/carried';
import type { Pose } from './stage/pose';
import type { Change, Draft } from './useDesign';

/** A change of some cards' places, and what it does to their parts. */
interface Carry {
    change: number;
    cards: readonly string[];
    pose: Pose;
}

export interface CarriedDraft extends Draft {
    /** Changes the places of some cards, whose parts are shown and measured there at once. */
    carry: (cards: readonly string[], pose: Pose, change: Change, what?: string) => void;
}

/**
 * The draft, on whose sheet everything lies where it was last put, whether that is worked out already or
 * not: what is moved twice in a row is moved from where it lies, and nothing jumps back in between.
 */
export function useCarried(draft: Draft): CarriedDraft {
    const { sheet, computed, change } = draft;
    const [carries, setCarries] = useState<readonly Carry[]>([]);
    const shown = useMemo(
        () =>
            carries.reduce(
                (sheet, carry) => (carry.change > computed ? carried(sheet, carry.cards, carry.pose) : sheet),
                sheet,
            ),
        [carries, computed, sheet],
    );
    const carry = useCallback(
        (cards: readonly string[], pose: Pose, what: Change, name?: string) => {
            const number = change(what, name);
            setCarries((now) => [
                ...now.filter((carry) => carry.change > computed),
                ...(number > computed ? [{ change: number, cards, pose }] : []),
            ]);
        },
        [change, computed],
    );
    return { ...draft, sheet: shown, carry };
}
