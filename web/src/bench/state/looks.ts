import type { MotifPieceCard, Sheet, SheetSnag } from '../../api/client';
import type { Arrival } from '../model/arrival';
import type { Gesture } from '../model/hand';
import type { Point } from '../model/lasso';
import { all, type Looking } from '../model/looking';
import type { Drawer } from '../model/summary';
import type { Camera } from './camera';
import type { Set } from './slice';

/** What the stage draws: the films as worn, the lines that the knife follows, or what is too thin to cut. */
export type Side = 'wear' | 'knife' | 'lost';

/** Where treatments were tidied: not pointed out, or on the stage as it was before, or as it is after. */
export type TidiedView = 'not' | 'before' | 'after';

/** A dialog over the Bench. */
export type Asked = 'keys' | 'history' | 'proof' | 'sizes';

/** What of the Bench is in sight where there is no room for all of it. */
export type Pane = 'sheet' | 'stage' | 'films';

/** A piece being drawn that is to be erased from a card. */
export interface Erasing {
    card: string;
    shape: 'rectangle' | 'freehand';
}

/** A menu on the stage: where, in screen pixels of the stage, and of which card. */
export interface StageMenu {
    x: number;
    y: number;
    card: string | null;
}

/** What is chosen and how it is looked at; none of it is saved. */
export interface Looks {
    /** The chosen cards; the one chosen last is the leading one. */
    chosen: readonly string[];
    /** The chosen letter of the chosen line, by its place in the words. */
    letter: number | null;
    /** Selects matching letters too. */
    alike: boolean;
    drawer: Drawer | null;
    /** A field that is to be gone to, by its name in the drawer. */
    field: string | null;
    /** The line whose words are edited on the stage. */
    edited: string | null;
    snag: number | null;
    erasing: Erasing | null;
    lasso: boolean;
    /** Whether the cords of a hoodie are laid aside. */
    cordsAside: boolean;
    looking: Looking;
    /** The film that is pointed at, and the one whose card is open. */
    pointed: string | null;
    film: string | null;
    tidied: TidiedView;
    side: Side;
    asked: Asked | null;
    /** Whether keys do something yet: they come right after the Bench is drawn. */
    keyed: boolean;
    pane: Pane;
    gesture: Gesture | null;
    /** The loop that the hand draws. */
    drawn: readonly Point[];
    /** A measure beside the hand. */
    measured: (Point & { text: string }) | null;
    /** The piece of the open motif that is chosen. */
    piece: MotifPieceCard | null;
    /** What a change would come to that is only looked at; its sheet is null until it is worked out. */
    trial: { card: string; sheet: Sheet | null } | null;
    menu: StageMenu | null;
    /** What became of files that were dropped. */
    arrivals: readonly Arrival[];
    /** Told to screen readers. */
    said: string;
    choose: (card: string | null) => void;
    /** Chooses a card besides those that are, or no longer. */
    toggle: (card: string) => void;
    chooseAll: (cards: readonly string[]) => void;
    open: (drawer: Drawer | null, field?: string) => void;
    /** Shows a snag's place and what would mend it. */
    showSnag: (snag: SheetSnag | null) => void;
    /** Changes anything of it that needs no rule. */
    look: (next: Partial<Looks>) => void;
}

export const looksAt =
    (first: string | null) =>
    (set: Set<Looks>, get: () => Looks & Pick<Camera, 'lookAt'>): Looks => ({
        chosen: first === null ? [] : [first],
        letter: null,
        alike: false,
        drawer: null,
        field: null,
        edited: null,
        snag: null,
        erasing: null,
        lasso: false,
        cordsAside: false,
        looking: all,
        pointed: null,
        film: null,
        tidied: 'not',
        side: 'wear',
        asked: null,
        keyed: false,
        pane: 'stage',
        gesture: null,
        drawn: [],
        measured: null,
        piece: null,
        trial: null,
        menu: null,
        arrivals: [],
        said: '',
        choose: (card) => get().chooseAll(card === null ? [] : [card]),
        toggle: (card) => {
            const { chosen, chooseAll } = get();
            chooseAll(chosen.includes(card) ? chosen.filter((other) => other !== card) : [...chosen, card]);
        },
        chooseAll: (chosen) =>
            set((now) =>
                chosen.join() === now.chosen.join()
                    ? {}
                    : { chosen, letter: null, alike: false, piece: null, field: null, erasing: null },
            ),
        open: (drawer, field) => set({ drawer, field: field ?? null, pane: 'sheet' }),
        showSnag: (snag) => {
            set({ snag: snag?.number ?? null });
            if (snag?.card) {
                get().choose(snag.card);
            }
            if (snag && snag.x !== null && snag.y !== null) {
                get().lookAt(snag.x, snag.y);
            }
        },
        look: set,
    });
