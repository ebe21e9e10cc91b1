import { describe, expect, it } from 'vitest';
import type { Design, Film } from '../src/api/client';
import { edit, withForm, withLine, withNewForm, withNewLine } from '../src/bench/model/edits';
import { withLineAround } from '../src/bench/model/edits/around';
import { empty, sheet, withForms, withLines } from './support/designs';

const film = (id: string, colour: string): Film => ({ ...(empty.films[0] as Film), id, colour });
const [chalk, ink, buoy] = [film('chalk', '#F5F1E8'), film('ink', '#22243A'), film('buoy', '#E2703A')];
const on = (cloth: string, films: Film[], design: Design = empty) =>
    edit((now) => {
        now.blank.fabric.colour = cloth;
        now.films = films;
    })(design);

describe('a new line', () => {
    it('is fitted to the area where it is the first, else to its width', () => {
        expect(withNewLine('line-1')(empty).lines[0]?.size).toMatchObject({ by: 'area', length: 5000 });
        expect(withNewLine('line-2')(withLines({ words: 'TERN' })).lines[1]?.size).toMatchObject({
            by: 'width',
            length: 270000,
        });
    });

    it('is fitted into the form that is chosen, belongs to it, and lies on it', () => {
        const design = withForms(withLines({ words: 'TERN' }), { width: 100000, height: 40000, depth: 3 });
        const line = withNewLine('line-2', 'form-1')(design).lines[1];
        expect(line).toMatchObject({
            size: { by: 'area', length: 2000 },
            belongs: { to: 'form-1', across: 0, down: 0, scale: 100 },
            depth: 3,
        });
        expect(withNewLine('line-2', 'line-1')(design).lines[1]?.belongs.to).toBe('');
        // A bar is no place for words.
        for (const [height, to] of [
            [19999, ''],
            [20000, 'form-1'],
        ] as const) {
            const bar = withForms(empty, { width: 100000, height });
            expect(withNewLine('line-1', 'form-1')(bar).lines[0]?.belongs.to).toBe(to);
        }
    });

    it('lies around the centre of gravity of a form, turned with it', () => {
        const form = withForms(empty, { width: 100000, height: 100000, turn: 90 });
        const parts = sheet(form, {}).parts.map((part) => ({
            ...part,
            centroid: { x: part.middleX + 7000, y: part.middleY - 2000 },
        }));
        const line = withNewLine('line-1', 'form-1', [], parts)(form).lines[0];
        expect(line?.belongs).toMatchObject({ to: 'form-1', across: -2000, down: -7000 });
        expect(withNewLine('line-1', null, [], parts)(form).lines[0]?.belongs).toMatchObject({ across: 0, down: 0 });
    });

    it.each([
        ['shows against the cloth', '#2B3350', [ink, chalk], null, 'chalk'],
        ['shows against the form that it is put on', '#2B3350', [chalk, ink], 'chalk', 'ink'],
        ['takes a film of the rack where none of the design’s shows', '#2B3350', [chalk], 'chalk', 'buoy'],
    ])('%s', (_, cloth, films, form, expected) => {
        const plain = on(cloth, films);
        const design = form === null ? plain : withForm('form-1', (now) => (now.film = form))(withForms(plain, {}));
        const next = withNewLine('line-1', form && 'form-1', [buoy])(design);
        expect(next.lines[0]?.film).toBe(expected);
        expect(next.films.map(({ id }) => id)).toContain(expected);
    });

    it('goes beneath the lines that are on the form already, in smaller letters', () => {
        const form = withForms(empty, { width: 100000, height: 100000, across: 0, down: 90000 });
        const first = withNewLine('line-1', 'form-1')(form);
        const { parts } = sheet(first, { 'line-1': { width: 60000, height: 30000 } });
        const second = withNewLine('line-2', 'form-1', [], parts)(first).lines[1];
        expect(second?.size).toMatchObject({ by: 'letter', length: 12000 });
        // Half of the first line, the gap, and half of the second.
        expect(second?.belongs).toMatchObject({ to: 'form-1', across: 0, down: 15000 + 4000 + 6000 });
        // What runs round the form is not in the way.
        const round = withLine('line-1', ({ follows }) => (follows.path = 'outline'))(first);
        expect(withNewLine('line-2', 'form-1', [], parts)(round).lines[1]?.size.by).toBe('area');
    });

    it('shows against the cloth in a ring', () => {
        const ring = withForm('form-1', (now) =>
            Object.assign(now, { film: 'chalk', shape: { ...now.shape, kind: 'ring' } }),
        );
        const line = withNewLine('line-1', 'form-1', [buoy])(ring(on('#2B3350', [chalk, ink], withForms(empty, {}))))
            .lines[0];
        expect([line?.film, line?.belongs.to]).toEqual(['chalk', 'form-1']);
    });

    it('goes round the form that is chosen, in letters that suit it and a film that shows on the cloth', () => {
        const design = on('#2B3350', [ink, chalk], withForms(empty, { width: 100000, height: 60000 }));
        const line = withLineAround('line-1', 'form-1', [])(design).lines[0];
        expect(line).toMatchObject({
            film: 'chalk',
            size: { by: 'letter', length: 9600 },
            follows: { path: 'outline', outline: { shape: 'form-1' } },
            belongs: { to: '' },
        });
    });

    it('goes along the bottom, upright and as large, where another one goes round it already', () => {
        const first = withLineAround('line-1', 'form-1')(withForms(empty, { width: 100000 }, { width: 90000 }));
        const sized = withLine('line-1', ({ size }) => (size.length = 12000))(first);
        const line = withLineAround('line-2', 'form-1')(sized).lines[1];
        expect(line).toMatchObject({
            size: { by: 'letter', length: 12000 },
            follows: { sits: 'top', lift: -3000, outline: { shape: 'form-1', side: 'inside', start: 50 } },
        });
        const elsewhere = withLineAround('line-2', 'form-2')(sized).lines[1];
        expect(elsewhere?.follows).toMatchObject({ sits: 'baseline', outline: { side: 'outside', start: 0 } });
    });
});

describe('a new form', () => {
    it('shows against the cloth and the lettering; the next ones are of the same film', () => {
        const design = edit(({ lines }) => lines.forEach((line) => (line.film = 'chalk')))(
            on('#2B3350', [chalk], withLines({ words: 'TERN' })),
        );
        const first = withNewForm('form-1', 'circle', [ink, buoy])(design);
        expect(first.forms[0]?.film).toBe('buoy');
        expect(first.films.map(({ id }) => id)).toEqual(['buoy', 'chalk']);
        expect(withNewForm('form-2', 'star', [ink])(first).forms[1]?.film).toBe('buoy');
        // On the first one it shows against that, and is pressed after it.
        const { parts } = sheet(first, {});
        const solid = parts.map((part) => ({ ...part, film: 'buoy', centroid: { x: part.middleX, y: part.middleY } }));
        const second = withNewForm('form-2', 'star', [ink], solid)(first);
        expect(second.forms[1]?.film).toBe('chalk');
        const third = withNewForm('form-2', 'star', [ink], solid)(on('#F5F1E8', [buoy, chalk], first));
        expect([third.forms[1]?.film, third.films.at(-1)?.id]).toEqual(['ink', 'ink']);
        expect(withNewForm('form-2', 'star', [ink], parts)(first).forms[1]?.film).toBe('buoy');
    });
});
