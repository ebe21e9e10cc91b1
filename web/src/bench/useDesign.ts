import { useCallback, useState } from 'react';
import {
    answer,
    server,
    type Approval,
    type Design,
    type OpenDesign,
    type SavedDesign,
    type Sheet,
} from '../api/client';
import type { Saved, Saving } from '../api/outbox';
import { useOutbox } from '../api/useOutbox';
import { useComparison, type Compared } from './useComparison';
import { useOthers } from './useOthers';

export type Change = (design: Design) => Design;

export interface Draft {
    id: string;
    design: Design;
    sheet: Sheet;
    saving: Saving;
    /** Tries to save again at once. */
    retry: () => void;
    /** Rises with everything that the server took. */
    version: number;
    canUndo: boolean;
    canRedo: boolean;
    /**
     * Changes the design. Changes of the same thing in a row, like words:line-1, are undone together. Gives
     * the change's number: they are counted from 1.
     */
    change: (change: Change, what?: string) => number;
    /** The number of the last change that the sheet knows of. */
    computed: number;
    undo: () => void;
    redo: () => void;
    goTo: (step: number) => void;
    /** The step of the history that it is at, and what was approved. */
    step: number;
    approval: Approval | null;
    setApproval: (approval: Approval | null) => void;
    /** What two windows changed, while it is not settled what is to be. */
    compared: Compared | null;
    /** Asks again for what could not be had. */
    compareAgain: () => void;
    /** Ends a conflict: with one of the two states, which leaves the other in the history, or with both together. */
    settle: (choice: 'ours' | 'theirs' | 'both') => void;
    /** Says that what another window saved was taken in; null when there is nothing new. */
    news: string | null;
}

/** How long it is said that another window's changes were taken in, in ms. */
const NEWS = 6000;

const savedOf = ({ document, version, savedAt }: OpenDesign): Saved<Design> => ({
    value: document,
    version,
    at: new Date(savedAt),
});

/** A design being worked on: what is changed shows at once, and what comes of it as soon as the server says so. */
export function useDesign(opened: OpenDesign): Draft {
    const { id } = opened;
    const [answered, setAnswered] = useState<SavedDesign>(opened);
    const [computed, setComputed] = useState(0);
    const [approval, setApproval] = useState(opened.approval);
    const [news, setNews] = useState<string | null>(null);
    const { compared, compare, end } = useComparison(id);
    const path = { id };

    const { box, value, base, saving, version } = useOutbox<Design, SavedDesign | OpenDesign>(savedOf(opened), {
        send: (document, version, change) =>
            answer(server.PUT('/api/designs/{id}', { params: { path }, body: { version, document, change } })),
        read: (saved) => ({
            version: saved.version,
            at: new Date(saved.savedAt),
            ...('document' in saved && { value: saved.document }),
        }),
        took: (saved, changes) => {
            setAnswered(saved);
            setComputed(changes);
        },
        // Where nothing of ours is unsaved theirs is taken in, and what was asked for can be asked for again.
        overtaken: ({ unsaved, base, value }): unknown => (unsaved ? compare(base, value) : fetchTheirs()),
    });

    const adopt = useCallback(
        (now: OpenDesign) => {
            box.adopt(savedOf(now));
            setAnswered(now);
            setComputed(box.snapshot().changes);
            setApproval(now.approval);
        },
        [box],
    );
    const fetchTheirs = useOthers(id, box, (now) => {
        adopt(now);
        setNews('Brought up to date: it was changed in another window.');
        window.setTimeout(() => setNews(null), NEWS);
    });

    const step = useCallback(
        (way: 'undo' | 'redo') =>
            box.ask((version) =>
                answer(server.POST('/api/designs/{id}/{way}', { params: { path: { id, way }, query: { version } } })),
            ),
        [box, id],
    );
    const goTo = useCallback(
        (number: number) =>
            void box.ask((version) =>
                answer(
                    server.POST('/api/designs/{id}/history/{number}', {
                        params: { path: { id, number }, query: { version } },
                    }),
                ),
            ),
        [box, id],
    );

    const settle = useCallback(
        (choice: 'ours' | 'theirs' | 'both') => {
            if (compared?.state !== 'there') {
                return;
            }
            const { opened: theirs, merged } = compared.comparison;
            const ours = box.snapshot().value;
            end();
            adopt(theirs);
            // Ours goes into the history in any case; where theirs is chosen, the design goes back to it.
            box.change(() => (choice === 'both' && merged ? merged : ours));
            if (choice === 'theirs') {
                void step('undo');
            }
        },
        [adopt, box, compared, end, step],
    );

    return {
        id,
        design: value,
        sheet: answered.sheet,
        computed,
        saving,
        retry: box.retry,
        version,
        canUndo: answered.canUndo || saving.state === 'saving',
        canRedo: answered.canRedo && saving.state === 'saved',
        change: box.change,
        undo: useCallback(() => void step('undo'), [step]),
        redo: useCallback(() => void step('redo'), [step]),
        goTo,
        step: answered.step,
        approval: approval && { ...approval, current: approval.step === answered.step && saving.state === 'saved' },
        setApproval,
        compared,
        compareAgain: useCallback(() => void compare(base, value), [base, compare, value]),
        settle,
        news,
    };
}
