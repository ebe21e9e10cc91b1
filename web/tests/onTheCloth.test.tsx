// @vitest-environment jsdom
import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Blank } from '../src/api/client';
import { edit } from '../src/bench/model/edits';
import { withFix } from '../src/bench/model/edits/fixes';
import { KeepOffList } from '../src/bench/sheet/KeepOffList';
import { OnTheCloth } from '../src/bench/stage/OnTheCloth';
import { StageContext } from '../src/bench/stage/StageView';
import { ViewBar } from '../src/bench/stage/ViewBar';
import { benchOf, renderOn, sheetOf } from './support/bench';
import { empty, withLines } from './support/designs';
import { asInABrowser } from './support/page';

vi.setConfig({ testTimeout: 60_000 });
beforeEach(asInABrowser);
afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
});

const seam = (id: string, name: string): Blank['keepOff'][number] => ({
    id,
    kind: 'seam',
    name,
    points: [0, 0, 0, 400_000],
    closed: false,
    distance: 8_000,
});
const view = {
    box: { left: 0, top: 0, width: 1, height: 1 },
    pixel: 100,
    toStage: () => ({ x: 0, y: 0 }),
    chalk: '#fff',
    onDark: true,
};
const on = (blank: Partial<Blank>, shown = <OnTheCloth label="Stage" />) => {
    const design = edit((one) => Object.assign(one.blank, blank))(withLines({ words: 'ROW' }));
    const store = benchOf(design, sheetOf(design));
    const { container } = renderOn(store, <StageContext value={view}>{shown}</StageContext>);
    return { store, container };
};
const placement = { ...empty.blank.placement, id: 'front', name: 'Front', width: 340_000, height: 175_000, down: 0 };

describe('on the cloth', () => {
    it('a brim is a band between its edge and the crown, with a tape along the edge', () => {
        const { container } = on({
            drawing: 'hat-brim',
            placement: {
                ...placement,
                from: [{ edge: 'brim', distance: 40_000 }],
                brim: { edge: 175_000, crown: 103_000 },
            },
        });
        const band = container.querySelector('[data-part=band]');
        const paths = [...(band?.querySelectorAll('path') ?? [])].map((path) => path.getAttribute('d') ?? '');
        expect(paths[0]).toContain('A175000 175000');
        expect(paths[0]).toContain('A103000 103000');
        expect(paths[1]).toContain('A135000 135000');
        expect(band?.textContent).toContain('40 mm in from the brim’s edge');
        // The tape counts the same to both sides of the middle.
        const numbers = [...container.querySelectorAll('[data-part="arc ruler"] text')].map(
            ({ textContent }) => textContent,
        );
        expect(numbers).toEqual([...numbers].reverse());
        expect(numbers[(numbers.length - 1) / 2]).toBe('0');
        expect(container.querySelector('rect[stroke-dasharray="2 5"]')).toBeNull();
    });

    it('places to keep off are as wide as lettering stays away, until they may be crossed', () => {
        const places = { keepOff: [seam('a', 'hem'), seam('b', 'zip')], crossed: ['b'] };
        const { container } = on({ ...places, placement: { ...placement, across: 5_000, down: 70_000 } });
        const marks = container.querySelector('[data-part=keep-off]');
        expect(marks?.getAttribute('transform')).toBe('translate(-5000 -70000)');
        expect([...(marks?.querySelectorAll('title') ?? [])].map(({ textContent }) => textContent)).toEqual(['hem']);
        expect(marks?.querySelector('path')?.getAttribute('stroke-width')).toBe('16000');
    });

    it('cords are laid aside where there are any', async () => {
        const user = userEvent.setup();
        const { store } = on({ drawing: 'hoodie-front' }, <ViewBar />);
        await user.click(screen.getByRole('button', { name: 'Lay the cords aside' }));
        expect(store.getState().cordsAside).toBe(true);
        cleanup();
        on({ drawing: 'tote' }, <ViewBar />);
        expect(screen.queryByRole('button', { name: 'Lay the cords aside' })).toBeNull();
    });

    it('a place is crossed by its box or by a snag’s cure', async () => {
        const user = userEvent.setup();
        const { store } = on({ keepOff: [seam('a', 'hem'), seam('b', 'zip')], crossed: ['b'] }, <KeepOffList />);
        const list = within(screen.getByRole('group', { name: 'Lettering may cross the' }));
        expect(list.getByRole<HTMLInputElement>('checkbox', { name: 'zip' }).checked).toBe(true);
        await user.click(list.getByRole('checkbox', { name: 'hem' }));
        await user.click(list.getByRole('checkbox', { name: 'zip' }));
        expect(store.getState().design.blank.crossed).toEqual(['a']);
        const fix = {
            say: '',
            letterHeight: null,
            spacing: null,
            heft: null,
            islands: null,
            into: null,
            above: null,
            crosses: 'b',
            settles: false,
        };
        const { design, sheet } = store.getState();
        expect(withFix('line-1', fix, sheet)(design).blank.crossed).toEqual(['a', 'b']);
        cleanup();
        on({ keepOff: [] }, <KeepOffList />);
        expect(screen.queryByRole('group')).toBeNull();
    });
});
