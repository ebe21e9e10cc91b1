import type { JobState } from '../api/client';

/** How far a job has come, in order. */
export const states: readonly JobState[] = ['to design', 'to approve', 'to cut', 'to press', 'done'];

export const toneOf: Record<JobState, string> = {
    'to design': 'text-indigo',
    'to approve': 'text-quiet',
    'to cut': 'text-marigold-deep',
    'to press': 'text-sage-deep',
    done: 'text-quiet',
};

export const capitalised = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
