import { describe, expect, it } from 'vitest';
import type { Design } from '../src/api/client';
import { together, withAligned, withGroup, withSpaced, withMoved, type Edge } from '../src/bench/model/arrange';
import { withDropped } from '../src/bench/model/dropped';
import { withMove, withOrder } from '../src/bench/model/edits';
import { moveBy } from '../src/bench/model/pose';
import { withCopies } from '../src/bench/model/edits/copies';
import { laid, random, sheet, withForms, withLines, type Sizes } from './support/designs';

/** Some lines and forms, all of whole and even measures so that halves are whole. */
function some(seed: number): { design: Design; sizes: Sizes } {
    const dice = random(seed);
    const even = (from: number, to: number) => 2 * dice.from(from / 2, to / 2);
    const count = dice.from(1, 5);
    const lines = Array.from({ length: count }, (_, at) => ({
        words: `line ${at}`,
        align: dice.one(['left', 'centre', 'right'] as const),
        gap: even(-4000, 20000),
        shift: even(-20000, 20000),
    }));
    const forms = Array.from({ length: dice.from(0, 3) }, () => ({
        across: even(-90000, 90000),
        down: even(20000, 300000),
        width: even(4000, 90000),
        height: even(4000, 90000),
    }));
    const design = {
        ...withForms(withLines(...lines), ...forms),
        stack: dice.one(['top', 'middle', 'bottom'] as const),
    };
    const sizes = Object.fromEntries(
        lines.map((_, at) => [`line-${at + 1}`, { width: even(20000, 200000), height: even(8000, 60000) }]),
    );
    return { design, sizes };
}

const seeds = Array.from({ length: 60 }, (_, at) => at + 1);

describe('places by hand', () => {
    it.each(seeds)('a card goes where it is put, and the others stay where they are (%i)', (seed) => {
        const { design, sizes } = some(seed);
        const dice = random(1000 + seed);
        const card = dice.one([...design.lines, ...design.forms]).id;
        const [dx, dy] = [dice.from(-20000, 20000), dice.one([0, dice.from(-20000, 20000)])];
        const before = laid(design, sizes);
        const after = laid(
            withDropped({ card, cards: [card], handled: null, pose: moveBy(dx, dy) }, sheet(design, sizes))(design),
            sizes,
        );
        const own = before[card];
        expect(after).toEqual({
            ...before,
            [card]: { ...own, left: (own?.left ?? 0) + dx, top: (own?.top ?? 0) + dy },
        });
    });

    it('a locked line is not moved', () => {
        const design = withLines({ words: 'REGATTA', locked: true });
        expect(
            withMove('line-1', 5000, 5000, sheet(design, { 'line-1': { width: 90000, height: 20000 } }))(design),
        ).toBe(design);
    });

    it.each(seeds)('cards are lined up by their ink, and keep their height (%i)', (seed) => {
        const { design, sizes } = some(seed);
        const dice = random(2000 + seed);
        const edge = dice.one<Edge>(['left', 'centre', 'right', 'top', 'middle', 'bottom']);
        const all = [...design.lines, ...design.forms].map(({ id }) => id);
        const chosen = all.filter(() => dice.from(0, 2) > 0);
        const before = laid(design, sizes);
        const after = laid(withAligned(chosen, edge, sheet(design, sizes))(design), sizes);
        const at = ({ left, top, width, height }: (typeof after)[string]) =>
            ({
                left,
                centre: left + width / 2,
                right: left + width,
                top,
                middle: top + height / 2,
                bottom: top + height,
            })[edge];
        const across = ['left', 'centre', 'right'].includes(edge);
        for (const id of all) {
            const [was, is] = [before[id], after[id]];
            if (!was || !is) {
                throw new Error(id);
            }
            if (!chosen.includes(id)) {
                expect(is).toEqual(was);
            } else if (chosen.length > 1) {
                const first = after[chosen[0] ?? ''];
                expect(Math.abs(at(is) - at(first ?? is))).toBeLessThanOrEqual(1);
            }
            expect(across ? is.top : is.left).toBe(across ? was.top : was.left);
            expect([is.width, is.height]).toEqual([was.width, was.height]);
        }
    });

    it.each(seeds)('cards get the same room between them, and the outer ones stay (%i)', (seed) => {
        const { design, sizes } = some(seed);
        const way = seed % 2 === 0 ? 'across' : 'down';
        const all = [...design.lines, ...design.forms].map(({ id }) => id);
        const before = laid(design, sizes);
        const after = laid(withSpaced(all, way, sheet(design, sizes))(design), sizes);
        const [start, size] = way === 'across' ? (['left', 'width'] as const) : (['top', 'height'] as const);
        const order = all
            .map((id) => ({ id, was: before[id], is: after[id] }))
            .sort((a, b) => (a.was?.[start] ?? 0) - (b.was?.[start] ?? 0));
        const gaps = order
            .slice(1)
            .map(({ is }, at) => (is?.[start] ?? 0) - (order[at]?.is?.[start] ?? 0) - (order[at]?.is?.[size] ?? 0));
        if (all.length > 2) {
            expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThanOrEqual(2);
        }
        expect(order[0]?.is).toEqual(order[0]?.was);
        expect(Math.abs((order.at(-1)?.is?.[start] ?? 0) - (order.at(-1)?.was?.[start] ?? 0))).toBeLessThanOrEqual(1);
    });

    it('what is kept together moves together, and is lined up as one', () => {
        const { design, sizes } = some(12);
        const all = [...design.lines, ...design.forms].map(({ id }) => id);
        const chosen = all.slice(0, 2);
        const grouped = withGroup(chosen, 'group 1')(design);
        const before = laid(grouped, sizes);
        const after = laid(
            withMoved(together(grouped, chosen[0] ?? ''), 3000, -7000, sheet(grouped, sizes))(grouped),
            sizes,
        );
        const aligned = laid(withAligned(all, 'left', sheet(grouped, sizes))(grouped), sizes);
        const between = (frames: typeof before) =>
            [frames[chosen[0] ?? '']?.left, frames[chosen[0] ?? '']?.top].map(
                (value, at) =>
                    (value ?? 0) - ((at === 0 ? frames[chosen[1] ?? '']?.left : frames[chosen[1] ?? '']?.top) ?? 0),
            );
        for (const id of all) {
            const moved = chosen.includes(id);
            expect(after[id]?.left).toBe((before[id]?.left ?? 0) + (moved ? 3000 : 0));
            expect(after[id]?.top).toBe((before[id]?.top ?? 0) + (moved ? -7000 : 0));
        }
        expect(between(aligned)).toEqual(between(before));
    });

    it('lines change places, and the gaps stay where they are', () => {
        const design = withLines({ words: 'A', gap: 1000 }, { words: 'B', gap: 2000 }, { words: 'C', gap: 3000 });
        const next = withOrder('line-3', 0)(design);
        expect(next.lines.map(({ lettering, stacking }) => [lettering.words, stacking.gap])).toEqual([
            ['C', 1000],
            ['A', 2000],
            ['B', 3000],
        ]);
        expect(withOrder('line-3', 3)(design).lines).toEqual(design.lines);
    });

    it('a copy comes right below, unlocked', () => {
        const before = withLines({ words: 'A', locked: true }, { words: 'B' });
        const { edit, copies } = withCopies(before, ['line-1']);
        const design = edit(before);
        expect(copies).toEqual(['line-3']);
        expect(design.lines.map(({ id, lettering, locked }) => [id, lettering.words, locked])).toEqual([
            ['line-1', 'A', true],
            ['line-3', 'A', false],
            ['line-2', 'B', false],
        ]);
    });
});
