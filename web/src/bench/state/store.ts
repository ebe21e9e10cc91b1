import { createContext, useContext } from 'react';
import { createStore, useStore, type StoreApi } from 'zustand';
import type { OpenDesign } from '../../api/client';
import { camera, type Camera } from './camera';
import { draftOf, type Draft } from './draft';
import { looksAt, type Looks } from './looks';

/** All that the Bench knows: the one owner of its state. */
export type Bench = Draft & Looks & Camera;

export type BenchStore = StoreApi<Bench>;

export const createBench = (opened: OpenDesign): BenchStore =>
    createStore<Bench>()((set, get) => ({
        ...draftOf(opened)(set, get),
        ...looksAt(opened.document.lines[0]?.id ?? null)(set, get),
        ...camera(set, get),
    }));

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
