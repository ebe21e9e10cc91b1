import { expect, test } from '@playwright/test';

test('what was typed stays when the server is away, and is saved when it is back', async ({ page }) => {
    await page.goto('/designs/committee-hat');
    await expect(page.getByLabel('Words')).toHaveValue('See you at the finish');
    const away = (route: { abort: () => Promise<void> }) => route.abort();
    await page.route('**/api/designs/**', away);
    await page.getByLabel('Words').fill('Hats off');
    await expect(page.getByRole('alert')).toContainText('can’t be reached');
    await expect(page.getByLabel('Words')).toHaveValue('Hats off');
    await page.getByLabel('Words').fill('Hats off to the crew');

    await page.unroute('**/api/designs/**', away);
    await expect(page.getByRole('status').filter({ hasText: 'All saved' })).toBeVisible({ timeout: 20_000 });
    await expect(page.getByRole('img', { name: /Hats off to the crew/ })).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Words')).toHaveValue('Hats off to the crew');
});

test('a second window is told that the first changed the design', async ({ page, context }) => {
    await page.goto('/designs/launch-cap');
    const other = await context.newPage();
    await other.goto('/designs/launch-cap');
    await expect(other.getByLabel('Words')).toHaveValue('Launch crew');
    const saved = page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());
    await page.getByLabel('Words').fill('Launch one');
    await saved;
    await other.getByLabel('Words').fill('Launch two');
    await expect(other.getByRole('alert')).toContainText('changed in another window');
    await expect(other.getByLabel('Words')).toHaveValue('Launch two');
    await other.getByRole('button', { name: 'Open it again' }).click();
    await expect(other.getByLabel('Words')).toHaveValue('Launch one');
});
