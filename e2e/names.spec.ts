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
    await page.getByRole('textbox', { name: 'Maximum width' }).fill('180');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('contentinfo')).toContainText('1 smaller');
    await page.getByRole('textbox', { name: 'Squeeze to' }).fill('50');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: /Wilhelmina · XL/ })).toContainText(/45.0 high, \d\d %/);
    await page.getByRole('radio', { name: 'tallest for all' }).check();
    const heights = page.getByRole('region', { name: 'Contact sheet' }).getByText(/ high$/);
    await expect(heights).toHaveCount(4);
    await expect.poll(async () => new Set(await heights.allTextContents()).size).toBe(1);
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

    // The list is there after loading again, and goes out as it is.
    await page.reload();
    await expect(page.getByRole('textbox', { name: 'Name, row 3' })).toHaveValue('Wilhelmina');
    const written = await (await page.request.get('/api/jobs/crew-shirts/names.csv')).text();
    expect(written.split('\r\n').slice(1, 4)).toEqual(['Ottilie,3,S,,,', 'Bo,4,L,,,', 'Wilhelmina,5,XL,,,']);
});

test('from the list to the Cut room: one nudged, the club retyped for all, approved, changed, one cut again', async ({
    page,
}) => {
    test.slow();
    // The Bench steps through the eight; one name's letter is nudged for that one only.
    await page.goto('/jobs/crew-seats/names');
    await page.getByRole('button', { name: /Ines · S/ }).click();
    await page.getByRole('link', { name: 'On the Bench' }).click();
    const shown = page.getByRole('combobox', { name: 'Person shown' });
    await expect(shown.locator('option:checked')).toHaveText('3. Ines · S');
    await page.keyboard.press('Alt+PageDown');
    await expect(shown.locator('option:checked')).toHaveText('4. Bo · L');
    await page.getByRole('button', { name: 'Only this one' }).click();
    const only = page.getByRole('region', { name: 'Only for Bo' });
    await only.getByRole('button', { name: 'Letter 2: o' }).click();
    await only.getByRole('textbox', { name: /Up of this letter/ }).fill('60');
    await page.keyboard.press('Enter');
    await expect(only.getByRole('button', { name: 'Same as everyone again' })).toBeVisible();
    await page.getByRole('button', { name: 'Only this one' }).click();

    // The club's name is retyped once, for all.
    await page.getByRole('textbox', { name: 'Words' }).nth(2).fill('TERN POINT EIGHT');
    await expect(page.getByText(/All saved/)).toBeVisible();
    // Approved with the list.
    await page.getByRole('button', { name: 'Proof' }).click();
    const proof = page.getByRole('dialog', { name: 'Proof for the customer' });
    await expect(proof.getByRole('link', { name: 'Download all names as PDF' })).toBeVisible();
    await proof.getByRole('textbox', { name: 'Approved by' }).fill('Ines Halloran');
    await proof.getByRole('button', { name: 'Record the approval' }).click();
    await expect(proof.getByText(/was approved by Ines Halloran/)).toBeVisible();

    // A name changed after that says so, for that one alone.
    await page.goto('/jobs/crew-seats');
    await page.getByRole('radio', { name: 'To cut' }).click();
    await page.getByRole('link', { name: /^Names \(/ }).click();
    const row = page.getByRole('row').filter({ has: page.getByLabel('Name, row 5') });
    await expect(page.locator(grid)).toContainText('set for this one only');
    await page.getByRole('textbox', { name: 'Name, row 5' }).fill('Wilhelmine');
    await page.keyboard.press('Enter');
    await expect(page.locator(grid).getByText('changed since approval')).toHaveCount(1);
    await expect(page.getByRole('contentinfo')).toContainText('1 changed since approval');
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

    // Cut again in three clicks: the state, Cut again, the Cut room; nobody else is laid out.
    await row.getByRole('button', { name: /^Wilhelmine: to cut/ }).click();
    await page.getByRole('menuitem', { name: 'Cut again' }).click();
    await expect(page.getByText('Wilhelmine will be cut again.')).toBeVisible();
    await page.getByRole('link', { name: 'To the Cut room' }).click();
    await expect
        .poll(async () => {
            const films = (await (await page.request.get('/api/layouts')).json()) as {
                film: string;
                pieces: { name: string }[];
            }[];
            return films.map(({ film, pieces }) => `${film}: ${pieces.map(({ name }) => name).join()}`);
        })
        .toEqual(['buoy: Wilhelmine, XL', 'chalk: Wilhelmine, XL']);
});
