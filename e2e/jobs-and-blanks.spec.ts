import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './support/shop';

test('a job’s sheet: state, items, designs taken out and brought back, the same again, archived', async ({
    page,
    context,
}) => {
    await page.goto('/jobs/kit-bags');
    const rail = await context.newPage();
    await rail.goto('/');
    await expect(rail.getByRole('link', { name: /Kit bags with names.*9 pieces.*To design/ })).toBeVisible();

    await page.bringToFront();
    await page.getByRole('radio', { name: 'To press' }).click();
    await page.getByLabel('Quantity').fill('11');
    await page.getByLabel('Quantity').press('Enter');
    await expect(page.getByRole('region', { name: 'To press' })).toContainText('11 pieces');
    // The rail in the other window follows by itself.
    await expect(rail.getByRole('link', { name: /Kit bags with names.*11 pieces.*To press/ })).toBeVisible({
        timeout: 10_000,
    });
    await expect(rail.getByRole('contentinfo')).toContainText('11 × Kit tote');

    await page.getByLabel('Quantity').fill('none');
    await page.getByLabel('Quantity').press('Enter');
    await expect(page.getByRole('alert')).toContainText('from 1 to 9999');
    await page.getByLabel('Customer').fill('Harbour Juniors and friends');
    await page.getByLabel('Customer').press('Enter');
    await expect(page.getByRole('alert')).toBeHidden();

    await page.getByRole('button', { name: 'Add a design' }).click();
    await page.getByRole('button', { name: 'Blank' }).click();
    await page.getByRole('option', { name: 'Crew cap' }).click();
    await page.getByRole('button', { name: 'Add it' }).click();
    await expect(page.getByText('Nothing is on the blank yet')).toBeVisible();
    await page.getByRole('button', { name: 'Other designs of the job' }).click();
    await page.getByRole('menuitem').click();
    await expect(page.getByRole('region', { name: 'Blank' })).toContainText('Kit tote');
    await page.getByRole('link', { name: 'Kit bags with names' }).click();
    const designs = page.getByRole('region', { name: 'Designs' });
    await expect(designs.getByRole('button', { name: 'Remove' })).toHaveCount(2);
    await designs.getByRole('button', { name: 'Remove' }).last().click();
    await expect(designs.getByRole('button', { name: 'Remove' })).toHaveCount(1);
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
    await page.getByRole('button', { name: 'Restore' }).click();
    await expect(designs.getByRole('button', { name: 'Remove' })).toHaveCount(2);

    // A design goes along as a file and comes back as another design.
    const started = page.waitForEvent('download');
    await designs.getByRole('link', { name: 'Download' }).first().click();
    const file = await (await started).path();
    await page.getByRole('button', { name: 'Add a design' }).click();
    await page
        .getByLabel('Design file')
        .setInputFiles({ name: 'x.zip', mimeType: 'application/zip', buffer: Buffer.from('no') });
    await expect(page.getByRole('alert')).toContainText('no ZIP file');
    await page.getByLabel('Design file').setInputFiles(file);
    await expect(page.getByLabel('Words')).toHaveValue('Ottilie');
    await page.goBack();

    await page.getByRole('button', { name: 'Repeat job' }).click();
    await page.getByRole('dialog').getByLabel('Due on').fill('2031-07-01');
    await page.getByRole('dialog').getByRole('button', { name: 'Hang it on the rail' }).click();
    await expect(page).toHaveURL(/kit-bags-with-names/);
    await expect(page.getByRole('radio', { name: 'To design' })).toBeChecked();
    await page.getByRole('button', { name: 'Archive' }).click();
    await expect(page.getByText('off the rail, nothing is lost')).toBeVisible();
    await rail.reload();
    // Folded up until it is asked for, or looked for.
    await rail.getByRole('button', { name: 'Archived' }).click();
    await expect(rail.getByRole('region', { name: 'Archived' })).toContainText('Kit bags with names');
    await rail.getByRole('button', { name: 'Archived' }).click();
    await rail.getByLabel('Find a job').fill('ottilie');
    await expect(rail.getByRole('region', { name: 'Archived' })).toContainText('Kit bags with names');
    await rail.getByLabel('Find a job').fill('');
    await page.getByRole('button', { name: 'Back on the rail' }).click();
    await expect(rail.getByRole('region', { name: 'Archived' })).toBeHidden({ timeout: 10_000 });
});

test('a shop adds a blank and an area of its own, and designs on it keep or fit their measures', async ({ page }) => {
    await page.goto('/blanks');
    await page.getByRole('button', { name: /Kit tote/ }).click();
    await page.getByRole('button', { name: 'Add a blank like this one' }).click();
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Kit tote 2');
    await page.getByLabel('Name', { exact: true }).fill('Oar bag');
    await page.getByLabel('Name', { exact: true }).press('Enter');
    await page.getByRole('button', { name: 'Add an area' }).click();
    await page.getByLabel('Name of the area').fill('Below the handles');
    await page.getByLabel('Name of the area').press('Enter');
    const area = page.getByRole('region', { name: 'Below the handles' });
    await area.getByLabel('Wide').fill('5 in');
    await area.getByLabel('Wide').press('Enter');
    await area.getByLabel('High').fill('60');
    await area.getByLabel('High').press('Enter');
    await area.getByRole('button', { name: 'Add a distance' }).click();
    await area.getByRole('button', { name: 'Edge 1' }).click();
    await page.getByRole('option', { name: 'handles' }).click();
    await area.getByLabel('Distance 1', { exact: true }).fill('55');
    await area.getByLabel('Distance 1', { exact: true }).press('Enter');
    await expect(page.getByRole('img', { name: /Oar bag.*with its areas/ })).toContainText('127 × 60');

    await page.goto('/designs/kit-bag-ottilie');
    await page.getByLabel('Ink width').fill('120');
    await page.getByLabel('Ink width').press('Enter');
    await page.getByRole('button', { name: 'Change' }).click();
    await page.getByRole('button', { name: 'Blank', exact: true }).click();
    await page.getByRole('option', { name: 'Oar bag' }).click();
    await page.getByRole('button', { name: 'Placement' }).click();
    await page.getByRole('option', { name: 'Below the handles' }).click();
    await expect(page.getByRole('region', { name: 'Blank' })).toContainText('127 × 60 mm · 55 from the handles');
    await expect(page.getByLabel('Ink width')).toHaveValue('120.0');
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('region', { name: 'Blank' })).not.toContainText('127 × 60 mm');
    await page.getByText('fit again').click();
    await page.getByRole('button', { name: 'Placement' }).click();
    await page.getByRole('option', { name: 'Below the handles' }).click();
    // The area was 260 × 240 mm: a quarter of its height is left.
    await expect(page.getByLabel('Ink width')).toHaveValue('30.0');
});

test('the shop gets a name of its own, and new designs its unit', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('link', { name: 'Tern Point workshop' }).click();
    const saved = page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());
    await page.getByLabel('Name', { exact: true }).fill('Harbour Prints');
    await page.getByLabel('Name', { exact: true }).press('Enter');
    await saved;
    await page.getByRole('radio', { name: 'inches' }).click();
    await expect(page.getByRole('link', { name: 'Harbour Prints' })).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Harbour Prints');
    await expect(page.getByRole('radio', { name: 'inches' })).toBeChecked();
});
