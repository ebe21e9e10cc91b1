import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { JobCard } from '../api/client';
import { jobs } from '../api/queries';
import { Header } from '../ui/Header';
import { Message } from '../ui/Message';
import { DayTape } from './DayTape';
import { HangingJob } from './HangingJob';
import { NewJobDialog } from './NewJobDialog';
import { longDay, weekOf } from './due';
import { useFreshJobs } from './useFreshJobs';

/** The rail: jobs hang by due date, each as it will be worn. */
export function JobsPage() {
    const list = useQuery(jobs);
    useFreshJobs();
    const [search, setSearch] = useState('');
    const [opening, setOpening] = useState(false);
    const found = (list.data?.jobs ?? []).filter((job) => matches(job, search));
    const current = found.filter((job) => !job.archived);
    const hanging = current.filter((job) => job.state !== 'done');
    const done = current.filter((job) => job.state === 'done').reverse();
    const archived = found.filter((job) => job.archived).reverse();

    return (
        <div className="flex min-h-dvh flex-col">
            <Header />
            <main className="flex flex-1 flex-col py-5">
                {list.data ? (
                    <>
                        <div className="flex items-center justify-between gap-6 px-7">
                            <div>
                                <h1 className="text-2xl font-bold">{headline(hanging.length, search)}</h1>
                                {hanging[0] && (
                                    <p className="mt-0.5 text-xs text-quiet">
                                        Next due {longDay(hanging[0].due)}: {hanging[0].title}, {hanging[0].state}
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
                                <button
                                    className="rounded-[3px] bg-marigold-deep px-4 py-1.5 font-bold text-white hover:bg-marigold"
                                    onClick={() => setOpening(true)}
                                >
                                    New job
                                </button>
                            </div>
                        </div>
                        {hanging.length > 0 ? (
                            <Rail hanging={hanging} />
                        ) : (
                            <Message
                                within
                                title={search ? `Nothing on the rail has “${search}”` : 'The rail is empty'}
                            >
                                {search ? 'Try a shorter word.' : 'Jobs hang here as soon as there are any.'}
                            </Message>
                        )}
                        <Folded title="Pressed and packed" jobs={done} />
                        <Folded title="Archived" jobs={archived} />
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
            {list.data && <DayTape day={list.data.day} />}
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
                        <span aria-hidden className="h-[5px] w-screen bg-linear-to-b from-[#b9b0a0] to-[#8b8577]" />
                        <HangingJob job={job} />
                    </li>
                );
            })}
        </ul>
    );
}

/** Jobs that are off the rail, folded up. */
function Folded({ title, jobs }: { title: string; jobs: readonly JobCard[] }) {
    return jobs.length === 0 ? null : (
        <section aria-label={title} className="mt-8 px-7">
            <h2 className="heading mb-1.5">{title}</h2>
            <ul className="grid grid-cols-3 gap-2.5">
                {jobs.map((job) => (
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
        </section>
    );
}

function matches(job: JobCard, search: string): boolean {
    const text = [
        job.title,
        job.customer,
        job.state,
        ...job.designs.flatMap(({ document }) => [
            document.name,
            document.blank.name,
            ...document.lines.map((line) => line.lettering.words),
            ...document.films.map((film) => film.name),
        ]),
    ].join(' ');
    return text.toLowerCase().includes(search.trim().toLowerCase());
}

function headline(count: number, search: string): string {
    if (search.trim()) {
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
