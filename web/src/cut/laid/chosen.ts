import type { FilmLayoutCard, JobCard, LaidStock } from '../../api/client';
import { hindrance } from '../waiting';

export interface Item {
    design: string;
    copies: number;
}

/** Designs that are laid out on any film. */
export const laidDesigns = (films: readonly FilmLayoutCard[]): Set<string> =>
    new Set(films.flatMap(({ pieces }) => pieces.map(({ design }) => design)));

/** Jobs of which anything is laid out. */
export const laidJobs = (jobs: readonly JobCard[], films: readonly FilmLayoutCard[]): JobCard[] => {
    const laid = laidDesigns(films);
    return jobs.filter((job) => job.designs.some(({ id }) => laid.has(id)));
};

/** What is laid out, to be laid out in another way. */
export const itemsIn = (films: readonly FilmLayoutCard[]): Item[] => {
    const copies = new Map<string, number>();
    for (const { pieces } of films) {
        for (const { design, copy } of pieces) {
            copies.set(design, Math.max(copies.get(design) ?? 0, copy));
        }
    }
    return [...copies].map(([design, count]) => ({ design, copies: count }));
};

/** Whether all films lie in zones of the carrier mat. */
export const isOnMat = (films: readonly FilmLayoutCard[]): boolean => films.some(({ mat }) => mat !== null);

/** How much longer the mat would have to be, in µm; 0 if all zones lie on it. */
export function matShort(films: readonly FilmLayoutCard[]): number {
    const last = films.findLast(({ length }) => length > 0);
    return last?.mat ? Math.max(0, last.mat.from + last.length + last.mat.edge - last.mat.length) : 0;
}

/** Jobs that items belong to. */
export const jobsOf = (jobs: readonly JobCard[], items: readonly Item[]): JobCard[] =>
    jobs.filter((job) => job.designs.some(({ id }) => items.some(({ design }) => design === id)));

/** What is laid out for jobs: each design once for each piece of the job. */
export const itemsOf = (jobs: readonly JobCard[]): Item[] =>
    jobs.flatMap((job) => job.designs.map(({ id }) => ({ design: id, copies: Math.max(1, job.quantity) })));

/** Jobs that can be cut and are due by a day. */
export const dueBy = (jobs: readonly JobCard[], day: string): JobCard[] =>
    jobs.filter((job) => !hindrance(job) && job.due <= day);

/** The days on which anything that can be cut is due, the next first. */
export const dueDays = (jobs: readonly JobCard[]): string[] => [
    ...new Set(
        jobs
            .filter((job) => !hindrance(job))
            .map(({ due }) => due)
            .sort(),
    ),
];

/** What a film is called that pieces lie on. */
export function nameOf({ id, kind, width, length }: LaidStock): string {
    const size = `${Math.round(width / 1000)} × ${Math.round(length / 1000)} mm`;
    return kind === 'roll'
        ? 'the roll'
        : kind === 'scrap'
          ? `scrap ${size}`
          : `sheet ${id.replace(/^\D+/, '')}, ${size}`;
}
