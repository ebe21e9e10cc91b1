import { Segments } from '../../ui/Segments';
import type { Pane } from '../state/looks';
import { useBench, useBenchStore } from '../state/store';

const panes: readonly { value: Pane; show: string }[] = [
    { value: 'sheet', show: 'Build sheet' },
    { value: 'stage', show: 'Stage' },
    { value: 'films', show: 'Films' },
];

/** On narrow screens or at large zoom, shows one of the three columns at a time. */
export function PaneSwitch() {
    const pane = useBench((bench) => bench.pane);
    const { look } = useBenchStore().getState();
    return (
        <div className="bench-switch justify-center border-b border-seam py-1">
            <Segments label="Pane" value={pane} options={panes} onChange={(next) => look({ pane: next })} />
        </div>
    );
}
