import { Link } from 'react-router';
import type { JobCard } from '../api/client';
import { Worn } from '../blanks/Worn';
import { longDay } from './due';

const tones: Record<JobCard['state'], string> = {
    'to design': 'text-indigo',
    'to approve': 'text-quiet',
    'to cut': 'text-marigold-deep',
    'to press': 'text-sage-deep',
    done: 'text-quiet',
};

/** A job on its hanger: the picture, then what people look for. */
export function HangingJob({ job }: { job: JobCard }) {
    const [design] = job.designs;
    const films = new Set(job.designs.flatMap(({ document }) => document.lines.map((line) => line.film))).size;
    return (
        <Link
            to={`/designs/${design?.id ?? ''}`}
            className="group flex flex-col items-center px-7 focus-visible:outline-offset-[-3px]"
        >
            <svg aria-hidden viewBox="0 0 20 20" className="h-5 w-5 fill-none stroke-[#8b8577] stroke-2">
                <path d="M8 0v9m0 0c7-1 7 7 0 7" />
            </svg>
            <span className="flex h-36 w-full items-start justify-center transition-transform group-hover:-rotate-1">
                {design && <Worn design={design} className="h-full max-w-full" />}
            </span>
            <span className="card mt-2 block w-full px-3 py-2.5 group-hover:border-quiet">
                <b className="block truncate text-[15px]">{job.title}</b>
                <span className="block truncate text-xs text-quiet">{job.customer}</span>
                <span className="block text-xs text-quiet">
                    {job.quantity} {job.quantity === 1 ? 'piece' : 'pieces'} · {films} {films === 1 ? 'film' : 'films'}
                </span>
                <span className="stitch mt-2 flex justify-between pt-1.5">
                    <b className={tones[job.state]}>{capitalised(job.state)}</b>
                    <span>{longDay(job.due)}</span>
                </span>
            </span>
        </Link>
    );
}

const capitalised = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
