// @vitest-environment jsdom
import { cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { SizedDesign } from '../src/api/client';
import { SizesDialog } from '../src/bench/sizes/SizesDialog';
import { benchOf, renderOn, sheetOf } from './support/bench';
import { withForms, withLines } from './support/designs';
import { asInABrowser } from './support/page';

vi.setConfig({ testTimeout: 60_000 });
beforeEach(asInABrowser);
afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
});

const sized = (size: string, more: Partial<SizedDesign> = {}): SizedDesign => ({
    size,
    own: false,
    placed: true,
    width: 500_000,
    height: 600_000,
    spare: 12_000,
    measures: { name: 60_000, star: 40_000 },
    picture: '<svg/>',
    ...more,
});

describe('the sizes of a design', () => {
    it('are seen at one scale, and each card stays, grows or has a measure of its own', async () => {
        const user = userEvent.setup();
        const design = withForms(withLines({ id: 'name', words: 'ROW', size: { length: 60_000 } }), {
            id: 'star',
            width: 40_000,
        });
        const store = benchOf(design, sheetOf(design), {
            '/api/designs/{id}/sizes': [
                sized('S', {
                    height: 480_000,
                    width: 400_000,
                    measures: { name: 48_000, star: 40_000 },
                    spare: -3_000,
                }),
                sized('M', { own: true }),
                sized('XXL', { placed: false }),
            ],
        });
        renderOn(store, <SizesDialog onClose={() => {}} />);
        const pictures = within(await screen.findByRole('list', { name: 'Sizes' }));
        await waitFor(() => expect(pictures.getAllByRole('listitem')).toHaveLength(3));
        const [small, medium, largest] = pictures.getAllByRole('listitem').map(({ textContent }) => textContent);
        expect(small).toBe('S3 mm too large');
        expect(medium).toBe('M · made on this12 mm to spare');
        expect(largest).toBe('XXLno such placement');
        expect(pictures.getByAltText('On size S').style.height).toBe('168px');
        expect(pictures.getByAltText('On size M').style.height).toBe('210px');

        const row = (name: RegExp) => within(screen.getByRole('row', { name }));
        const cells = (name: RegExp) =>
            row(name)
                .getAllByRole('cell')
                .slice(2)
                .map(({ textContent }) => textContent);
        expect(cells(/ROW/)).toEqual(['48.0', '60.0', '60.0']);
        await user.click(row(/ROW/).getByRole('radio', { name: 'grow' }));
        expect(store.getState().design.lines[0]?.bySize).toEqual({ rule: 'grow', table: [] });
        await user.click(row(/ROW/).getByRole('radio', { name: 'by table' }));
        const field = row(/ROW/).getByRole('textbox', { name: /Measure on S/ });
        await user.clear(field);
        await user.type(field, '52{Enter}');
        expect(store.getState().design.lines[0]?.bySize).toEqual({
            rule: 'table',
            table: [{ size: 'S', length: 52_000 }],
        });
        await user.clear(field);
        await user.type(field, '50{Enter}');
        expect(store.getState().design.lines[0]?.bySize.table).toEqual([{ size: 'S', length: 50_000 }]);
        expect(row(/ROW/).queryByRole('textbox', { name: /Measure on M/ })).toBeNull();
        expect(store.getState().design.forms[0]?.bySize.rule).toBe('stay');
        store.getState().undo();
    });
});
