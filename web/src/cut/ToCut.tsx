import { useInfiniteQuery } from '@tanstack/react-query';
import { Link, useLocation } from 'wouter';
import { Refusal, type JobCard } from '../api/client';
import { jobs } from '../api/queries';
import { longDay } from '../jobs/due';
import { stepped, useCutKeys } from './cutKeys';
import { dueBy, dueDays, isOnMat, itemsOf, jobsOf, laidJobs } from './laid/chosen';
import { Scraps } from './laid/Scraps';
import { useDesk, useLayouts } from './laid/useLayouts';
import { hindrance, toCut } from './waiting';

/** What waits to be cut by due date, each job with its designs; or why it can't be cut yet. */
export function ToCut({ chosen }: { chosen: string | null }) {
    const list = useInfiniteQuery(jobs('rail', ''));
    const waiting = toCut(list.data?.pages.flatMap((page) => page.jobs) ?? []);
    const [, navigate] = useLocation();
    const laid = useLayouts();
    const { choose } = useDesk();
    // What was just ticked shows at once.
    const ticked = choose.isPending ? jobsOf(waiting, choose.variables.items) : laidJobs(waiting, laid);
    const layOut = (some: readonly JobCard[]) => {
        navigate('/cut-room');
        choose.mutate({ items: itemsOf(some), onMat: isOnMat(laid) });
    };
    const ready = waiting.flatMap((job) => (hindrance(job) ? [] : job.designs.map(({ id }) => id)));
    const step = (by: number) => {
        const next = ready[stepped(ready.indexOf(chosen ?? ''), by, ready.length)];
        if (next !== undefined) {
            navigate(`/cut-room/${next}`);
        }
    };
    useCutKeys({ d: () => step(1), 'Shift+d': () => step(-1) });
    return (
        <nav aria-label="To cut" className="flex min-h-0 flex-col">
            <div className="min-h-0 flex-1 overflow-y-auto p-3">
                <p className="flex items-baseline justify-between">
                    <b className="heading">To cut</b>
                    <DueBy days={dueDays(waiting)} onChoose={(day) => layOut(dueBy(waiting, day))} />
                </p>
                <p role="status" className="text-xs font-semibold text-madder">
                    {choose.error instanceof Refusal && choose.error.problem.detail}
                </p>
                <ul className="mt-2 grid gap-2">
                    {waiting.map((job) => (
                        <Waiting
                            key={job.id}
                            job={job}
                            chosen={chosen}
                            ticked={ticked.includes(job)}
                            onTick={(on) => layOut(on ? [...ticked, job] : ticked.filter((one) => one !== job))}
                        />
                    ))}
                </ul>
                {list.data && waiting.length === 0 && (
                    <p className="mt-2 text-xs text-quiet">
                        Nothing waits. Jobs come here when their designs are approved.
                    </p>
                )}
            </div>
            <Scraps laid={laid} />
        </nav>
    );
}

/** Lays out all that is due by a day. */
function DueBy({ days, onChoose }: { days: readonly string[]; onChoose: (day: string) => void }) {
    return (
        <select
            aria-label="Lay out everything due by"
            className="field max-w-36 text-xs"
            value=""
            disabled={days.length === 0}
            onChange={({ target }) => onChoose(target.value)}
        >
            <option value="">by due date</option>
            {days.map((day) => (
                <option key={day} value={day}>
                    all due by {longDay(day)}
                </option>
            ))}
        </select>
    );
}

interface WaitingProps {
    job: JobCard;
    chosen: string | null;
    /** Whether it is laid out with others. */
    ticked: boolean;
    onTick: (on: boolean) => void;
}

function Waiting({ job, chosen, ticked, onTick }: WaitingProps) {
    const why = hindrance(job);
    const open = job.designs.some(({ id }) => id === chosen);
    return (
        <li
            className={`card px-2.5 py-2 ${open || ticked ? 'border-marigold! shadow-[inset_3px_0_0_var(--color-marigold)]' : ''}`}
        >
            <p className="flex items-center gap-2">
                {!why && (
                    <input
                        type="checkbox"
                        aria-label={`Lay out ${job.title}`}
                        checked={ticked}
                        onChange={({ target }) => onTick(target.checked)}
                        className="accent-indigo"
                    />
                )}
                <Link to={`/jobs/${job.id}`} className="truncate font-semibold hover:underline">
                    {job.title}
                </Link>
            </p>
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
