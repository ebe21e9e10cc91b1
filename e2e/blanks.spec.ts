import { AxeBuilder } from '@axe-core/playwright';
import { snags } from './support/bench';
import { expect, test } from './support/shop';

test('a blank is measured, gets a seam, and lettering is let across it', async ({ page }) => {
    test.slow();
    await page.goto('/blanks');
    await page.getByRole('link', { name: 'Measure a blank' }).click();
    await page.getByRole('button', { name: 'Pouch', exact: true }).click();
    await page.getByLabel('Name in the shop').fill('Mast bag');
    await page.getByRole('button', { name: 'Begin to measure' }).click();
    await expect(page.getByRole('img', { name: 'Pouch: Width' })).toBeVisible();
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
    for (const [title, length] of [
        ['Width', '32'],
        ['Zip to lower edge', '200'],
        ['Middle of the zip to the seam below it', '9'],
    ] as const) {
        const field = page.getByRole('textbox', { name: title });
        await expect(field).toBeFocused();
        await field.fill(length);
        await field.press('Enter');
    }
    // A slip of the tape is found out, and mended where it was made.
    await expect(page.getByRole('alert')).toContainText('Width can hardly be 32 mm');
    await page.getByRole('textbox', { name: 'Width' }).fill('320');
    await page.getByRole('textbox', { name: 'Width' }).press('Enter');
    await page.getByRole('button', { name: 'Next' }).click();
    await page.getByRole('button', { name: 'Work out the areas' }).click();
    await expect(page.getByRole('list', { name: 'Areas' })).toContainText('260 × 141 mm · 34 mm from the zip');
    await page.getByRole('button', { name: 'Keep this blank' }).click();

    // Corrected on its own page: a seam that the drawing doesn't know.
    await expect(page).toHaveURL(/blanks\/mast-bag/);
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Mast bag');
    const saved = page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());
    await page.getByRole('button', { name: 'Add a place to keep off' }).click();
    await saved;
    const place = page.getByRole('region', { name: 'seam 3' });
    for (const [label, length] of [
        ['Point 1, to the right', '20'],
        ['Point 1, down', '0'],
        ['Point 2, to the right', '20'],
        ['Point 2, down', '200'],
        ['Distance to keep', '5'],
    ] as const) {
        await place.getByLabel(label, { exact: true }).fill(length);
        await place.getByLabel(label, { exact: true }).press('Enter');
    }
    await place.getByLabel('Name of the place').fill('middle seam');
    const named = page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());
    await place.getByLabel('Name of the place').press('Enter');
    await named;
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

    await page.goto('/designs/kit-bag-ottilie');
    await page.getByRole('button', { name: 'Change' }).click();
    await page.getByRole('button', { name: 'Blank', exact: true }).click();
    await page.getByRole('option', { name: 'Mast bag' }).click();
    const found = await snags(page);
    const seam = found.getByText(/“Ottilie” lies on the middle seam/);
    await expect(seam).toBeVisible();
    await found.getByRole('button', { name: 'Let lettering cross the middle seam' }).click();
    await expect(seam).toBeHidden();
    const box = page.getByRole('checkbox', { name: 'middle seam' });
    await expect(box).toBeChecked();
    await box.uncheck();
    await expect(seam).toBeVisible();
});

test('sizes between two are worked out, and a hoodie’s cords are laid aside', async ({ page }) => {
    await page.goto('/blanks/boathouse-hoodie');
    await page.getByRole('button', { name: /sizes between two/ }).click();
    await page.getByLabel('From').selectOption('S');
    await page.getByLabel('To', { exact: true }).selectOption('M');
    await page.getByLabel('Names of the sizes between').fill('S tall');
    await page.getByRole('button', { name: 'Work them out' }).click();
    await page.getByRole('radio', { name: 'S tall' }).click();
    // Half of 530 and 560 mm.
    await expect(page.getByLabel('Width of the blank')).toHaveValue('545.0');

    await page.goto('/designs/regatta-hoodie');
    const cords = page.getByRole('button', { name: 'Lay the cords aside' });
    await cords.click();
    await expect(cords).toHaveAttribute('aria-pressed', 'true');
    await expect(page.locator('image[href*="cords=aside"]')).toHaveCount(1);
});
