// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Guard } from '../src/ui/Guard';

let fails = true;
function Card({ name }: { name: string }) {
    if (fails && name === 'broken') {
        throw new Error('A fault.');
    }
    return <p>{name}</p>;
}

beforeEach(() => {
    fails = true;
    // React tells of it in the console, where nobody reads it here.
    vi.spyOn(console, 'error').mockImplementation(() => {});
});
afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
});

const cards = (of: number) =>
    ['first', 'broken', 'last'].map((name) => (
        <Guard key={name} what="This card" of={of}>
            <Card name={name} />
        </Guard>
    ));

describe('one failing card', () => {
    it('says so, and the others are there', () => {
        render(cards(1));
        expect(screen.getByText('first')).toBeTruthy();
        expect(screen.getByText('last')).toBeTruthy();
        expect(screen.getByRole('alert').textContent).toContain('This card can’t be shown');
    });

    it('is shown when it is tried again and works', async () => {
        render(cards(1));
        fails = false;
        await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
        expect(screen.getByText('broken')).toBeTruthy();
    });

    it('is tried again by itself with another design', () => {
        const { rerender } = render(cards(1));
        fails = false;
        rerender(cards(1));
        expect(screen.queryByText('broken')).toBeNull();
        rerender(cards(2));
        expect(screen.getByText('broken')).toBeTruthy();
    });
});
