import { describe, expect, it } from 'vitest';
import type { Film } from '../src/api/client';
import { apart, firstThatShows } from '../src/bench/model/colours';
import { edit, withForm, withNewLine, withSide } from '../src/bench/model/edits';
import { moveBy, resizedForm } from '../src/bench/model/pose';
import { behind } from '../src/bench/model/treatments';
import { empty, withForms, withLines } from './support/designs';

const film = (id: string, colour: string): Film => ({ ...(empty.films[0] as Film), id, colour });
const [chalk, ink, buoy, sunup, navy] = [
    film('chalk', '#F4EFE3'),
    film('ink', '#22243A'),
    film('buoy', '#E2703A'),
    film('sunup', '#F2C14E'),
    film('navy', '#2B3150'),
];
const on = (cloth: string, ...films: Film[]) =>
    edit((design) => {
        design.films = films;
        Object.assign(design.blank, { fabric: { name: 'Cloth', colour: cloth } });
    })(empty);

describe('first settings', () => {
    it.each([
        { cloth: '#2B3150', films: [ink, chalk, buoy], first: 'chalk' },
        { cloth: '#F4EFE3', films: [chalk, ink, buoy], first: 'ink' },
        // Where none really shows, the one that does so best.
        { cloth: '#2B3150', films: [navy, ink], first: 'ink' },
    ])('a first line on $cloth is in $first', ({ cloth, films, first }) => {
        expect(withNewLine('line-1')(on(cloth, ...films)).lines[0]?.film).toBe(first);
    });

    it.each([
        { own: 'chalk', cloth: '#2B3150', films: [chalk, navy], rack: [ink, buoy], film: 'buoy' },
        { own: 'ink', cloth: '#F4EFE3', films: [ink, chalk], rack: [navy, sunup], film: 'sunup' },
        { own: 'chalk', cloth: '#2B3150', films: [chalk, sunup], rack: [buoy], film: 'sunup' },
    ])('an outline behind $own on $cloth is in $film', ({ own, cloth, films, rack, film }) => {
        const found = behind(own, on(cloth, ...films), rack);
        expect(found?.id).toBe(film);
    });

    it('is never the film of the card itself, and nothing where there is no other', () => {
        expect(behind('chalk', on('#2B3150', chalk), [chalk])).toBeUndefined();
        expect(firstThatShows([], ['#000000'])).toBeUndefined();
        expect(apart('#000000', '#FFFFFF')).toBeCloseTo(765, 5);
        expect(apart('#123456', '#123456')).toBe(0);
    });
});

describe('a form that gets another size', () => {
    const design = withForms(withLines(), { width: 80000, height: 40000 });
    const shaped = (kind: 'rectangle' | 'ring') =>
        withForm('form-1', ({ shape }) => Object.assign(shape, { kind, corner: 8000, band: 6000 }))(design);

    it.each([
        { side: 'height', length: 20000, corner: 4000, band: 3000, width: 40000 },
        { side: 'width', length: 160000, corner: 16000, band: 12000, width: 160000 },
    ] as const)('keeps its looks: $side $length', ({ side, length, corner, band, width }) => {
        const form = withSide('form-1', side, length)(shaped('rectangle')).forms[0];
        expect(form?.shape).toMatchObject({ corner, band });
        expect(form?.size.width).toBe(width);
    });

    it('never has corners larger than half its shorter side, nor a band below half a millimetre', () => {
        const free = edit(({ forms }) => forms.forEach(({ size }) => (size.proportional = false)))(shaped('rectangle'));
        const flat = withSide('form-1', 'height', 1000)(free).forms[0];
        expect(flat?.shape.corner).toBe(200);
        expect(flat?.shape.band).toBe(500);
        expect(flat?.size.width).toBe(80000);
    });

    it('does so by hand too', () => {
        const part = { middleX: 0, middleY: 0 } as Parameters<typeof resizedForm>[0];
        const form = withForm('form-1', resizedForm(part, 0.5, 0.5, moveBy(0, 0)))(shaped('ring')).forms[0];
        expect(form?.shape).toMatchObject({ corner: 4000, band: 3000 });
    });
});
