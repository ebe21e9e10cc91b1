// @vitest-environment jsdom
import { cleanup, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import type { Sheet, SheetLayer } from '../src/api/client';
import { withLayering } from '../src/bench/model/edits';
import { BladeSide } from '../src/bench/films/BladeSide';
import { WeedingPanel } from '../src/bench/films/WeedingPanel';
import { benchOf, renderOn, sheetOf } from './support/bench';
import { withLines } from './support/designs';
import { asInABrowser } from './support/page';

vi.setConfig({ testTimeout: 30_000 });
beforeAll(asInABrowser);
afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
});

const layer: SheetLayer = {
    film: 'chalk',
    path: 'M0 0l9 0 0 9z',
    width: 100_000,
    height: 50_000,
    left: -50_000,
    top: 0,
    filmLength: 50_000,
    turned: false,
    fits: true,
    pieces: 1,
    toWeed: 1,
    mirrored: true,
    marks: '',
    frame: 'M0 0l9 0 0 9z',
    parting: 'M0 5L9 5',
    thickness: 90,
    safe: null,
    reason: null,
};

function opened(layers: number) {
    const design = withLines({ words: 'TERN', film: 'chalk', size: { by: 'width', length: 200000 } });
    const sheet: Sheet = { ...sheetOf(design), layers: Array.from({ length: layers }, () => layer) };
    const store = benchOf(design, sheet);
    renderOn(store, <WeedingPanel />);
    return { user: userEvent.setup(), store, weeding: () => store.getState().design.weeding };
}

describe('how layers are weeded', () => {
    it('has a shape of frame with its distances, and what has one of its own', async () => {
        const { user, weeding } = opened(2);
        for (const [side, typed] of [
            ['Left', '8'],
            ['Bottom', '1 cm'],
        ] as const) {
            const field = screen.getByRole('textbox', { name: `${side} margin` });
            await user.clear(field);
            await user.type(field, `${typed}{Enter}`);
        }
        expect(weeding().margins).toEqual({ left: 8_000, right: 6_000, top: 6_000, bottom: 10_000 });
        await user.click(screen.getByRole('button', { name: 'Number of frames' }));
        await user.click(await screen.findByRole('option', { name: 'One per card' }));
        await user.click(screen.getByRole('radio', { name: 'hugging' }));
        expect(weeding()).toMatchObject({ frame: 'hugging', around: 'card' });
        expect(screen.queryByRole('textbox', { name: 'Left margin' })).toBeNull();
        const distance = screen.getByRole('textbox', { name: 'Distance from ink' });
        await user.clear(distance);
        await user.type(distance, '1{Enter}');
        expect(screen.getByRole('alert').textContent).toBe('This must be at least 2.0 mm.');
        await user.clear(distance);
        await user.type(distance, '3.5{Enter}');
        expect(weeding().distance).toBe(3_500);
    });

    it('parts the waste and joins loose pieces by a tick, the latter only of several films', async () => {
        const { user, weeding } = opened(2);
        await user.click(screen.getByRole('checkbox', { name: 'Relief cuts' }));
        await user.click(screen.getByRole('checkbox', { name: 'Join loose pieces' }));
        expect(weeding()).toMatchObject({ relief: true, together: true });
        cleanup();
        opened(1);
        expect(screen.queryByRole('checkbox', { name: 'Join loose pieces' })).toBeNull();
    });

    it('says what marks ask of the frames', () => {
        const { store } = opened(2);
        const said = () => screen.getByRole('region', { name: 'Weeding' }).querySelector('p')?.textContent ?? '';
        const marks = (kind: 'box' | 'none' | 'pins') =>
            store.getState().change(withLayering((now) => (now.marks = kind)));
        expect(said()).toBe('');
        marks('box');
        return vi.waitFor(() => expect(said()).toContain('all layers share one frame'));
    });

    it('shows what parts the waste on the picture of the layer', () => {
        const { container } = renderOn(
            benchOf(withLines({ words: 'TERN', film: 'chalk', size: { by: 'width', length: 200000 } })),
            <BladeSide layer={layer} name="Chalk" className="" />,
        );
        expect(container.querySelector('[data-part=parting]')?.getAttribute('d')).toBe('M0 5L9 5');
    });
});
