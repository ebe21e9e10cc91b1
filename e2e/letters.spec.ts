import AxeBuilder from '@axe-core/playwright';
import { fileURLToPath } from 'node:url';
import { goTo, more, open, snags as openSnags } from './support/bench';
import { expect, test, type Page, undo } from './support/shop';

const font = fileURLToPath(new URL('../node_modules/source-sans/OTF/SourceSans3-Black.otf', import.meta.url));
const put = (page: Page) => page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());
const shape = (page: Page) => page.locator('[data-line]').first().getAttribute('d');

test('a font is brought and used, a letter gets another form, a pair is nudged, joins are mended, all is undone', async ({
    page,
}) => {
    await goTo(page, 'kit-bag-ottilie');
    const words = page.getByLabel('Words');
    const original = await shape(page);

    // Dropped on the Bench, and used at once.
    const data = await page.evaluateHandle(
        async (bytes) => {
            const transfer = new DataTransfer();
            transfer.items.add(new File([Uint8Array.from(bytes)], 'SourceSans3-Black.otf'));
            transfer.items.add(new File(['no'], 'notes.txt'));
            return Promise.resolve(transfer);
        },
        [...(await import('node:fs')).readFileSync(font)],
    );
    await page.dispatchEvent('body', 'dragover', { dataTransfer: data });
    await page.dispatchEvent('body', 'drop', { dataTransfer: data });
    const arrived = page.getByRole('status', { name: 'Files that came in' });
    await expect(arrived).toContainText('Source Sans 3 Black is in the type case');
    await expect(arrived).toContainText('Drop an SVG file for a motif');
    await arrived.getByRole('button', { name: 'Use it for the line' }).click();
    await expect(page.getByRole('button', { name: 'Font' })).toContainText('Source Sans 3 Black');
    await expect(async () => expect(await shape(page)).not.toBe(original)).toPass();
    await arrived.getByRole('button', { name: 'Close' }).click();

    // A script word that has both a near miss and a filled hole at this spacing; the joins are mended.
    await page.getByRole('button', { name: 'Font' }).click();
    await page.getByRole('option', { name: /Lobster/ }).click();
    await words.fill('Coxswain');
    await open(page, 'Letters');
    await page.getByLabel('Letter spacing').fill('-40');
    await page.getByLabel('Letter spacing').press('Enter');
    const snags = await openSnags(page);
    await expect(snags).toContainText('“wa” don’t connect');
    await expect(snags).toContainText('one letter fills');
    await more(page);
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
    await page.getByRole('button', { name: 'Mend joins (2)' }).click();
    await expect(page.getByText('“wa” moved')).toBeVisible();
    await expect(page.getByText(/further apart/)).toBeVisible();
    await expect(snags).not.toContainText('connect');
    await expect(snags).not.toContainText('one letter fills');
    await page.getByRole('button', { name: 'Font' }).click();
    await page.getByRole('option', { name: /Meow Script/ }).click();
    await words.fill('Tern Point');

    // A letter in another form, seen in its word; then nudged by field, by key and by hand.
    await page.getByRole('button', { name: 'Letter 1: T' }).click();
    const forms = page.getByRole('group', { name: 'Forms of the letter' }).getByRole('button');
    await expect(async () => expect(await forms.count()).toBeGreaterThan(1)).toPass();
    const before = await shape(page);
    await forms.nth(1).click();
    await expect(async () => expect(await shape(page)).not.toBe(before)).toPass();
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

    await page.getByLabel('Space before the letter').first().fill('0');
    await page.getByRole('button', { name: 'Letter 6: P' }).click();
    await page.getByLabel('Space before the letter').fill('60');
    let done = put(page);
    await page.getByLabel('Space before the letter').press('Enter');
    await done;
    const frame = page.locator('[data-part=letter]');
    const place = async () => (await frame.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
    const start = await place();
    await page.getByRole('button', { name: 'Letter 6: P' }).focus();
    done = put(page);
    await page.keyboard.press('ArrowUp');
    await done;
    await expect(page.getByLabel('Letter up')).toHaveValue('5');
    await page.mouse.move(start.x + start.width / 2, start.y + start.height / 2);
    await page.mouse.down();
    await page.mouse.move(start.x + start.width / 2 + 12, start.y + start.height / 2 - 14, { steps: 4 });
    await page.mouse.up();
    await expect(page.getByLabel('Letter up')).not.toHaveValue('5');
    await expect(page.getByRole('status').filter({ hasText: 'All saved' })).toBeVisible();

    // The text is still text, and keeps what was set for the letters that are left.
    await words.fill('Tern Pointer');
    await expect(page.getByLabel('Letter up')).not.toHaveValue('0');
    for (let steps = 0; (await words.inputValue()) !== 'Ottilie'; steps += 1) {
        expect(steps).toBeLessThan(18);
        await undo(page);
    }
    while (await page.getByRole('button', { name: 'Undo' }).isEnabled()) {
        await undo(page);
    }
    await expect(async () => expect(await shape(page)).toBe(original)).toPass();
});

test('a line is tried out in several fonts, and an ornament is chosen by sight', async ({ page }) => {
    await goTo(page, 'kit-bag-ottilie');
    await page.getByRole('button', { name: 'Try-out' }).click();
    const tries = page.getByRole('dialog').getByRole('listitem');
    await expect(tries).toHaveCount(7);
    await expect(tries.first()).toContainText('to weed');
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
    await tries.getByRole('button', { name: /Meow Script/ }).click();
    await expect(page.getByRole('button', { name: 'Font' })).toContainText('Meow Script');

    await open(page, 'Letters');
    await more(page);
    await page.getByRole('button', { name: 'after the words' }).click();
    await page.getByLabel('Find a glyph').fill('A.ss01');
    const glyphs = page.getByRole('dialog').getByRole('listitem');
    await expect(glyphs.first().getByRole('button', { name: 'A.ss01' })).toBeVisible();
    await glyphs.first().getByRole('button').click();
    await expect(page.getByLabel('Words')).toHaveValue('Ottilie❧');
    await expect(page.getByRole('region', { name: 'Snags' })).not.toContainText('The font has no');
    // The ornament is a letter like any other: it gets a film of its own.
    await page.getByRole('button', { name: 'Film of the letter' }).click();
    await page.getByRole('option', { name: 'Buoy' }).click();
    await expect(page.getByRole('region', { name: /layer$/ })).toHaveCount(2);
});

test('the type case finds fonts by what matters', async ({ page }) => {
    await page.goto('/type-case');
    const cards = page.getByRole('main').getByRole('listitem');
    await expect(async () => expect(await cards.count()).toBeGreaterThan(23)).toPass();
    await page.getByLabel('Find a font').fill('lobstr');
    await expect(cards.first()).toContainText('Lobster');
    await page.getByLabel('Find a font').fill('');
    await page.getByText('script', { exact: true }).click();
    await page.getByLabel('thick enough').check();
    await page.getByLabel('Height of the letters').fill('20');
    await page.getByLabel('Height of the letters').press('Enter');
    await expect(cards).toHaveCount(3);
    await expect(page.getByRole('main')).toContainText('Yellowtail');
    await page.getByLabel('Film').selectOption({ label: 'Spray glitter' });
    await expect(cards).toHaveCount(1);
    await expect(cards).toContainText('Permanent Marker');
    await page.getByLabel('has alternates').check();
    await expect(page.getByText('No font matches')).toBeVisible();
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
});
