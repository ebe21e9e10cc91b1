import { withCrossed } from '../model/edits';
import { useBench, useBenchStore } from '../state/store';

/** The places of the blank that lettering keeps off, and which of them it may cross here all the same. */
export function KeepOffList() {
    const places = useBench((bench) => bench.design.blank.keepOff);
    const crossed = useBench((bench) => bench.design.blank.crossed);
    const { change } = useBenchStore().getState();
    if (places.length === 0) {
        return null;
    }
    return (
        <fieldset className="text-xs text-quiet">
            <legend className="mb-0.5">Lettering may cross the</legend>
            <ul className="flex flex-wrap gap-x-3 gap-y-0.5">
                {places.map(({ id, name }) => (
                    <li key={id}>
                        <label className="inline-flex items-center gap-1">
                            <input
                                type="checkbox"
                                className="accent-indigo"
                                checked={crossed.includes(id)}
                                onChange={({ target }) => change(withCrossed(id, target.checked))}
                            />
                            {name}
                        </label>
                    </li>
                ))}
            </ul>
        </fieldset>
    );
}
