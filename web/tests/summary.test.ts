import { describe, expect, it } from 'vitest';
import type { Design, Line, Treatments } from '../src/api/client';
import { withLine, type Change } from '../src/bench/model/edits';
import { drawersOf } from '../src/bench/model/kinds';
import { settingsOf } from '../src/bench/model/summary';
import { newRim } from '../src/bench/model/treatments';
import { withForms, withLines } from './support/designs';

const design = withForms(withLines({ words: 'TERN POINT' }, { words: 'Regatta' }), {});

const wordsOf = (now: Design, id: string) => {
    const card = [...now.lines, ...now.forms].find((own) => own.id === id);
    return card ? settingsOf(card, now) : [];
};

const treated =
    (change: Change<Treatments>): Change<Line> =>
    ({ treatments }) =>
        change(treatments);

const cases: readonly { change: Change<Line>; words: string; drawer: string; field: string }[] = [
    {
        change: ({ stacking }) => (stacking.alignTo = 'above'),
        words: 'aligned to the line above',
        drawer: 'place',
        field: 'alignTo',
    },
    { change: ({ stacking }) => (stacking.tight = true), words: 'stacked tight', drawer: 'place', field: 'tight' },
    {
        change: ({ lettering }) => (lettering.spacing = 12),
        words: 'spacing 12',
        drawer: 'letters',
        field: 'spacing',
    },
    { change: ({ size }) => (size.stretch = 90), words: '90 % wide', drawer: 'letters', field: 'stretch' },
    { change: ({ lettering }) => (lettering.heft = -200), words: 'lighter 0.2', drawer: 'letters', field: 'heft' },
    {
        change: ({ lettering }) => (lettering.features = ['ss01', '-kern']),
        words: '2 font forms',
        drawer: 'letters',
        field: 'forms',
    },
    {
        change: ({ follows }) => Object.assign(follows, { path: 'arc', arc: { ...follows.arc, rise: 26000 } }),
        words: 'arched 26',
        drawer: 'bend',
        field: 'follows',
    },
    {
        change: ({ follows }) =>
            Object.assign(follows, { path: 'arc', arc: { ...follows.arc, by: 'angle', angle: 60 } }),
        words: 'arched 60°',
        drawer: 'bend',
        field: 'follows',
    },
    {
        change: ({ follows }) =>
            Object.assign(follows, { path: 'ring', ring: { ...follows.ring, part: 'lower', radius: 81500 } }),
        words: 'bottom of ring 81.5',
        drawer: 'bend',
        field: 'follows',
    },
    {
        change: ({ follows }) => Object.assign(follows, { path: 'brim' }),
        words: 'brim, 40 in',
        drawer: 'bend',
        field: 'follows',
    },
    {
        change: ({ fills }) => Object.assign(fills.top, { shape: 'arched', rise: 26500 }),
        words: 'top arched 26.5',
        drawer: 'bend',
        field: 'top edge',
    },
    {
        change: ({ fills }) => Object.assign(fills.bottom, { shape: 'level', left: 2000 }),
        words: 'bottom level',
        drawer: 'bend',
        field: 'bottom edge',
    },
    {
        change: treated(({ outlines }) => outlines.push({ ...newRim('chalk'), width: 2600 })),
        words: 'outline 2.6 Harbour ink',
        drawer: 'outlines',
        field: 'outline 1',
    },
    {
        change: treated(({ shadow }) => Object.assign(shadow, { kind: 'block', length: 5000, film: 'ink' })),
        words: 'block shadow 5 Harbour ink',
        drawer: 'outlines',
        field: 'shadow',
    },
    {
        change: treated(({ inline }) => (inline.width = 1000)),
        words: 'inline 1',
        drawer: 'outlines',
        field: 'inline',
    },
    {
        change: treated(({ setInto }) => Object.assign(setInto, { into: 'cards', cards: ['line-2'] })),
        words: 'set into Regatta, 1 clear',
        drawer: 'inset',
        field: 'clearance',
    },
    {
        change: treated(({ setInto }) => Object.assign(setInto, { into: 'cards', cards: ['line-2', 'form-1'] })),
        words: 'set into Regatta and 1 more, 1 clear',
        drawer: 'inset',
        field: 'clearance',
    },
    {
        change: treated(({ setInto }) => Object.assign(setInto, { into: 'all', clearance: 500 })),
        words: 'set into all it lies on, 0.5 clear',
        drawer: 'inset',
        field: 'clearance',
    },
    {
        change: treated(({ cutFrom }) => (cutFrom.card = 'form-1')),
        words: 'cut from Rectangle',
        drawer: 'inset',
        field: 'islands',
    },
    {
        change: treated(({ copies }) => Object.assign(copies, { kind: 'grid', across: 3, down: 2 })),
        words: '3 × 2 copies',
        drawer: 'copies',
        field: 'copies',
    },
    {
        change: treated(({ copies }) => Object.assign(copies, { kind: 'around', count: 8 })),
        words: '8 in a ring',
        drawer: 'copies',
        field: 'copies',
    },
];

describe('what is set on a card, in one line', () => {
    it('says nothing of a line as it is typed', () => {
        expect(wordsOf(design, 'line-1')).toEqual([]);
    });

    it.each(cases)('$words', ({ change, words, drawer, field }) => {
        expect(wordsOf(withLine('line-1', change)(design), 'line-1')).toEqual([{ words, drawer, field }]);
    });

    it('leads only to drawers that the card has', () => {
        const all = cases.reduce((now, { change }) => withLine('line-1', change)(now), design);
        const line = all.lines[0];
        const drawers = line ? ['place', ...drawersOf(line)] : [];
        expect(wordsOf(all, 'line-1').length).toBeGreaterThan(9);
        expect(wordsOf(all, 'line-1').filter(({ drawer }) => !drawers.includes(drawer))).toEqual([]);
    });

    it('names lengths in the unit of the design', () => {
        const inches: Design = { ...withLine('line-1', cases[12]?.change ?? (() => {}))(design), unit: 'in' };
        expect(wordsOf(inches, 'line-1')[0]?.words).toBe('outline 0.102 Harbour ink');
    });

    it('says what a form is for', () => {
        const guide = { ...design, forms: design.forms.map((form) => ({ ...form, guide: true })) };
        expect(wordsOf(guide, 'form-1').map(({ words }) => words)).toContain('guide, not cut');
    });
});
