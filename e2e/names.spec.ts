import { AxeBuilder } from '@axe-core/playwright';
import { expect, test } from './support/shop';
import { goTo, withCard } from './support/bench';

const grid = '[role=grid]';

test('one design and one list: names typed, pasted and put right, one height, each with their own layer', async ({
    page,
}) => {
    test.slow();
    // A line takes the name from the list.
    await goTo(page, 'crew-shirt-back');
    await page.getByRole('textbox', { name: 'Words' }).nth(1).click();
    await page.keyboard.press('Control+a');
    await page.keyboard.press('Alt+n');
    await expect(page.getByRole('textbox', { name: 'Words' }).nth(1)).toHaveValue('⟨name⟩');
    await withCard(page, 'Insert number from the list');
    await expect(page.getByRole('textbox', { name: 'Words' }).nth(1)).toHaveValue('⟨name⟩ ⟨number⟩');
    // A field goes whole.
    await page.getByRole('textbox', { name: 'Words' }).nth(1).press('End');
    await page.keyboard.press('Backspace');
    await expect(page.getByRole('textbox', { name: 'Words' }).nth(1)).toHaveValue('⟨name⟩ ');
    await expect(page.getByText(/All saved/)).toBeVisible();

    await page.goto('/jobs/crew-shirts');
    await page.getByRole('link', { name: 'Names' }).click();
    await expect(page.getByText('Type the first name in the list.')).toBeVisible();
    await page.getByRole('textbox', { name: 'Name, row 1' }).fill('Ottilie');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('textbox', { name: 'Name, row 2' })).toBeFocused();
    await expect(page.getByRole('img', { name: 'Ottilie' })).toBeVisible();

    // A list that is broken is refused; one that is not is shown before it is taken.
    const file = (content: string) => ({ name: 'crew.csv', mimeType: 'text/csv', buffer: Buffer.from(content) });
    await page.getByLabel('List file').setInputFiles(file('Name;Size\nBo;L;7\n'));
    await expect(page.getByRole('dialog', { name: 'Not imported' })).toContainText(
        'Row 2 cannot be read: it has 3 cells',
    );
    await page.getByRole('button', { name: 'OK' }).click();
    await page.getByRole('button', { name: 'Paste a list' }).click();
    await page
        .getByRole('dialog')
        .getByRole('textbox')
        .fill('Rower\tSeat\tShirt size\nBo\t4\tL\nWilhelmina\t5\tXL\nBo\t6\t\n');
    await page.getByRole('button', { name: 'Preview' }).click();
    const dialog = page.getByRole('dialog', { name: 'Import 3 people' });
    await expect(dialog.getByLabel('Seat is')).toHaveValue('number');
    await dialog.getByRole('button', { name: 'Add 3 people' }).click();
    await expect(page.getByRole('contentinfo')).toContainText('Names4');

    // What is doubtful is put right.
    await expect(page.locator(grid)).toContainText('“Bo” appears 2 times');
    await page.getByRole('textbox', { name: 'Name, row 4' }).fill('Kaspar');
    await page.getByLabel('Size, row 4').fill('M');
    await page.getByLabel('Size, row 1').fill('S');
    await page.getByRole('textbox', { name: 'Number, row 1' }).fill('3');
    await page.keyboard.press('Enter');
    await expect(page.locator(grid)).not.toContainText(/no size|times|no number/);

    // One height for all; who is too wide is squeezed and named.
    await page.getByRole('radio', { name: 'one height' }).check();
    await page.getByRole('textbox', { name: 'Letter height' }).fill('45');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: /Kaspar · M/ })).toContainText('45.0 high');
    await page.getByRole('checkbox', { name: 'at most' }).check();
    await page.getByRole('textbox', { name: 'Greatest width' }).fill('180');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('contentinfo')).toContainText('1 smaller');
    await page.getByRole('textbox', { name: 'Squeeze to' }).fill('50');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: /Wilhelmina · XL/ })).toContainText(/45.0 high, \d\d %/);
    await page.getByRole('radio', { name: 'tallest for all' }).check();
    const heights = page.getByRole('region', { name: 'Every piece as it will be' }).getByText(/ high$/);
    await expect(heights).toHaveCount(4);
    await expect.poll(async () => new Set(await heights.allTextContents()).size).toBe(1);
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

    // The list is there after loading again, and goes out as it is.
    await page.reload();
    await expect(page.getByRole('textbox', { name: 'Name, row 3' })).toHaveValue('Wilhelmina');
    const written = await (await page.request.get('/api/jobs/crew-shirts/names.csv')).text();
    expect(written.split('\r\n').slice(1, 4)).toEqual(['Ottilie,3,S,,,', 'Bo,4,L,,,', 'Wilhelmina,5,XL,,,']);
});
