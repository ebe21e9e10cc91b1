import { replaceEqualDeep } from '@tanstack/react-query';
import {
    answer,
    server,
    type Approval,
    type Design,
    type OpenDesign,
    type SavedDesign,
    type Sheet,
} from '../../api/client';
import { Outbox, type Saved, type Saving } from '../../api/outbox';
import { carried } from '../model/carried';
import type { Edit } from '../model/edits';
import type { Pose } from '../model/pose';
import { comparing, type Compared } from './comparison';
import { losses, type Found } from './losses';
import { others } from './others';
import type { Set } from './slice';

/** The design being worked on, and what comes of it. */
export interface Draft {
    /** The design as it was opened, with its job. */
    opened: OpenDesign;
    id: string;
    design: Design;
    /** What the server worked out. Everything lies where it was last put, and what was found at rest is among its snags. */
    sheet: Sheet;
    /** The shape of all that is too thin to cut. */
    lost: string;
    /** Whether all checks of this very state are in. */
    checked: boolean;
    saving: Saving;
    /** Rises with everything that the server took. */
    version: number;
    canUndo: boolean;
    canRedo: boolean;
    /** The step of the history that it is at, and what was approved. */
    step: number;
    approval: Approval | null;
    /** What two windows changed, while it is not settled what is to be. */
    compared: Compared | null;
    /** For whom of the job's list it is shown; null with samples in its fields. */
    person: string | null;
    showPerson: (person: string | null) => void;
    /** Asks again how it comes out, when the list has changed. */
    remake: () => void;
    /** Says that what another window saved was taken in; null when there is nothing new. */
    news: string | null;
    /** Changes the design. Changes of the same thing in a row, like words:line-1, are undone together. */
    change: (edit: Edit, what?: string) => void;
    /** Changes the places of some cards, whose parts are shown and measured there at once. */
    carry: (cards: readonly string[], pose: Pose, edit: Edit, what?: string) => void;
    undo: () => void;
    redo: () => void;
    goTo: (step: number) => void;
    /** Tries to save again at once. */
    retry: () => void;
    setApproval: (approval: Approval | null) => void;
    /** Asks again for what could not be compared. */
    compareAgain: () => void;
    /** Ends a conflict: with one of the two states, which leaves the other in the history, or with both together. */
    settle: (choice: 'ours' | 'theirs' | 'both') => void;
    /** Follows what other windows do, and keeps the tab from being closed over what is unsaved; gives what ends it. */
    follow: () => () => void;
}

/** A change of some cards' places, and what it does to their parts. */
interface Carry {
    change: number;
    cards: readonly string[];
    pose: Pose;
}

/** How long it is said that another window's changes were taken in, in ms. */
const NEWS = 6000;

const savedOf = ({ document, version, savedAt }: OpenDesign): Saved<Design> => ({
    value: document,
    version,
    at: new Date(savedAt),
});

/**
 * The draft of an opened design: what is changed shows at once, and what comes of it as soon as the server says so. What was moved
 * is moved again from where it lies, whether that is worked out already or not.
 */
export const draftOf =
    (opened: OpenDesign) =>
    (set: Set<Draft>, get: () => Draft): Draft => {
        const { id } = opened;
        const path = { id };
        let person: string | null = null;
        /** Whose sheet the server is asked for. */
        const whose = () => (person === null ? {} : { person });
        let answered: SavedDesign = opened;
        // The number of the last change that the answer knows of.
        let computed = 0;
        let carries: readonly Carry[] = [];
        let found: Found | null = null;
        let approval = opened.approval;

        const box: Outbox<Design, SavedDesign | OpenDesign> = new Outbox<Design, SavedDesign | OpenDesign>(
            savedOf(opened),
            {
                send: async (document, version, change) => {
                    const asked = person;
                    const params = { path, query: whose() };
                    const body = { version, document, change };
                    const saved = await answer(server.PUT('/api/designs/{id}', { params, body }));
                    if (asked !== person) {
                        void remake();
                    }
                    return saved;
                },
                read: (saved) => ({
                    version: saved.version,
                    at: new Date(saved.savedAt),
                    ...('document' in saved && { value: saved.document }),
                }),
                took: (saved, changes) => {
                    // What did not change stays the same object, so that nothing of it is drawn again.
                    answered = { ...saved, sheet: replaceEqualDeep<Sheet>(answered.sheet, saved.sheet) };
                    computed = changes;
                },
                // Where nothing of ours is unsaved theirs is taken in, and what was asked for can be asked for again.
                overtaken: ({ unsaved, base, value }): unknown =>
                    unsaved ? comparison.compare(base, value) : fetchTheirs(),
            },
        );

        const seen = () => {
            const { value, saving, version, changes } = box.snapshot();
            carries = carries.filter(({ change }) => change > computed);
            const there = carries.reduce((sheet, { cards, pose }) => carried(sheet, cards, pose), answered.sheet);
            const own = found?.version === version ? found : null;
            return {
                design: value,
                sheet: own && own.snags.length > 0 ? { ...there, snags: numbered(there, own) } : there,
                lost: own?.path ?? '',
                checked: own !== null && saving.state === 'saved' && changes === computed,
                saving,
                version,
                canUndo: answered.canUndo || saving.state === 'saving',
                canRedo: answered.canRedo && saving.state === 'saved',
                step: answered.step,
                approval: approval && {
                    ...approval,
                    current: approval.step === answered.step && saving.state === 'saved',
                },
            };
        };
        const show = () => set(seen());
        const atRest = losses(id, box, (now) => {
            found = now;
            show();
        });
        const comparison = comparing(id, (compared) => set({ compared }));
        box.subscribe(() => {
            show();
            atRest.look();
        });

        const adopt = (now: OpenDesign) => {
            answered = now;
            computed = box.snapshot().changes;
            approval = now.approval;
            box.adopt(savedOf(now));
        };
        const { fetchTheirs, ask } = others(id, box, whose, (now) => {
            adopt(now);
            set({ news: 'Brought up to date: it was changed in another window.' });
            window.setTimeout(() => set({ news: null }), NEWS);
        });
        const remake = async () => {
            const now = await answer(server.GET('/api/designs/{id}', { params: { path, query: whose() } }));
            // What was changed meanwhile is answered with the sheet that is asked for now.
            if (now.version === box.snapshot().version) {
                answered = { ...answered, sheet: replaceEqualDeep<Sheet>(answered.sheet, now.sheet) };
                show();
            }
        };
        const step = (way: 'undo' | 'redo') =>
            void box.ask((version) =>
                answer(
                    server.POST('/api/designs/{id}/{way}', {
                        params: { path: { id, way }, query: { version, ...whose() } },
                    }),
                ),
            );

        return {
            opened,
            id,
            ...seen(),
            compared: null,
            news: null,
            change: box.change,
            carry: (cards, pose, edit, what) => {
                const before = box.snapshot().changes;
                // It is carried from where it lies now, before the change says so.
                carries = [...carries, { change: before + 1, cards, pose }];
                if (box.change(edit, what) === before) {
                    carries = carries.filter(({ change }) => change <= before);
                }
            },
            undo: () => step('undo'),
            redo: () => step('redo'),
            goTo: (number) =>
                void box.ask((version) =>
                    answer(
                        server.POST('/api/designs/{id}/history/{number}', {
                            params: { path: { id, number }, query: { version, ...whose() } },
                        }),
                    ),
                ),
            retry: box.retry,
            setApproval: (next) => {
                approval = next;
                show();
            },
            person,
            showPerson: (next) => {
                person = next;
                set({ person });
                void remake().catch(() => {});
            },
            remake: () => void remake().catch(() => {}),
            compareAgain: () => {
                const { base, value } = box.snapshot();
                void comparison.compare(base, value);
            },
            settle: (choice) => {
                const { compared } = get();
                if (compared?.state !== 'there') {
                    return;
                }
                const { opened: theirs, merged } = compared.comparison;
                const ours = box.snapshot().value;
                comparison.end();
                adopt(theirs);
                // Ours goes into the history in any case; where theirs is chosen, the design goes back to it.
                box.change(() => (choice === 'both' && merged ? merged : ours));
                if (choice === 'theirs') {
                    step('undo');
                }
            },
            follow: () => {
                const warn = (event: BeforeUnloadEvent) => {
                    if (box.snapshot().unsaved) {
                        event.preventDefault();
                    }
                };
                window.addEventListener('beforeunload', warn);
                window.addEventListener('online', box.retry);
                const endAsking = ask();
                atRest.look();
                return () => {
                    window.removeEventListener('beforeunload', warn);
                    window.removeEventListener('online', box.retry);
                    endAsking();
                    atRest.end();
                };
            },
        };
    };

const numbered = (sheet: Sheet, { snags }: Found) => [
    ...sheet.snags,
    ...snags.map((snag, at) => ({ ...snag, number: sheet.snags.length + at + 1 })),
];
