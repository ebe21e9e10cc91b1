import { more, open, place, snags } from './support/bench';
import { expect, savedAfter, test, type Page } from './support/shop';

const saved = (page: Page) =>
    page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());

/** Takes a knot of the chosen line and moves it by some pixels. */
async function drag(page: Page, knot: string, dx: number, dy: number) {
    const box = await page.locator(`[data-grip="${knot}"]`).boundingBox();
    const [x, y] = [(box?.x ?? 0) + (box?.width ?? 0) / 2, (box?.y ?? 0) + (box?.height ?? 0) / 2];
    await savedAfter(page, async () => {
        await page.mouse.move(x, y);
        await page.mouse.down();
        await page.mouse.move(x + dx, y + dy, { steps: 6 });
        await page.mouse.up();
    });
}

const field = async (page: Page, label: string) => Number(await page.getByLabel(label).inputValue());

test('edges are dragged on the stage, typed exactly, and the words are typed as before', async ({ page }) => {
    await page.goto('/designs/club-front');
    const before = await place(page, 'club');
    await open(page, 'Bend');
    const rise = await field(page, 'Rise of the top edge');

    await drag(page, 'top middle', 0, -40);
    const higher = await field(page, 'Rise of the top edge');
    expect(higher).toBeGreaterThan(rise + 5);
    expect((await place(page, 'club')).height).toBeGreaterThan(before.height + 25);
    await drag(page, 'top right', 0, -20);
    await more(page);
    expect(await field(page, 'Lift of the right end of the top edge')).toBeGreaterThan(3);

    await page.getByLabel('Rise of the top edge').fill('1 in');
    await page.getByLabel('Rise of the top edge').press('Enter');
    await expect(page.getByLabel('Rise of the top edge')).toHaveValue('25.4');
    const words = page.getByRole('region', { name: /Line: TERN/ }).getByLabel('Words', { exact: true });
    await words.fill('TERN POINT BAY');
    await expect(page.getByLabel('Ink width')).toHaveValue('230.0');

    // The banner's words fill its ribbon, wherever and however large that is.
    await page.getByRole('button', { name: 'Ribbon', exact: true }).click();
    const ribbon = await place(page, 'ribbon');
    const inside = await place(page, 'ribbon-words');
    expect(inside.y).toBeGreaterThan(ribbon.y);
    expect(inside.y + inside.height).toBeLessThan(ribbon.y + ribbon.height);
    await page.getByLabel('Height of the form').fill('34');
    const done = saved(page);
    await page.getByLabel('Height of the form').press('Enter');
    await done;
    await expect(async () =>
        expect((await place(page, 'ribbon-words')).height).toBeLessThan(0.85 * inside.height),
    ).toPass();
});

test('a line is put on an arc, bent by hand without ever turning over, and straightened by undo', async ({ page }) => {
    await page.goto('/designs/kit-bag-ottilie');
    const straight = await place(page, 'name');
    await open(page, 'Bend');
    await page.getByRole('button', { name: 'Follows' }).click();
    let done = saved(page);
    await page.getByRole('option', { name: 'an arc', exact: true }).click();
    await done;
    await expect(page.locator('[data-part=path]')).toBeVisible();
    await expect(async () => expect((await place(page, 'name')).height).toBeGreaterThan(straight.height + 10)).toPass();
    const rise = await field(page, 'Rise of the arc');
    await drag(page, 'path', 0, -30);
    expect(await field(page, 'Rise of the arc')).toBeGreaterThan(rise + 5);
    // Dragged down far beyond straight, it stays straight.
    await drag(page, 'path', 0, 300);
    await expect(page.getByLabel('Rise of the arc')).toHaveValue('0.0');
    await expect(page.getByRole('radio', { name: 'up', exact: true })).toBeChecked();
    await expect(page.locator('[data-grip=path]')).toBeVisible();
    for (let steps = 0; steps < 3; steps += 1) {
        done = page.waitForResponse((response) => response.url().includes('/undo'));
        await page.locator('body').press('Control+z');
        await done;
    }
    await expect(async () =>
        expect(Math.abs((await place(page, 'name')).height - straight.height)).toBeLessThan(1),
    ).toPass();
});

test('two lines share a ring; one that is too long says what fits, and one click makes it so', async ({ page }) => {
    await page.goto('/designs/crew-badge');
    const [upper, lower] = [await place(page, 'club'), await place(page, 'since')];
    await drag(page, 'path', 0, -25);
    const wider = await place(page, 'club');
    expect(wider.width).toBeGreaterThan(upper.width + 5);
    expect((await place(page, 'since')).y).toBeGreaterThan(lower.y + 15);

    const words = page.getByRole('region', { name: /Line: TERN/ }).getByLabel('Words', { exact: true });
    await words.fill('TERN POINT ROWERS AND ALL WHO ROW WITH THEM ON SATURDAYS');
    const snag = (await snags(page)).getByText(/longer than its path/);
    await expect(snag).toBeVisible();
    const fix = page.getByRole('button', { name: /^Letters [\d.]+ mm high$/ }).first();
    const height = (await fix.textContent())?.match(/[\d.]+/)?.[0] ?? '';
    await fix.click();
    await expect(snag).toBeHidden();
    await open(page, 'Letters');
    await expect(page.getByLabel('Cap height of the line')).toHaveValue(Number(height).toFixed(1));
});

test('pasted line breaks read as spaces on a spiral', async ({ page }) => {
    await page.goto('/designs/song-tote');
    const words = page.getByLabel('Words', { exact: true });
    await words.focus();
    await words.evaluate((field: HTMLInputElement) => {
        field.select();
        const data = new DataTransfer();
        data.setData('text', 'Row for the point\nand home\r\nwith the tide\n');
        field.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
    });
    await expect(words).toHaveValue('Row for the point and home with the tide');
});
