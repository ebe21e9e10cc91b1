import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { useState } from 'react';
import { Link } from 'wouter';
import { edit } from '../model/edits';
import { useBench, useBenchStore } from '../state/store';

/** The job, the editable name of the design, and the job's other designs. */
export function DesignTitle() {
    const opened = useBench((bench) => bench.opened);
    const name = useBench((bench) => bench.design.name);
    const { change } = useBenchStore().getState();
    const [typed, setTyped] = useState<string | null>(null);
    const others = opened.siblings.filter(({ id }) => id !== opened.id);
    const take = () => {
        const next = typed?.trim();
        setTyped(null);
        if (next && next !== name) {
            change(edit((design) => (design.name = next)));
        }
    };
    return (
        <div className="flex min-w-0 items-center gap-1">
            <h1 className="sr-only">
                {opened.jobTitle}: {name}
            </h1>
            <Link
                to={`/jobs/${opened.jobId}`}
                className="max-w-48 truncate py-1 opacity-75 hover:underline hover:opacity-100 focus-visible:outline-lamp"
                title={opened.jobTitle}
            >
                {opened.jobTitle}
            </Link>
            <span aria-hidden className="px-1 opacity-50">
                /
            </span>
            <input
                aria-label="Name of the design"
                className="max-w-56 min-w-16 truncate rounded-[3px] bg-transparent px-1 py-1 font-semibold hover:bg-white/10 focus-visible:outline-lamp"
                style={{ width: `${(typed ?? name).length + 2}ch` }}
                maxLength={120}
                autoComplete="off"
                value={typed ?? name}
                title={name}
                onChange={(event) => setTyped(event.target.value)}
                onBlur={take}
                onKeyDown={(event) => {
                    if (event.key === 'Enter') {
                        event.currentTarget.blur();
                    } else if (event.key === 'Escape') {
                        setTyped(null);
                    }
                }}
            />
            {others.length > 0 && (
                <Menu>
                    <MenuButton
                        aria-label="Other designs of the job"
                        title="Other designs of the job"
                        className="rounded-[3px] p-1.5 hover:bg-white/15 focus-visible:outline-lamp"
                    >
                        <svg aria-hidden viewBox="0 0 8 5" className="w-2 fill-none stroke-current stroke-[1.4]">
                            <path d="M1 1l3 3 3-3" />
                        </svg>
                    </MenuButton>
                    <MenuItems
                        modal={false}
                        anchor={{ to: 'bottom start', gap: 4, padding: 8 }}
                        className="card z-20 max-w-80 py-1 text-ink outline-none"
                    >
                        {others.map((other) => (
                            <MenuItem key={other.id}>
                                <Link
                                    to={`/designs/${other.id}`}
                                    className="block truncate px-3 py-1 data-focus:bg-tape"
                                >
                                    {other.name}
                                </Link>
                            </MenuItem>
                        ))}
                    </MenuItems>
                </Menu>
            )}
        </div>
    );
}
