// @vitest-environment jsdom
import { describe, expect, it } from 'vitest';
import type { Line } from '../src/api/client';
import { cardName, withLine, withWords } from '../src/bench/model/edits';
import { cleaned, pasted, rowsOf } from '../src/bench/shared/rows';
import { withLines } from './support/designs';

const line = (path: 'straight' | 'spiral') =>
    withLine('line-1', ({ follows }) => (follows.path = path))(withLines({ words: '' })).lines[0] as Line;

describe('words of several rows', () => {
    it.each([
        ['TERN', 'TERN', 1],
        ['TERN\nPOINT', 'TERN\nPOINT', 2],
        ['TERN\r\nPOINT\rCREW', 'TERN\nPOINT\nCREW', 3],
        ['Ottilie\tKrag', 'Ottilie Krag', 1],
        ['a\u0000b\u0085c', 'a b c', 1],
        ['TERN\n', 'TERN\n', 2],
    ])('%j is kept as %j', (typed, kept, rows) => {
        expect(cleaned(typed)).toBe(kept);
        expect(rowsOf(kept)).toBe(rows);
    });

    it('are no longer than what the server takes', () => {
        expect(cleaned('x'.repeat(3000))).toHaveLength(2000);
    });

    it.each([
        ['in an empty field', '', 0, 0, 'TERN\r\nPOINT\r\n', 'TERN\nPOINT'],
        ['in the middle', 'AB', 1, 1, '\nx\n', 'AxB'],
        ['in place of what is marked', 'TERN POINT', 5, 10, 'CREW', 'TERN CREW'],
    ])('are pasted %s', (_, value, from, to, text, words) => {
        const field = document.createElement('textarea');
        field.value = value;
        field.setSelectionRange(from, to);
        expect(pasted(text, field, line('straight'))).toBe(words);
    });

    it('are pasted in one row on a spiral', () => {
        const field = document.createElement('textarea');
        expect(pasted('Row on,\n\nrow home\n', field, line('spiral'))).toBe('Row on, row home');
    });

    it('keep what is set for single letters, whichever row is changed', () => {
        const design = withLines({ words: 'TERN\nPOINT', letters: [{ at: 6, film: 'buoy' }] as never });
        const lettering = (words: string) => withWords('line-1', words)(design).lines[0]?.lettering;
        expect(lettering('TERNS\nPOINT')?.letters).toMatchObject([{ at: 7, film: 'buoy' }]);
        expect(lettering('TERN\nPOINTS')?.letters).toMatchObject([{ at: 6, film: 'buoy' }]);
        expect(lettering('TERN\nA\nPOINT')?.letters).toMatchObject([{ at: 8, film: 'buoy' }]);
        expect(lettering('TERN POINT')?.letters).toMatchObject([{ at: 6, film: 'buoy' }]);
        expect(lettering('TERN')?.letters).toEqual([]);
    });

    it('are called in one line', () => {
        expect(cardName(withLines({ words: 'TERN\nPOINT\n' }), 'line-1')).toBe('TERN / POINT');
    });
});
