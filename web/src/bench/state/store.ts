import { createContext, useContext } from 'react';
import { createStore, useStore, type StoreApi } from 'zustand';
import type { OpenDesign } from '../../api/client';
import { cardsOf } from '../model/edits';
import { camera, type Camera } from './camera';
import { draftOf, type Draft } from './draft';
import { looksAt, type Looks } from './looks';

/** All that the Bench knows: the one owner of its state. */
export type Bench = Draft & Looks & Camera;

export type BenchStore = StoreApi<Bench>;

export function createBench(opened: OpenDesign): BenchStore {
    const store = createStore<Bench>()((set, get) => ({
        ...draftOf(opened)(set, get),
        ...looksAt(opened.document.lines[0]?.id ?? null)(set, get),
        ...camera(set, get),
    }));
    store.subscribe(({ design, chosen, chooseAll }, before) => {
        if (design !== before.design) {
            // What is gone is chosen no longer.
            const there = new Set(cardsOf(design).map(({ id }) => id));
            chooseAll(chosen.filter((card) => there.has(card)));
        }
    });
    return store;
}

export const BenchContext = createContext<BenchStore | null>(null);

/** The Bench that a component is on. */
export function useBenchStore(): BenchStore {
    const store = useContext(BenchContext);
    if (!store) {
        throw new Error('There is no Bench around this.');
    }
    return store;
}

/** What a component needs to know of the Bench; it is drawn again when that changes, and only then. */
export const useBench = <Part>(select: (bench: Bench) => Part): Part => useStore(useBenchStore(), select);
