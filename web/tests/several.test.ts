import { describe, expect, it } from 'vitest';
import type { Design, Film } from '../src/api/client';
import { defaults } from '../src/api/defaults';
import {
    edit,
    plainLetter,
    withCardFilms,
    withCards,
    withFilmsSwapped,
    withGone,
    withNewMotif,
    withTreatments,
} from '../src/bench/model/edits';
import { withMoved } from '../src/bench/model/arrange';
import { newRim } from '../src/bench/model/treatments';
import { withCopies } from '../src/bench/model/edits/copies';
import { withFix } from '../src/bench/model/edits/fixes';
import { empty, laid, random, sheet, withForms, withLines } from './support/designs';

const [ink, chalk, buoy] = empty.films as [Film, Film, Film];
const moss: Film = { ...ink, id: 'moss', name: 'Moss' };
const design = edit((now) => {
    now.lines.forEach((line) => (line.film = 'chalk'));
    now.forms.forEach((form) => (form.film = 'ink'));
})(
    withTreatments('line-1', ({ outlines, shadow }) => {
        outlines.push(newRim('buoy'));
        Object.assign(shadow, { kind: 'block', film: 'ink' });
    })(withForms(withLines({ words: 'TERN' }, { words: 'POINT', locked: true }), {})),
);

describe('films of several', () => {
    it('are changed together; what is locked stays', () => {
        const next = withCardFilms(['line-1', 'line-2', 'form-1'], moss)(design);
        expect([...next.lines, ...next.forms].map(({ film }) => film)).toEqual(['moss', 'chalk', 'moss']);
        expect(next.films.map(({ id }) => id)).toContain('moss');
        expect(design.films).not.toContainEqual(moss);
    });

    const used = (now: Design) =>
        now.lines.flatMap(({ film, treatments }) => [
            film,
            ...treatments.outlines.map((rim) => rim.film),
            treatments.shadow.film,
        ]);

    it('are swapped for one that the design has not, wherever it stands in the press order', () => {
        const next = withFilmsSwapped('chalk', moss)(design);
        expect(used(next)).toEqual(used(design).map((film) => (film === 'chalk' ? 'moss' : film)));
        expect(next.films.map(({ id }) => id)).toEqual(['ink', 'moss', 'buoy']);
    });

    it('change places with one that it has, and are as before when that is done again', () => {
        const next = withFilmsSwapped('chalk', buoy)(design);
        expect(next.lines[0]?.film).toBe('buoy');
        expect(next.lines[0]?.treatments.outlines[0]?.film).toBe('chalk');
        expect(next.films.map(({ id }) => id)).toEqual(['ink', 'buoy', 'chalk']);
        expect(withFilmsSwapped('chalk', buoy)(next)).toEqual(design);
        expect(withFilmsSwapped('chalk', chalk)(design)).toBe(design);
    });

    it('are swapped in every field that names a film', () => {
        const fields = (value: unknown): { film: unknown }[] =>
            typeof value !== 'object' || value === null
                ? []
                : [...('film' in value ? [value] : []), ...Object.values(value).flatMap(fields)];
        const full = edit((now) => {
            const [line] = now.lines;
            line?.lettering.letters.push({ ...plainLetter(0), film: 'chalk' });
            const artwork = { width: 10, height: 10, notes: [], colours: [{ colour: '#112233', film: '', path: '' }] };
            now.motifs = withNewMotif('motif-1', 'Oars', artwork, [])(now).motifs;
            now.motifs[0]?.pieces.push({ ...defaults.motifPiece, id: 'piece-1', colour: 0, x: 0, y: 0 });
            fields([now.lines, now.forms, now.motifs]).forEach((own) => (own.film = 'chalk'));
        })(design);
        const { lines, forms, motifs } = withFilmsSwapped('chalk', moss)(full);
        const films = fields([lines, forms, motifs]).map(({ film }) => film);
        expect(films.length).toBeGreaterThan(15);
        expect(new Set(films)).toEqual(new Set(['moss']));
    });

    it('take the joints along', () => {
        const joined = edit(({ layering }) => {
            layering.joints.push({ id: 'buoy chalk', film: 'buoy', other: 'chalk', kind: 'butted', width: 700 });
        })(design);
        expect(withFilmsSwapped('chalk', moss)(joined).layering.joints).toEqual([
            expect.objectContaining({ id: 'buoy moss', film: 'buoy', other: 'moss', width: 700 }),
        ]);
    });
});

describe('cards together', () => {
    it('are hidden, removed and copied; what is locked is not removed, and copies are not locked', () => {
        const all = ['line-1', 'line-2', 'form-1'];
        expect(withCards(all, (card) => (card.hidden = true))(design).lines.every(({ hidden }) => hidden)).toBe(true);
        const left = withGone(all)(design);
        expect([...left.lines, ...left.forms].map(({ id }) => id)).toEqual(['line-2']);
        const { edit: copy, copies } = withCopies(design, all);
        const copied = copy(design);
        expect(copies).toEqual(['line-3', 'line-4', 'form-2']);
        expect(copied.lines.map(({ id }) => id)).toEqual(['line-1', 'line-3', 'line-2', 'line-4']);
        expect(copied.lines.find(({ id }) => id === 'line-4')?.locked).toBe(false);
        // A copy is a card of its own.
        const changed = withTreatments('line-3', ({ outlines }) => outlines.pop())(copied);
        expect(changed.lines[0]?.treatments.outlines).toHaveLength(1);
    });

    it.each(Array.from({ length: 30 }, (_, at) => at + 1))('move by the same way, locked ones not (%i)', (seed) => {
        const dice = random(seed);
        const some = withForms(
            withLines({ words: 'A', gap: 4000 }, { words: 'B', gap: 9000, locked: seed % 3 === 0 }, { words: 'C' }),
            { across: dice.from(-50000, 50000) },
        );
        const sizes = Object.fromEntries(
            some.lines.map(({ id }) => [
                id,
                { width: 2 * dice.from(10000, 90000), height: 2 * dice.from(4000, 30000) },
            ]),
        );
        const all = [...some.lines, ...some.forms].map(({ id }) => id);
        const chosen = all.filter(() => dice.from(0, 1) > 0);
        const [dx, dy] = [dice.from(-9000, 9000), dice.from(-9000, 9000)];
        const before = laid(some, sizes);
        const after = laid(withMoved(chosen, dx, dy, sheet(some, sizes))(some), sizes);
        for (const id of all) {
            const moves = chosen.includes(id) && !(seed % 3 === 0 && id === 'line-2');
            expect(after[id]?.left).toBe((before[id]?.left ?? 0) + (moves ? dx : 0));
            expect(after[id]?.top).toBe((before[id]?.top ?? 0) + (moves ? dy : 0));
        }
    });

    it('that share a ring move it once', () => {
        const ring = edit(({ lines }) =>
            lines.forEach(({ follows }, at) => {
                follows.path = 'ring';
                follows.ring.with = at === 1 ? 'line-1' : '';
            }),
        )(withLines({ words: 'A' }, { words: 'B' }));
        const sizes = { 'line-1': { width: 10, height: 10 }, 'line-2': { width: 10, height: 10 } };
        const next = withMoved(['line-1', 'line-2'], 3000, 4000, sheet(ring, sizes))(ring);
        expect(next.lines[0]?.follows.ring).toMatchObject({ across: 3000, down: 104000 });
        expect(next.lines[1]?.follows.ring).toEqual(ring.lines[1]?.follows.ring);
    });
});

describe('what a snag offers', () => {
    const none = {
        say: '',
        letterHeight: null,
        spacing: null,
        heft: null,
        islands: null,
        into: null,
        above: null,
        crosses: null,
        settles: false,
    };

    it('sizes and spaces a line', () => {
        const next = withFix('line-1', { ...none, letterHeight: 14000, spacing: 20 }, sheet(design, {}))(design)
            .lines[0];
        expect(next?.size).toMatchObject({ by: 'letter', length: 14000 });
        expect(next?.lettering.spacing).toBe(20);
        expect(withFix('line-1', { ...none, heft: 240 }, sheet(design, {}))(design).lines[0]?.lettering).toMatchObject({
            heft: 240,
            spacing: 0,
        });
    });

    it('keeps what a design of before looks like now', () => {
        const before = { ...design, formerly: ['chalk', 'ink'] };
        expect(
            withFix('line-1', { ...none, crosses: null, settles: true }, sheet(design, {}))(before).formerly,
        ).toEqual([]);
    });

    it('sets a card in, or bridges its islands', () => {
        expect(
            withFix('line-1', { ...none, into: 'form-1' }, sheet(design, {}))(design).lines[0]?.treatments.setInto,
        ).toMatchObject({
            into: 'cards',
            cards: ['form-1'],
        });
        expect(
            withFix('line-1', { ...none, islands: 'bridge' }, sheet(design, {}))(design).lines[0]?.treatments.cutFrom
                .islands,
        ).toBe('bridge');
    });
});
