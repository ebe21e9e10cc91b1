import { Segments } from '../../ui/Segments';
import { withLayering } from '../model/edits';
import { useBench, useBenchStore } from '../state/store';

/** The registration marks. */
export function MarksRow() {
    const marks = useBench((bench) => bench.design.layering.marks);
    const { change } = useBenchStore().getState();
    return (
        <div className="stitch mt-1 grid gap-1 pt-2">
            <span className="text-xs text-quiet">Registration marks</span>
            <Segments
                label="Registration marks"
                small
                value={marks}
                options={[
                    { value: 'corners', show: 'corners' },
                    { value: 'pins', show: 'pins' },
                    { value: 'box', show: 'box' },
                    { value: 'none', show: 'none' },
                ]}
                onChange={(next) => change(withLayering((now) => (now.marks = next)))}
            />
        </div>
    );
}
