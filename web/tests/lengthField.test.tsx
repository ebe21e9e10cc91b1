// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { LengthField } from '../src/ui/LengthField';

afterEach(cleanup);

/** A field of 100 mm from which a length is awaited. */
function field(props: { least?: number; most?: number } = {}) {
    const onChange = vi.fn();
    render(<LengthField label="Width" unit="mm" value={100_000} onChange={onChange} {...props} />);
    return { input: screen.getByLabelText<HTMLInputElement>('Width'), onChange };
}

describe('a length field', () => {
    it('gives what was typed once, and shows the measure again', async () => {
        const { input, onChange } = field();
        await userEvent.type(input, '3 1/2"{Enter}');
        expect(onChange.mock.calls).toEqual([[88_900]]);
        await userEvent.tab();
        expect(onChange).toHaveBeenCalledTimes(1);
        expect(input.value).toBe('100.0');
    });

    it('what was typed over stays until it is left, and the same length is no change', async () => {
        const { input, onChange } = field();
        await userEvent.type(input, '10cm');
        expect(input.value).toBe('10cm');
        await userEvent.tab();
        expect(onChange).not.toHaveBeenCalled();
        expect(input.value).toBe('100.0');
    });

    it('says what is wrong, keeps it to be mended, and forgets it on Escape', async () => {
        const { input, onChange } = field();
        await userEvent.type(input, 'wide{Enter}');
        expect(screen.getByRole('alert').textContent).toContain('“wide” is not a length.');
        expect(input.value).toBe('wide');
        expect(input.getAttribute('aria-invalid')).toBe('true');
        await userEvent.type(input, '{Escape}');
        expect(screen.queryByRole('alert')).toBeNull();
        expect(input.value).toBe('100.0');
        expect(onChange).not.toHaveBeenCalled();
    });

    it.each([
        ['0.4', 'at least 0.5 mm'],
        ['250', 'at most 200.0 mm'],
    ])('takes nothing outside its limits: %s', async (typed, said) => {
        const { input, onChange } = field({ least: 500, most: 200_000 });
        await userEvent.type(input, `${typed}{Enter}`);
        expect(screen.getByRole('alert').textContent).toContain(said);
        await userEvent.clear(input);
        await userEvent.type(input, '0.5{Enter}');
        expect(onChange.mock.calls).toEqual([[500]]);
    });
});
