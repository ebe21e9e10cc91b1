import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './support/shop';

test('a new job goes from the rail to the Bench and back', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'New job' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Title').fill('Oar covers');
    await dialog.getByRole('button', { name: 'Hang it on the rail' }).click();
    await expect(dialog.getByRole('alert')).toContainText('who the job is for');
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

    await dialog.getByLabel('Customer').fill('Boatshed Co-op');
    await dialog.getByLabel('Due on').fill('2031-05-29');
    await dialog.getByLabel('Quantity').fill('8');
    await dialog.getByRole('button', { name: 'Blank' }).click();
    await page.getByRole('option', { name: 'Zipped pouch' }).click();
    await dialog.getByRole('button', { name: 'Hang it on the rail' }).click();

    await expect(page.getByRole('heading', { level: 1 })).toContainText('Oar covers');
    await expect(page.getByText('Nothing is on the blank yet')).toBeVisible();
    await page.getByRole('button', { name: 'Add a line' }).click();
    const saved = page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());
    await page.keyboard.type('OARS');
    await saved;
    await expect(page.getByRole('region', { name: /layer$/ })).toBeVisible();
    await page.getByRole('link', { name: 'Uvret: all jobs' }).click();
    await expect(page.getByRole('link', { name: /Oar covers.*8 pieces/ })).toBeVisible();
});
