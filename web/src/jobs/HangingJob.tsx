import { Link } from 'wouter';
import type { JobCard } from '../api/client';
import { Worn } from '../blanks/Worn';
import { longDay } from './due';
import { progress } from './progress';
import { capitalised, toneOf } from './states';

/** A job on its hanger: the pictures lead to the Bench, what people look for to the job's sheet. */
export function HangingJob({ job }: { job: JobCard }) {
    const films = new Set(job.designs.flatMap(({ films }) => films)).size;
    const shown = job.designs.slice(0, 3);
    return (
        <div className="flex flex-col items-center px-7">
            <svg aria-hidden viewBox="0 0 20 20" className="h-5 w-5 shrink-0 fill-none stroke-rod stroke-2">
                <path d="M8 0v9m0 0c7-1 7 7 0 7" />
            </svg>
            <span className="flex h-36 w-full items-start justify-center gap-1">
                {shown.map((design) => (
                    <Link
                        key={design.id}
                        to={`/designs/${design.id}`}
                        aria-label={`${job.title}: ${design.name}, on the Bench`}
                        title={`${design.name}, on the Bench`}
                        className="flex h-full min-w-0 items-start justify-center transition-transform hover:-rotate-1"
                        // In proportion, as they are worn.
                        style={{ flex: `${design.width} 1 0` }}
                    >
                        <Worn design={design} className="h-full max-w-full" />
                    </Link>
                ))}
            </span>
            <Link to={`/jobs/${job.id}`} className="card mt-2 block w-full px-3 py-2.5 hover:border-quiet">
                <b className="block truncate text-[15px]">{job.title}</b>
                <span className="block truncate text-xs text-quiet">{job.customer}</span>
                <span className="block truncate text-xs text-quiet">
                    {job.quantity} {job.quantity === 1 ? 'piece' : 'pieces'} · {films} {films === 1 ? 'film' : 'films'}
                    {job.designs.length > 1 && ` · ${job.designs.length} designs`}
                    {job.people && ` · ${progress(job.people)}`}
                </span>
                <span className="stitch mt-2 flex justify-between pt-1.5">
                    <b className={toneOf[job.state]}>{capitalised(job.state)}</b>
                    <span>{longDay(job.due)}</span>
                </span>
            </Link>
        </div>
    );
}
