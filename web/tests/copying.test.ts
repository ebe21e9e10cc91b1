import { describe, expect, it } from 'vitest';
import type { Design, Form, Treatments } from '../src/api/client';
import { edit, withForm, withOwner } from '../src/bench/model/edits';
import { withCopiesSet, withRingOfCopies } from '../src/bench/model/edits/copying';
import { empty, sheet, withForms, withLines } from './support/designs';

type Copies = Treatments['copies'];

const sizes = { 'line-1': { width: 50000, height: 20000 } };
const set = (design: Design, id: string, next: Partial<Copies>) =>
    withCopiesSet(id, (copies) => Object.assign(copies, next), sheet(design, sizes))(design);
const star = withForms(withLines({ words: 'TERN' }), { width: 30000, height: 20000, across: 1000, down: 90000 });
const placeOf = (design: Design) => design.forms[0]?.place;

describe('copies', () => {
    it.each<[Partial<Copies>, number, number]>([
        [{ kind: 'grid', across: 3, down: 2, gap: 5000 }, -35000, -12500],
        [{ kind: 'mirrored', gap: 5000 }, -17500, 0],
        [{ kind: 'around', radius: 60000, turn: 30 }, 0, -60000],
    ])('%o lie around the place of their card, and without them it is there again', (copies, dx, dy) => {
        const made = set(star, 'form-1', copies);
        expect(placeOf(made)).toMatchObject({ across: 1000 + dx, down: 90000 + dy });
        expect(made.forms[0]?.treatments.copies).toMatchObject(copies);
        expect(placeOf(set(made, 'form-1', { kind: 'none' }))).toEqual(placeOf(star));
    });

    it('stay around it, whatever is set one after the other', () => {
        const steps: Partial<Copies>[] = [
            { kind: 'grid' },
            { across: 7 },
            { down: 4 },
            { gap: 1000 },
            { kind: 'around' },
            { radius: 33333 },
            { count: 9 },
            { kind: 'mirrored' },
            { kind: 'none' },
        ];
        const end = steps.reduce((design, step) => set(design, 'form-1', step), star);
        expect(placeOf(end)).toEqual(placeOf(star));
    });

    it('of a line in the stack lie around its middle, the next line keeps its place', () => {
        const lines = withLines({ words: 'TERN' }, { words: 'CREW' });
        const made = set(lines, 'line-1', { kind: 'mirrored', gap: 4000 });
        expect(made.lines.map(({ stacking }) => stacking.shift)).toEqual([-27000, 0]);
        expect(made.lines.map(({ stacking }) => stacking.gap)).toEqual(lines.lines.map(({ stacking }) => stacking.gap));
    });

    it('of a card that belongs to a turned one lie along that one', () => {
        const both = withForms(empty, { width: 90000, height: 90000, turn: 90 }, { width: 10000, height: 10000 });
        const owned = withOwner('form-2', 'form-1', sheet(both, sizes), 'middle')(both);
        const made = set(owned, 'form-2', { kind: 'around', radius: 25000 });
        expect(made.forms[1]?.belongs).toMatchObject({ across: -25000, down: 0 });
    });

    it.each([
        ['in the area', { width: 30000, height: 20000 }, [], 60000],
        ['in an area with less room', { width: 170000, height: 20000 }, [], 52250],
        ['in an area with none', { width: 300000, height: 20000 }, [], 1000],
        ['on what they lie on', { width: 6000, height: 6000 }, [{ width: 90000, height: 84000 }], 34200],
        [
            'on the smallest of several',
            { width: 6000, height: 6000 },
            [
                { width: 90000, height: 84000 },
                { width: 70000, height: 70000 },
            ],
            27550,
        ],
        [
            'in the area where it has no room for them',
            { width: 20000, height: 20000 },
            [{ width: 70000, height: 70000 }],
            60000,
        ],
        [
            'in the area where it lies elsewhere',
            { width: 6000, height: 6000 },
            [{ width: 90000, height: 84000, across: 90000 }],
            60000,
        ],
    ])('first lie in a ring %s', (_, own, others, radius) => {
        const design = withForms(empty, own, ...others);
        const there = sheet(design, sizes);
        const solid = { ...there, parts: there.parts.map((part) => ({ ...part, centroid: { x: 0, y: 0 } })) };
        const ring = withRingOfCopies('form-1', solid)(design).forms[0]?.treatments.copies;
        expect(ring).toMatchObject({ kind: 'around', radius });
        // What was set already stays.
        const typed = set(design, 'form-1', { radius: 12345 });
        expect(withRingOfCopies('form-1', solid)(typed).forms[0]?.treatments.copies.radius).toBe(12345);
    });

    it('leave a locked card, and one without ink, where it is', () => {
        const locked = withForm('form-1', (form) => (form.locked = true))(star);
        expect(placeOf(set(locked, 'form-1', { kind: 'around' }))).toEqual(placeOf(star));
        const bare = edit(({ forms }) => forms.push({ ...structuredClone(star.forms[0] as Form), id: 'new' }))(star);
        const made = withCopiesSet('new', (copies) => (copies.kind = 'around'), sheet(star, sizes))(bare);
        expect(made.forms[1]?.place).toEqual(placeOf(star));
        expect(made.forms[1]?.treatments.copies.kind).toBe('around');
    });
});
