import type { JobCard } from '../api/client';

/** Why nothing of a job can be cut yet; null if it can. */
export function hindrance({ state, designs }: JobCard): string | null {
    const snags = designs.reduce((sum, design) => sum + design.snags, 0);
    if (designs.length === 0) {
        return 'no designs yet';
    }
    if (designs.some(({ unreadable }) => unreadable !== null)) {
        return 'a design can’t be read';
    }
    if (state === 'to design') {
        return 'still being designed';
    }
    if (state === 'to approve') {
        return 'not approved yet';
    }
    return snags > 0 ? `${snags} ${snags === 1 ? 'snag' : 'snags'} to mend` : null;
}

/** Jobs that are to be cut, and those that will be, the next due first. */
export const toCut = (jobs: readonly JobCard[]) =>
    jobs.filter(({ state }) => state === 'to cut' || state === 'to approve' || state === 'to design');
