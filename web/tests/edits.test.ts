import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { Film, Letter, SheetRemoval } from '../src/api/client';
import {
    cardName,
    freeId,
    withGone,
    inTurn,
    plainLetter,
    withAlternateFilm,
    withBlankFitted,
    withFilmOrder,
    withJoint,
    withKept,
    withLetter,
    withOrnament,
    withPieceErased,
    withTreatments,
    withWords,
} from '../src/bench/model/edits';
import { newRim } from '../src/bench/model/treatments';
import { readLength } from '../src/length';
import { show, showFilm, showRound, showWithUnit } from '../src/measure';
import { withCopies } from '../src/bench/model/edits/copies';
import { empty, random, withForms, withLines } from './support/designs';

describe('words', () => {
    /** Every letter carries its own sign as its turn, so that it is seen which went with which. */
    const signed = (words: string): Letter[] =>
        Array.from(words).map((character, at) => ({ ...plainLetter(at), turn: character.codePointAt(0) ?? 0 }));

    it.each(Array.from({ length: 40 }, (_, at) => at + 1))('what is set for letters stays with them (%i)', (seed) => {
        const dice = random(seed);
        const letters = 'ABCDEFGHJKLMNOP';
        const words = letters.slice(0, dice.from(3, 10));
        // One stretch is typed over: taken out, put in, or both.
        const from = dice.from(0, words.length);
        const to = dice.from(from, words.length);
        const typed = 'xyz'.slice(0, dice.from(0, 3));
        const design = withLines({ words, letters: signed(words) });
        const next = withWords('line-1', words.slice(0, from) + typed + words.slice(to))(design).lines[0];
        const kept = words.slice(0, from) + words.slice(to);
        expect(next?.lettering.letters.map(({ turn }) => String.fromCodePoint(turn)).join('')).toBe(kept);
        for (const { at, turn } of next?.lettering.letters ?? []) {
            expect(next?.lettering.words[at]).toBe(String.fromCodePoint(turn));
        }
    });

    it('signs of two units are one letter', () => {
        const design = withLines({ words: 'A😀B', letters: [{ ...plainLetter(2), turn: 66 }] });
        expect(withWords('line-1', 'A😀XB')(design).lines[0]?.lettering.letters).toEqual([
            { ...plainLetter(3), turn: 66 },
        ]);
    });

    it('a letter that nothing is set for any more is left out', () => {
        const design = withLetter('line-1', 1, (letter) => (letter.kern = 20))(withLines({ words: 'AB' }));
        expect(design.lines[0]?.lettering.letters).toEqual([{ ...plainLetter(1), kern: 20 }]);
        expect(withLetter('line-1', 1, (letter) => (letter.kern = 0))(design).lines[0]?.lettering.letters).toEqual([]);
    });

    it('an ornament comes between letters, which keep what is set for them', () => {
        const design = withOrnament(
            'line-1',
            1,
            77,
        )(withLines({ words: 'AB', letters: [{ ...plainLetter(1), turn: 5 }] }));
        expect(design.lines[0]?.lettering.words).toBe('A❧B');
        expect(design.lines[0]?.lettering.letters).toEqual([
            { ...plainLetter(1), glyph: 77 },
            { ...plainLetter(2), turn: 5 },
        ]);
    });
});

describe('films', () => {
    const [ink, chalk, buoy] = empty.films as [Film, Film, Film];

    it('letters take turns, and the spaces between them do not count', () => {
        const design = withAlternateFilm('line-1', chalk)(withLines({ words: 'AB CD' }));
        expect(design.lines[0]?.lettering.letters.map(({ at, film }) => [at, film])).toEqual([
            [1, 'chalk'],
            [4, 'chalk'],
        ]);
        const back = withAlternateFilm('line-1', ink)(design);
        expect(back.lines[0]?.lettering.letters.every(({ film }) => film === '')).toBe(true);
    });

    it('a joint is the same from either side', () => {
        const one = withJoint('ink', 'chalk', { width: 500 })(empty);
        const two = withJoint('chalk', 'ink', { kind: 'butted' })(one);
        expect(two.layering.joints).toEqual([expect.objectContaining({ id: 'chalk ink', kind: 'butted', width: 500 })]);
    });

    it('films that are not cut keep their places when others change theirs', () => {
        expect(withFilmOrder(['ink', 'buoy'])(empty).films.map(({ id }) => id)).toEqual(['buoy', 'chalk', 'ink']);
        expect(withFilmOrder(['buoy', 'ink'])(empty).films).toEqual([ink, chalk, buoy]);
    });
});

describe('cards', () => {
    it('names are free, whatever was removed before', () => {
        const design = withForms(withLines({ id: 'line-1' }, { id: 'line-3' }), {});
        expect(freeId(design)).toBe('line-4');
        expect(freeId(design, 'form')).toBe('form-2');
        const copied = withCopies(design, ['form-1']).edit(design);
        expect(copied.forms.map(({ id }) => id)).toEqual(['form-1', 'form-2']);
        expect(withGone(['form-1'])(copied).forms.map(({ id }) => id)).toEqual(['form-2']);
        expect(cardName(copied, 'form-2')).toMatch(/ 2$/);
        expect(cardName(copied, 'line-1')).toBe('a line without words');
    });

    it('pieces are counted on, and what is kept is kept once', () => {
        const piece = { points: [0, 0, 9, 0, 9, 9], of: { width: 10, height: 10, turn: 0 } };
        const twice = withPieceErased('line-1', piece)(withPieceErased('line-1', piece)(withLines({ words: 'A' })));
        expect(twice.lines[0]?.treatments.erased.map(({ id }) => id)).toEqual(['piece-1', 'piece-2']);
        const removal = { card: 'line-1', x: 1000, y: 2000 } as SheetRemoval;
        const kept = withKept({ ...removal, x: 1100 }, true)(withKept(removal, true)(empty));
        expect(kept.clean.kept).toEqual([{ card: 'line-1', x: 1100, y: 2000 }]);
        expect(withKept(removal, false)(kept).clean.kept).toEqual([]);
    });

    it('on another area all measures are as much larger, and what film and hands need stays', () => {
        const line = withLines({ words: 'A', gap: 8000, shift: -3000, size: { by: 'width', length: 100000 } });
        const piece = { points: [0, 0, 900, 0, 900, 900], of: { width: 0, height: 0, turn: 0 } };
        const design = inTurn(
            withTreatments('line-1', ({ outlines }) => outlines.push(newRim('chalk'))),
            withPieceErased('line-1', piece),
        )(withForms(line, { across: 10000, down: 20000, width: 30000, height: 40000 }));
        const fitted = withBlankFitted({ placement: { ...design.blank.placement, width: 140000, height: 200000 } })(
            design,
        );
        expect(fitted.lines[0]).toMatchObject({
            stacking: { gap: 4000, shift: -1500 },
            size: { length: 50000 },
            treatments: {
                outlines: [{ width: 1000 }],
                shadow: { length: 2500 },
                setInto: { clearance: 1000 },
                cutFrom: { bridge: 1500 },
                erased: [{ points: [0, 0, 450, 0, 450, 450] }],
            },
        });
        expect(fitted.forms[0]).toMatchObject({
            place: { across: 5000, down: 10000 },
            size: { width: 15000, height: 20000 },
        });
    });
});

describe('measures in words', () => {
    it('are tenths of a millimetre', () => {
        expect([show(12345, 'mm'), show(-49, 'mm'), show(0, 'mm'), showWithUnit(1000, 'mm')]).toEqual([
            '12.3',
            '-0.0',
            '0.0',
            '1.0 mm',
        ]);
        expect([showRound(75000, 'mm'), showRound(75040, 'mm'), showRound(75060, 'mm')]).toEqual(['75', '75', '75.1']);
        expect([showFilm(1_234_000, 'mm'), showFilm(1_270_000, 'in')]).toEqual(['1.23 m', '50.0 in']);
    });

    const shown = JSON.parse(readFileSync(new URL('../../tests/data/inches.json', import.meta.url), 'utf8')) as {
        micrometres: number;
        inches: string;
    }[];

    it.each(shown)('$micrometres µm are $inches in', ({ micrometres, inches }) => {
        expect(show(micrometres, 'in')).toBe(inches);
    });

    it('in inches are read as they are shown, to a hundredth, below an inch to a thousandth', () => {
        const dice = random(7);
        for (let tries = 0; tries < 400; tries += 1) {
            const length = dice.one([dice.from(1, 25_000), dice.from(25_400, 900_000)]);
            const read = readLength(show(length, 'in'), 'in');
            const off = 'micrometres' in read ? Math.abs(read.micrometres - length) : Infinity;
            expect(off, String(length)).toBeLessThanOrEqual(length < 25_000 ? 25 : 128);
        }
    });
});
