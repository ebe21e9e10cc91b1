import { describe, expect, it } from 'vitest';
import type { Design, Frame } from '../src/api/client';
import { withMoved } from '../src/bench/model/arrange';
import { withDropped } from '../src/bench/model/dropped';
import {
    belongingsOf,
    cardsOf,
    edit,
    inTurn,
    ownerOf,
    withCard,
    withForm,
    withLetGo,
    withLineSize,
    withOwner,
    withRemoved,
    withSide,
    withTheirs,
    withTurn,
    type Card,
} from '../src/bench/model/edits';
import { handled, movedWith, type Grip } from '../src/bench/model/hand';
import { withCopies } from '../src/bench/model/edits/copies';
import { laid, random, sheet, withForms, withLines } from './support/designs';

const sizes = { 'line-1': { width: 100_000, height: 20_000 }, 'line-2': { width: 40_000, height: 10_000 } };
const plain = withForms(
    withLines({ words: 'TERN', gap: 10_000 }, { words: 'crew', gap: -15_000 }),
    { across: 0, down: 150_000, width: 80_000, height: 60_000 },
    { across: 20_000, down: 160_000, width: 20_000, height: 20_000, proportional: true },
    { across: -30_000, down: 140_000, width: 12_000, height: 6_000, proportional: false },
);
const own = (id: string, to: string) => (design: Design) => withOwner(id, to, sheet(design, sizes))(design);

/** The second line belongs to the first, a star to a plate, and a dot to the star. */
const design = inTurn(own('line-2', 'line-1'), own('form-2', 'form-1'), own('form-3', 'form-2'))(plain);
const frames = (now: Design) => laid(now, sizes);
const card = (now: Design, id: string) => cardsOf(now).find((one) => one.id === id) as Card;
const middle = ({ left, top, width, height }: Frame) => ({ x: left + width / 2, y: top + height / 2 });
const shift = (before: Design, after: Design, id: string) => {
    const [a, b] = [middle(frames(before)[id] as Frame), middle(frames(after)[id] as Frame)];
    return [Math.round(b.x - a.x), Math.round(b.y - a.y)];
};

describe('a card that belongs to another one', () => {
    it('stays where it was', () => {
        for (const id of ['line-1', 'line-2', 'form-1', 'form-2', 'form-3']) {
            expect(shift(plain, design, id), id).toEqual([0, 0]);
        }
        expect(belongingsOf(design, 'form-1')).toEqual(['form-2', 'form-3']);
        expect(ownerOf(design, 'form-3')?.id).toBe('form-2');
    });

    it('lies in the middle where it lay elsewhere', () => {
        const next = withOwner('form-2', 'line-1', sheet(plain, sizes), 'middle')(plain);
        expect(middle(frames(next)['form-2'] as Frame)).toEqual(middle(frames(plain)['line-1'] as Frame));
    });

    it('never belongs to itself, nor to what belongs to it', () => {
        for (const [id, to] of [
            ['form-1', 'form-1'],
            ['form-1', 'form-3'],
            ['form-1', 'gone'],
        ] as const) {
            expect(withOwner(id, to, sheet(design, sizes))(design)).toBe(design);
        }
        const circle = withCard('form-1', ({ belongs }) => (belongs.to = 'form-3'))(design);
        expect(ownerOf(circle, 'form-1')).toBeUndefined();
    });

    it('is moved with it, once, by whichever of them is taken', () => {
        const chance = random(7);
        for (let turn = 0; turn < 60; turn += 1) {
            const all = cardsOf(design).map(({ id }) => id);
            const chosen = all.filter(() => chance.from(0, 2) === 0);
            const [dx, dy] = [chance.from(-9000, 9000), chance.from(-9000, 9000)];
            const cards = chosen[0] === undefined ? [] : movedWith(design, chosen[0], chosen);
            const next = withMoved(cards, dx, dy, sheet(design, sizes))(design);
            for (const id of all) {
                expect(shift(design, next, id), `${id} of ${chosen.join(' ')}`).toEqual(
                    withTheirs(design, chosen).includes(id) ? [dx, dy] : [0, 0],
                );
            }
        }
    });

    it('is moved on a turned card as the hand goes', () => {
        const turned = withTurn('form-1', 70)(design);
        const next = withMoved(['form-2'], 3000, -4000, sheet(turned, sizes))(turned);
        expect(shift(turned, next, 'form-2').map((by) => Math.round(by / 10))).toEqual([300, -400]);
        expect(shift(turned, next, 'form-1')).toEqual([0, 0]);
    });

    it('turns with it by field and by hand', () => {
        const next = withTurn('form-1', 90)(design);
        expect(['form-1', 'form-2', 'form-3'].map((id) => card(next, id).place.turn)).toEqual([90, 90, 90]);
        // From (20, 10) beside its middle to (-10, 20).
        expect(shift(design, next, 'form-2')).toEqual([-30_000, 10_000]);
        expect(withTurn('form-1', 0)(next)).toEqual(design);
        const byHand = drag(design, 'form-1', { kind: 'thread' }, [0, -100_000], [100_000, 0]);
        expect(byHand.forms.map(({ place }) => place.turn)).toEqual([90, 90, 90]);
        expect(shift(design, byHand, 'form-2')).toEqual([-30_000, 10_000]);
    });

    it('grows with a form by its fields', () => {
        const wide = withSide(
            'form-1',
            'width',
            160_000,
        )(withForm('form-1', ({ size }) => (size.proportional = false))(design));
        expect(card(wide, 'form-2').belongs).toMatchObject({ across: 40_000, down: 10_000 });
        // What keeps its proportions grows as much in both directions; the other one is stretched.
        expect(card(wide, 'form-2')).toMatchObject({ size: { width: 28_284, height: 28_284 } });
        expect(card(wide, 'form-3')).toMatchObject({ size: { width: 24_000, height: 6_000 } });
        const turned = withSide(
            'form-1',
            'width',
            160_000,
        )(
            edit(({ forms }) =>
                forms.forEach(({ id, size, place }) => {
                    size.proportional = false;
                    place.turn = id === 'form-3' ? 45 : 0;
                }),
            )(design),
        );
        expect(card(turned, 'form-3')).toMatchObject({ size: { width: 16_971, height: 8_485 } });
    });

    it('grows with a line by its fields', () => {
        const next = withLineSize('line-1', { by: 'width', length: 150_000 }, 1.5)(design);
        expect(card(next, 'line-1')).toMatchObject({ size: { by: 'width', length: 150_000 } });
        const before = card(design, 'line-2');
        expect(card(next, 'line-2')).toMatchObject({
            size: { by: 'letter', length: 30_000 },
            belongs: { across: Math.round(1.5 * before.belongs.across), down: Math.round(1.5 * before.belongs.down) },
        });
    });

    it('grows with it by hand, along and across', () => {
        // The corner at the lower right goes twice as far from the one at the upper left.
        const next = drag(
            design,
            'form-1',
            { kind: 'corner', right: 1, down: 1 },
            [40_000, 180_000],
            [120_000, 240_000],
        );
        expect(card(next, 'form-1')).toMatchObject({ size: { width: 160_000, height: 120_000 } });
        expect(card(next, 'form-2')).toMatchObject({
            size: { width: 40_000, height: 40_000 },
            belongs: { across: 40_000, down: 20_000 },
        });
        expect(card(next, 'form-3')).toMatchObject({ size: { width: 24_000, height: 12_000 } });
    });

    it('is sized by its own corner from the opposite one, which stays', () => {
        const next = drag(
            design,
            'form-2',
            { kind: 'corner', right: 1, down: 1 },
            [30_000, 170_000],
            [40_000, 180_000],
        );
        const [before, after] = [frames(design)['form-2'], frames(next)['form-2']] as [Frame, Frame];
        expect(after).toMatchObject({ width: 30_000, height: 30_000 });
        expect([after.left, after.top]).toEqual([before.left, before.top]);
    });

    it('is let go where it is, in its own size', () => {
        const shrunk = withCard('form-2', ({ belongs }) => (belongs.scale = 50))(withTurn('form-1', 25)(design));
        for (const id of ['form-2', 'line-2']) {
            const next = withLetGo(id, sheet(shrunk, sizes))(shrunk);
            expect(ownerOf(next, id)).toBeUndefined();
            expect(shift(shrunk, next, id), id).toEqual([0, 0]);
            expect(shift(shrunk, next, 'line-1')).toEqual([0, 0]);
        }
        expect(frames(withLetGo('form-2', sheet(shrunk, sizes))(shrunk))['form-2']).toMatchObject({ width: 20_000 });
    });

    it('stays where it is when the other one is removed', () => {
        const next = withRemoved(['form-1', 'line-1'], sheet(design, sizes))(design);
        expect(cardsOf(next).map(({ id }) => id)).toEqual(['line-2', 'form-2', 'form-3']);
        expect(['form-2', 'form-3', 'line-2'].map((id) => shift(design, next, id))).toEqual([
            [0, 0],
            [0, 0],
            [0, 0],
        ]);
        expect(ownerOf(next, 'form-3')?.id).toBe('form-2');
    });

    it('takes on how large it looks when its own size is set', () => {
        const shrunk = withCard('form-2', ({ belongs }) => (belongs.scale = 50))(design);
        const next = withSide('form-2', 'width', 15_000)(shrunk);
        expect(card(next, 'form-2')).toMatchObject({
            size: { width: 15_000, height: 15_000 },
            belongs: { scale: 100 },
        });
    });
});

describe('a duplicate', () => {
    it('has all that belongs to the card, which leads to the copies and not to the cards', () => {
        const set = edit(({ forms, lines }) => {
            forms.forEach(({ id, treatments }) => {
                treatments.setInto = {
                    ...treatments.setInto,
                    into: 'cards',
                    cards: id === 'form-2' ? ['form-1', 'line-1'] : [],
                };
                treatments.cutFrom.card = id === 'form-3' ? 'form-2' : '';
            });
            lines.forEach(({ follows }) => (follows.outline.shape = 'form-1'));
        })(design);
        const { edit: copy, copies } = withCopies(set, ['form-1']);
        const next = copy(set);
        expect(copies).toEqual(['form-4']);
        expect(next.forms.map(({ id }) => id)).toEqual(['form-1', 'form-4', 'form-2', 'form-5', 'form-3', 'form-6']);
        expect(belongingsOf(next, 'form-4')).toEqual(['form-5', 'form-6']);
        expect(card(next, 'form-5').treatments.setInto.cards).toEqual(['form-4', 'line-1']);
        expect(card(next, 'form-6').treatments.cutFrom.card).toBe('form-5');
        expect(card(next, 'form-5').belongs).toMatchObject({ across: 20_000, down: 10_000 });
        expect(belongingsOf(next, 'form-1')).toEqual(['form-2', 'form-3']);
    });

    it('is kept together with other duplicates, and not with what it comes from', () => {
        const grouped = edit(({ forms }) => forms.forEach(({ treatments }) => (treatments.group = 'group 1')))(plain);
        const groups = (ids: string[]) =>
            withCopies(grouped, ids)
                .edit(grouped)
                .forms.map(({ treatments }) => treatments.group);
        expect(groups(['form-1', 'form-2'])).toEqual(['group 1', 'group 2', 'group 1', 'group 2', 'group 1']);
        expect(groups(['form-1'])).toEqual(['group 1', '', 'group 1', 'group 1']);
    });
});

/** A card taken by a grip at one place and let go at another. */
function drag(now: Design, id: string, grip: Grip, [x, y]: [number, number], to: [number, number]): Design {
    const there = sheet(now, sizes);
    const part = there.parts.find((one) => one.card === id);
    if (!part) {
        throw new Error(`There is no ${id}.`);
    }
    const fromMiddle = grip.kind === 'thread' ? [part.middleX, part.middleY] : [0, 0];
    const at = (point: [number, number]) =>
        point.map((value, axis) => value + (fromMiddle[axis] ?? 0)) as [number, number];
    const [from, until] = [at([x, y]), at(to)];
    const hold = {
        grip,
        item: card(now, id),
        part,
        cards: [id],
        theirs: withTheirs(now, [id]),
        x: from[0],
        y: from[1],
    };
    return withDropped(handled(hold, until[0], until[1], there, { altKey: true, shiftKey: false }, 0), there)(now);
}
