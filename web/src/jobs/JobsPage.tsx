import { Button } from '../ui/Button';
import { useInfiniteQuery, type UseInfiniteQueryResult } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { Link } from 'wouter';
import type { JobCard } from '../api/client';
import { jobs, type JobList } from '../api/queries';
import { Header } from '../ui/Header';
import { Message } from '../ui/Message';
import { DayTape } from './DayTape';
import { HangingJob } from './HangingJob';
import { NewJobDialog } from './NewJobDialog';
import { isDay, longDay, weekOf } from './due';
import { useFreshJobs } from './useFreshJobs';

/** The rail: jobs hang by due date, each as it will be worn. */
export function JobsPage() {
    const [search, setSearch] = useState('');
    const find = useDeferredValue(search.trim());
    const list = useInfiniteQuery(jobs('rail', find));
    useFreshJobs();
    const [opening, setOpening] = useState(false);
    const first = list.data?.pages[0];
    const hanging = list.data?.pages.flatMap((page) => page.jobs) ?? [];
    const next = hanging.find(({ due }) => isDay(due));

    return (
        <div className="flex min-h-dvh flex-col">
            <Header />
            <main className="flex flex-1 flex-col py-5">
                {first ? (
                    <>
                        <div className="flex items-center justify-between gap-6 px-7">
                            <div>
                                <h1 className="text-2xl font-bold">
                                    {headline(find ? first.found : first.hanging, find)}
                                </h1>
                                {next && (
                                    <p className="mt-0.5 text-xs text-quiet">
                                        Next due {longDay(next.due)}: {next.title}, {next.state}
                                    </p>
                                )}
                            </div>
                            <div className="flex items-center gap-2">
                                <input
                                    type="search"
                                    aria-label="Find a job"
                                    className="field w-64"
                                    placeholder="Find a customer, a word, a film"
                                    value={search}
                                    onChange={(event) => setSearch(event.target.value)}
                                />
                                <Button look="main" onClick={() => setOpening(true)}>
                                    New job
                                </Button>
                            </div>
                        </div>
                        {hanging.length > 0 ? (
                            <>
                                <Rail hanging={hanging} />
                                <More list={list} />
                            </>
                        ) : (
                            <Message
                                within
                                title={search ? `Nothing on the rail has “${search}”` : 'The rail is empty'}
                            >
                                {search ? 'Try a shorter word.' : 'Jobs hang here as soon as there are any.'}
                            </Message>
                        )}
                        <Folded title="Pressed and packed" list="done" count={first.done} find={find} />
                        <Folded title="Archived" list="archived" count={first.archived} find={find} />
                    </>
                ) : list.isPending ? (
                    <Message title="Fetching the jobs…" />
                ) : (
                    <Message title="The jobs can’t be fetched">
                        <p>The server does not answer. Start it with bin/start, then try again.</p>
                        <button
                            className="mt-4 font-semibold text-indigo underline"
                            onClick={() => void list.refetch()}
                        >
                            Try again
                        </button>
                    </Message>
                )}
            </main>
            {first && <DayTape day={first.day} />}
            <NewJobDialog open={opening} onClose={() => setOpening(false)} />
        </div>
    );
}

function Rail({ hanging }: { hanging: readonly JobCard[] }) {
    return (
        <ul className="mt-6 grid overflow-x-clip grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-y-8">
            {hanging.map((job, at) => {
                const week = weekOf(job.due);
                const before = hanging[at - 1];
                return (
                    <li key={job.id} className="relative flex min-w-0 flex-col">
                        <p className={`h-5 px-7 text-xs font-semibold ${week.urgent ? 'text-madder' : 'text-quiet'}`}>
                            {before && weekOf(before.due).name === week.name ? '' : week.name}
                        </p>
                        <span aria-hidden className="h-[5px] w-screen bg-linear-to-b from-rod-light to-rod" />
                        <HangingJob job={job} />
                    </li>
                );
            })}
        </ul>
    );
}

/** Jobs that are off the rail: folded up until they are asked for, or looked for. */
function Folded({ title, list, count, find }: { title: string; list: JobList; count: number; find: string }) {
    const [open, setOpen] = useState(false);
    const shown = open || find !== '';
    const found = useInfiniteQuery({ ...jobs(list, find), enabled: shown && count > 0 });
    const jobsFound = shown ? (found.data?.pages.flatMap((page) => page.jobs) ?? []) : [];
    if (count === 0 || (find !== '' && jobsFound.length === 0)) {
        return null;
    }
    return (
        <section aria-label={title} className="mt-8 px-7">
            <h2 className="heading mb-1.5">
                <button aria-expanded={shown} className="hover:underline" onClick={() => setOpen(!open)}>
                    {title} <span className="font-normal">({find === '' ? count : found.data?.pages[0]?.found})</span>
                </button>
            </h2>
            <ul className="grid grid-cols-3 gap-2.5">
                {jobsFound.map((job) => (
                    <li key={job.id} className="min-w-0">
                        <Link
                            to={`/jobs/${job.id}`}
                            className="card flex items-center justify-between gap-3 px-3 py-2.5 hover:border-quiet"
                        >
                            <span className="truncate">
                                <b>{job.title}</b> <span className="text-xs text-quiet">{job.customer}</span>
                            </span>
                            <span className="text-xs whitespace-nowrap text-quiet">{longDay(job.due)}</span>
                        </Link>
                    </li>
                ))}
            </ul>
            {shown && <More list={found} />}
        </section>
    );
}

/** Asks for the next jobs of a list where there are more. */
function More({
    list,
}: {
    list: Pick<UseInfiniteQueryResult, 'hasNextPage' | 'isFetchingNextPage' | 'fetchNextPage'>;
}) {
    return list.hasNextPage ? (
        <p className="mt-4 px-7 text-center">
            <Button className="px-4" disabled={list.isFetchingNextPage} onClick={() => void list.fetchNextPage()}>
                {list.isFetchingNextPage ? 'Fetching more…' : 'Show more'}
            </Button>
        </p>
    ) : null;
}

function headline(count: number, search: string): string {
    if (search) {
        return count === 1 ? 'One job found' : `${count} jobs found`;
    }
    const words = [
        'No jobs',
        'One job',
        'Two jobs',
        'Three jobs',
        'Four jobs',
        'Five jobs',
        'Six jobs',
        'Seven jobs',
        'Eight jobs',
        'Nine jobs',
    ];
    return `${words[count] ?? `${count} jobs`} on the rail`;
}
