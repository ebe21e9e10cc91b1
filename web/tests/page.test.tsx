// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Guard } from '../src/ui/Guard';
import { page } from '../src/ui/page';

function Rack({ of }: { of: string }) {
    return <p>{of}</p>;
}

afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
});

describe('a page', () => {
    it('is loaded once, when it is first opened, and is there at once from then on', async () => {
        const load = vi.fn(() => Promise.resolve(Rack));
        const Page = page(load);
        expect(load).not.toHaveBeenCalled();

        render(<Page of="Chalk" />);
        expect(screen.queryByText('Chalk')).toBeNull();
        await screen.findByText('Chalk');
        cleanup();

        render(<Page of="Sun-up" />);
        screen.getByText('Sun-up');
        expect(load).toHaveBeenCalledTimes(1);
    });

    it('says so when it can’t be loaded, and is loaded on asking', async () => {
        vi.spyOn(console, 'error').mockImplementation(() => {});
        const load = vi.fn(() => Promise.resolve(Rack)).mockRejectedValueOnce(new Error('The server is away.'));
        const Page = page(load);
        render(
            <Guard what="This page">
                <Page of="Chalk" />
            </Guard>,
        );
        await screen.findByRole('alert');

        await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
        await screen.findByText('Chalk');
    });
});
