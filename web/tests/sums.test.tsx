// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { server, type JobSheet, type JobSum as Sum, type Shop } from '../src/api/client';
import { JobSum } from '../src/jobs/JobSum';
import { ShopPresses } from '../src/shop/ShopPresses';
import { asInABrowser } from './support/page';

vi.setConfig({ testTimeout: 60_000 });
beforeEach(asInABrowser);
afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
});

describe('what a job comes to', () => {
    const sum: Sum = {
        films: [
            {
                id: 'ink',
                name: 'Harbour ink',
                colour: '#22243A',
                length: 1_500_000,
                cost: 14.7,
                stock: 900_000,
                short: 600_000,
            },
            { id: 'chalk', name: 'Chalk', colour: '#F4EFE3', length: 200_000, cost: 0, stock: 1_000_000, short: 0 },
        ],
        pieces: 12,
        people: 0,
        cut: 300,
        weed: 3600,
        press: 900,
        toWeed: 24,
        film: 14.7,
        rate: 36,
        cost: 62.7,
    };
    const shown = async (more: Partial<Sum>, price = 0) => {
        vi.spyOn(server, 'GET').mockImplementation((() =>
            Promise.resolve({ data: { ...sum, ...more }, response: new Response() })) as never);
        const onPrice = vi.fn();
        const sheet = { id: 'bags', price, designs: [{}] } as unknown as JobSheet;
        render(
            <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
                <JobSum sheet={sheet} onPrice={onPrice} />
            </QueryClientProvider>,
        );
        const section = await screen.findByRole('region', { name: 'Totals' });
        const row = (name: RegExp) =>
            within(within(section).getByRole('row', { name }))
                .getAllByRole('cell')
                .map(({ textContent }) => textContent);
        return { onPrice, section, row };
    };

    it('is told by film and time, for the job and for a piece', async () => {
        const { row, section } = await shown({}, 80);
        expect(row(/^Harbour ink/)).toEqual(['1.50 m0.60 m short', '14.70']);
        expect(row(/^Chalk/)).toEqual(['0.20 m', '']);
        expect(row(/^Cut/)).toEqual(['5.0 min', '3.00']);
        expect(row(/^Weed\s*\(24 to pick out\)/)).toEqual(['60 min', '36.00']);
        expect(row(/^Total/)).toEqual(['80 min', '62.70']);
        expect(row(/^per piece/)).toEqual(['6.7 min', '5.23']);
        expect(section.textContent).toContain('17.30 above cost');
    });

    it('tells long work in hours', async () => {
        const { row } = await shown({ weed: 18_300 });
        expect(row(/^Weed/)[0]).toBe('5 h 5 min');
    });

    it('warns of a price below the cost, and shows no cost without an hourly rate', async () => {
        const { section, onPrice } = await shown({ people: 12 }, 50);
        expect(section.textContent).toContain('12.70 below cost');
        expect(section.textContent).toContain('per person');
        const field = screen.getByRole('textbox', { name: 'Price of the job' });
        fireEvent.focus(field);
        fireEvent.change(field, { target: { value: '70' } });
        fireEvent.blur(field);
        expect(onPrice).toHaveBeenCalledWith(70);
        cleanup();
        const { row } = await shown({ rate: 0, cost: null });
        expect(row(/^Cut/)).toEqual(['5.0 min', '']);
        expect(row(/^Total/)).toEqual(['80 min', '14.70']);
        expect(screen.queryByRole('textbox', { name: 'Price of the job' })).toBeNull();
    });
});

describe('the presses of the shop', () => {
    it('have names, kinds and platens, and one always stays', async () => {
        const user = userEvent.setup();
        const start: Shop['press'] = {
            presses: [{ id: 'press-2', name: 'flat press', kind: 'flat', width: 380_000, height: 380_000 }],
            overlap: 20_000,
        };
        const all = { now: start };
        function Holder() {
            const [value, set] = useState(start);
            all.now = value;
            return <ShopPresses value={value} onChange={set} />;
        }
        render(<Holder />);
        expect(screen.queryByRole('button', { name: 'Remove flat press' })).toBeNull();
        await user.click(screen.getByRole('button', { name: 'Add a press' }));
        expect(all.now.presses[1]).toMatchObject({ id: 'press-3', kind: 'iron', width: 100_000 });
        await user.selectOptions(screen.getByLabelText('Kind of hand iron'), 'small');
        const type = (label: string, text: string) => {
            const field = screen.getByRole('textbox', { name: label });
            fireEvent.focus(field);
            fireEvent.change(field, { target: { value: text } });
            fireEvent.blur(field);
        };
        type('Name of press 1', 'swing press');
        type('Width of hand iron', '140');
        type('Sections overlap by', '15');
        expect(all.now.presses.map(({ name, kind, width }) => [name, kind, width])).toEqual([
            ['swing press', 'flat', 380_000],
            ['hand iron', 'small', 140_000],
        ]);
        expect(all.now.overlap).toBe(15_000);
        await user.click(screen.getByRole('button', { name: 'Remove swing press' }));
        expect(all.now.presses.map(({ name }) => name)).toEqual(['hand iron']);
    });
});
