import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './support/shop';

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
    // The other window has to come too late, so it is not told of the change before it makes its own.
    await context.route('**/stamp', (route) => route.abort());
    const other = await context.newPage();
    await other.goto('/designs/launch-cap');
    await expect(other.getByLabel('Words')).toHaveValue('Launch crew');
    const saved = page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());
    await page.getByLabel('Words').fill('Launch one');
    await saved;
    await other.getByLabel('Words').fill('Launch two');
    const dialog = other.getByRole('dialog', { name: 'Changed in another window' });
    await expect(dialog.getByRole('region', { name: 'In the other window' })).toContainText(
        'words changed to “Launch one”',
    );
    await expect(dialog.getByRole('region', { name: 'Here' })).toContainText('words changed to “Launch two”');
    await expect(dialog.getByRole('button', { name: 'Keep both changes' })).toBeHidden();
    expect((await new AxeBuilder({ page: other }).analyze()).violations).toEqual([]);
    await context.unroute('**/stamp');
    await dialog.getByRole('button', { name: 'Keep the other one' }).click();
    await expect(other.getByLabel('Words')).toHaveValue('Launch one');

    // What was not chosen is in the history; and the first window follows by itself.
    await other.getByRole('button', { name: 'Redo' }).click();
    await expect(other.getByLabel('Words')).toHaveValue('Launch two');
    await expect(page.getByLabel('Words')).toHaveValue('Launch two', { timeout: 10_000 });
});

test('changes of different things by two windows are put together', async ({ page, context }) => {
    await page.goto('/designs/cox-shirt-chest');
    await context.route('**/stamp', (route) => route.abort());
    const other = await context.newPage();
    await other.goto('/designs/cox-shirt-chest');
    const words = (window: typeof page) => window.getByLabel('Words');
    await expect(words(other).last()).not.toHaveValue('');
    const second = await words(other).last().inputValue();
    const saved = page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());
    await words(page).first().fill('STROKE');
    await saved;
    await words(other).last().fill(`${second} 2`);
    await context.unroute('**/stamp');
    await other.getByRole('dialog').getByRole('button', { name: 'Keep both changes' }).click();
    await expect(words(other).first()).toHaveValue('STROKE');
    await expect(words(other).last()).toHaveValue(`${second} 2`);
    await expect(other.getByRole('status').filter({ hasText: 'All saved' })).toBeVisible();
    await expect(words(page).last()).toHaveValue(`${second} 2`, { timeout: 10_000 });
});
