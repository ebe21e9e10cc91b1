import { useState } from 'react';
import { Link } from 'wouter';
import { useKeys } from '../../ui/keys';
import { hasFields } from '../model/own';
import { useBench, useBenchStore } from '../state/store';
import { OnlyPanel } from './OnlyPanel';
import { usePeople } from './usePeople';

/** Selects whose lettering the stage shows, or a sample, and opens the settings for one person. */
export function People() {
    const { people, set, wrong } = usePeople();
    const job = useBench((bench) => bench.opened.jobId);
    const person = useBench((bench) => bench.person);
    const lines = useBench((bench) => bench.design.lines);
    const [open, setOpen] = useState(false);
    const { showPerson } = useBenchStore().getState();
    const at = people.findIndex(({ id }) => id === person);
    const now = people[at];
    const step = (by: number) => {
        if (people.length > 0) {
            // The sample comes before the first and after the last.
            const next = (at + 1 + by + people.length + 1) % (people.length + 1);
            showPerson(people[next - 1]?.id ?? null);
        }
    };
    useKeys([
        { press: 'Alt+PageDown', does: 'Next person of the list', group: 'People', act: () => step(1), always: true },
        { press: 'Alt+PageUp', does: 'Previous person', group: 'People', act: () => step(-1), always: true },
    ]);
    if (people.length === 0) {
        return (
            <div role="group" aria-label="People of the list" className={strip}>
                <span className="px-2.5 py-1">
                    A sample is shown.{' '}
                    <Link to={`/jobs/${job}/names`} className="font-semibold text-indigo hover:underline">
                        Type the names
                    </Link>
                </span>
            </div>
        );
    }
    return (
        <div role="group" aria-label="People of the list" className={strip}>
            <button
                className={end}
                aria-label="Previous person"
                title="Previous person (Alt+PageUp)"
                onClick={() => step(-1)}
            >
                ‹
            </button>
            <label className="border-x border-seam">
                <span className="sr-only">Person shown</span>
                <select
                    className="max-w-52 bg-transparent px-2 py-1 font-semibold"
                    value={now?.id ?? ''}
                    onChange={(event) => showPerson(event.target.value || null)}
                >
                    <option value="">Sample</option>
                    {people.map(({ id, values }, row) => (
                        <option key={id} value={id}>
                            {row + 1}. {[values.name || values.number, values.size].filter(Boolean).join(' · ')}
                        </option>
                    ))}
                </select>
            </label>
            <button className={end} aria-label="Next person" title="Next person (Alt+PageDown)" onClick={() => step(1)}>
                ›
            </button>
            {now && (
                <>
                    <span className="border-l border-seam px-2.5 py-1 text-quiet tabular-nums">
                        {at + 1} of {people.length}
                    </span>
                    <button
                        aria-expanded={open}
                        className={`border-l border-seam px-2.5 py-1 font-semibold hover:bg-tape ${open ? 'bg-tape' : 'text-indigo'}`}
                        onClick={() => setOpen(!open)}
                    >
                        Only this one{Object.keys(now.own).length > 0 && ' ✓'}
                    </button>
                </>
            )}
            {now && open && (
                <OnlyPanel
                    key={now.id}
                    person={now}
                    lines={lines.filter(hasFields)}
                    wrong={wrong}
                    onChange={(change) => set(now.id, change)}
                />
            )}
        </div>
    );
}

const strip =
    'absolute top-3 left-3.5 z-10 inline-flex items-stretch rounded-[3px] border border-seam bg-white text-[13px]';
const end = 'px-2.5 py-1 font-semibold hover:bg-tape focus-visible:-outline-offset-2';
