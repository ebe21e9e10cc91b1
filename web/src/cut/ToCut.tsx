import { useInfiniteQuery } from '@tanstack/react-query';
import { Link, useLocation } from 'wouter';
import type { JobCard } from '../api/client';
import { jobs } from '../api/queries';
import { longDay } from '../jobs/due';
import { stepped, useCutKeys } from './cutKeys';
import { hindrance, toCut } from './waiting';

/** What waits to be cut by due date, each job with its designs; or why it can't be cut yet. */
export function ToCut({ chosen }: { chosen: string | null }) {
    const list = useInfiniteQuery(jobs('rail', ''));
    const waiting = toCut(list.data?.pages.flatMap((page) => page.jobs) ?? []);
    const [, navigate] = useLocation();
    const ready = waiting.flatMap((job) => (hindrance(job) ? [] : job.designs.map(({ id }) => id)));
    const step = (by: number) => {
        const next = ready[stepped(ready.indexOf(chosen ?? ''), by, ready.length)];
        if (next !== undefined) {
            navigate(`/cut-room/${next}`);
        }
    };
    useCutKeys({ d: () => step(1), 'Shift+d': () => step(-1) });
    return (
        <nav aria-label="To cut" className="min-h-0 overflow-y-auto p-3">
            <p className="flex items-baseline justify-between">
                <b className="heading">To cut</b>
                <span className="text-xs text-quiet">by due date</span>
            </p>
            <ul className="mt-2 grid gap-2">
                {waiting.map((job) => (
                    <Waiting key={job.id} job={job} chosen={chosen} />
                ))}
            </ul>
            {list.data && waiting.length === 0 && (
                <p className="mt-2 text-xs text-quiet">
                    Nothing waits. Jobs come here when their designs are approved.
                </p>
            )}
        </nav>
    );
}

function Waiting({ job, chosen }: { job: JobCard; chosen: string | null }) {
    const why = hindrance(job);
    const open = job.designs.some(({ id }) => id === chosen);
    return (
        <li
            className={`card px-2.5 py-2 ${open ? 'border-marigold! shadow-[inset_3px_0_0_var(--color-marigold)]' : ''}`}
        >
            <Link to={`/jobs/${job.id}`} className="block truncate font-semibold hover:underline">
                {job.title}
            </Link>
            <p className="text-xs text-quiet">
                {job.quantity} {job.quantity === 1 ? 'piece' : 'pieces'} · {longDay(job.due)}
            </p>
            {why ? (
                <p className="mt-1 text-xs font-semibold text-madder">{why}</p>
            ) : (
                <ul className="mt-1">
                    {job.designs.map(({ id, name, films }) => (
                        <li key={id}>
                            <Link
                                to={`/cut-room/${id}`}
                                aria-current={id === chosen ? 'true' : undefined}
                                className="flex justify-between gap-2 rounded-[3px] px-1 py-0.5 text-sm text-indigo hover:underline aria-[current]:bg-held aria-[current]:font-semibold"
                            >
                                <span className="truncate">{name}</span>
                                <span className="shrink-0 text-xs text-quiet">
                                    {films.length} {films.length === 1 ? 'film' : 'films'}
                                </span>
                            </Link>
                        </li>
                    ))}
                </ul>
            )}
        </li>
    );
}
