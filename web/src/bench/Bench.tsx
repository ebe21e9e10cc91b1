import { lazy, Suspense, useEffect, useState } from 'react';
import type { OpenDesign } from '../api/client';
import { Guard } from '../ui/Guard';
import { useKeys } from '../ui/keys';
import { Arrivals } from './arrivals/Arrivals';
import { FilmsColumn } from './films/FilmsColumn';
import { BenchHeader } from './head/BenchHeader';
import { useBenchKeys } from './keys/useBenchKeys';
import { PaneSwitch } from './panes/PaneSwitch';
import { PeopleStrip } from './people/PeopleStrip';
import { SeveralStrip } from './several/SeveralStrip';
import { BuildSheet } from './sheet/BuildSheet';
import { Stage } from './stage/Stage';
import { BenchContext, createBench, useBench, useBenchStore } from './state/store';
import { Tape } from './tape/Tape';

// Rarely opened parts are loaded on demand.
const HistoryDialog = lazy(() =>
    import('./history/HistoryDialog').then(({ HistoryDialog }) => ({ default: HistoryDialog })),
);
const ConflictDialog = lazy(() =>
    import('./conflict/ConflictDialog').then(({ ConflictDialog }) => ({ default: ConflictDialog })),
);
const KeysHelp = lazy(() => import('./keys/KeysHelp').then(({ KeysHelp }) => ({ default: KeysHelp })));
const SizesDialog = lazy(() => import('./sizes/SizesDialog').then(({ SizesDialog }) => ({ default: SizesDialog })));
const ProofDialog = lazy(() => import('./proof/ProofDialog').then(({ ProofDialog }) => ({ default: ProofDialog })));

/** The screen where one design is made. */
export function Bench({ opened, person }: { opened: OpenDesign; person: string | null }) {
    const [store] = useState(() => createBench(opened));
    useEffect(() => {
        if (person !== null) {
            store.getState().showPerson(person);
        }
    }, [store, person]);
    useEffect(() => store.getState().follow(), [store]);
    return (
        <BenchContext value={store}>
            <BenchScreen />
        </BenchContext>
    );
}

function BenchScreen() {
    const keys = useBenchKeys();
    useKeys(keys);
    const title = useBench(({ design, opened }) => `${design.name} · ${opened.jobTitle} · Uvret`);
    const asked = useBench((bench) => bench.asked);
    const conflict = useBench((bench) => bench.compared !== null);
    const sheet = useBench((bench) => bench.sheet);
    const pane = useBench((bench) => bench.pane);
    const { look } = useBenchStore().getState();
    const close = () => look({ asked: null });
    useEffect(() => {
        document.title = title;
    }, [title]);
    return (
        <div className="flex h-dvh flex-col overflow-hidden">
            <BenchHeader />
            <PaneSwitch />
            <main data-pane={pane} className="bench-panes min-h-0 flex-1">
                <BuildSheet />
                <Guard what="The stage" of={sheet}>
                    <Stage>
                        <SeveralStrip />
                        <PeopleStrip />
                    </Stage>
                </Guard>
                <Guard what="The films" of={sheet}>
                    <FilmsColumn />
                </Guard>
            </main>
            <Tape />
            <Suspense>
                {asked === 'keys' && <KeysHelp keys={keys} onClose={close} />}
                {asked === 'history' && <HistoryDialog onClose={close} />}
                {asked === 'sizes' && <SizesDialog onClose={close} />}
                {asked === 'proof' && <ProofDialog onClose={close} />}
                {conflict && <ConflictDialog />}
            </Suspense>
            <Arrivals />
            <Said />
        </div>
    );
}

/** Announcements for screen readers. */
function Said() {
    const said = useBench((bench) => bench.said);
    return (
        <p role="status" aria-live="polite" className="sr-only">
            {said}
        </p>
    );
}
