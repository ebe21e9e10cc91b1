import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { Unit } from '../src/api/client';
import { readLength } from '../src/length';

interface Case {
    why: string;
    text: string;
    unit: Unit;
    micrometres?: number;
    wrong?: string;
}

/** The same table as the core's reader is tested with. */
const cases = JSON.parse(readFileSync(new URL('../../tests/data/lengths.json', import.meta.url), 'utf8')) as Case[];

describe('lengths as people write them', () => {
    it.each(cases)('$why: $text', ({ text, unit, micrometres, wrong }) => {
        expect(readLength(text, unit)).toEqual(wrong === undefined ? { micrometres } : { wrong });
    });
});
