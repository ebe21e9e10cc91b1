import { savedAfter, expect, test } from './support/shop';

test('frames, relief cuts and joined pieces are set on the Bench and seen on its knife lines', async ({ page }) => {
    await page.goto('/designs/regatta-shirt');
    const ink = page.getByRole('region', { name: 'Harbour ink layer' });
    await expect(ink).toContainText('0.24 m');
    await page.getByRole('button', { name: 'Weeding' }).click();
    const weeding = page.getByRole('region', { name: 'Weeding' });
    await page.getByText('Knife lines').click();
    const lines = page.locator('[data-part="knife lines"]');
    const drawn = (part: string) =>
        lines.locator(`[data-part=${part}]`).evaluateAll((paths) => paths.map((path) => path.getAttribute('d') ?? ''));
    const pieces = async () => ((await drawn('lettering'))[0] ?? '').split('z').length - 1;
    await expect(async () => expect((await drawn('parting')).every((path) => path !== '')).toBe(true)).toPass();
    const joined = await pieces();

    await savedAfter(page, () => weeding.getByRole('checkbox', { name: 'Join loose pieces' }).click());
    await expect(async () => expect(await pieces()).toBeGreaterThanOrEqual(3 * joined)).toPass();
    await savedAfter(page, () => weeding.getByRole('checkbox', { name: 'Relief cuts' }).click());
    await expect(async () => expect((await drawn('parting')).join('')).toBe('')).toPass();

    // Each layer a frame of its own, close to the ink: the script's is no longer as large as all.
    await weeding.getByText('hugging').click();
    await weeding.getByRole('button', { name: 'Number of frames' }).click();
    await savedAfter(page, () => page.getByRole('option', { name: 'One per layer' }).click());
    await expect(page.getByRole('status').filter({ hasText: 'All saved' })).toBeVisible();
    await page.reload();
    await page.getByRole('button', { name: 'Weeding' }).click();
    await expect(weeding.getByRole('button', { name: 'Number of frames' })).toContainText('One per layer');
    await expect(weeding.getByRole('textbox', { name: 'Distance from ink' })).toHaveValue('4.0');
});
