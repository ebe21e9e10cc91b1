import { expect, test, type Page, undo } from './support/shop';
import { goTo } from './support/bench';
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';

const saved = (page: Page) => expect(page.getByRole('status').filter({ hasText: 'All saved' })).toBeVisible();
const put = (page: Page) => page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());
const tape = (page: Page) => page.getByRole('contentinfo', { name: 'Tape' });
const line = (page: Page, words: string) => page.getByRole('region', { name: `Line: ${words}` });

async function box(page: Page, selector: string) {
    return (await page.locator(selector).boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
}

/**
 * Drags by a point; the part has to end up where it was shown when it was dropped. The browser tells the box
 * of a turned shape only as that of its turned box, so the exact one lies within it.
 */
async function drag(page: Page, part: string, from: { x: number; y: number }, by: { x: number; y: number }) {
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move(from.x + by.x, from.y + by.y, { steps: 6 });
    const shown = await box(page, part);
    const done = put(page);
    await page.mouse.up();
    await done;
    await saved(page);
    await expect(async () => {
        const exact = await box(page, part);
        expect(exact.x).toBeGreaterThan(shown.x - 1.5);
        expect(exact.y).toBeGreaterThan(shown.y - 1.5);
        expect(exact.x + exact.width).toBeLessThan(shown.x + shown.width + 1.5);
        expect(exact.y + exact.height).toBeLessThan(shown.y + shown.height + 1.5);
    }).toPass({ timeout: 3000 });
}

const middle = (of: { x: number; y: number; width: number; height: number }) => ({
    x: of.x + of.width / 2,
    y: of.y + of.height / 2,
});

test('a new user goes the whole way: job, blank, two lines, inches, hands, keys, undo, reload, proof', async ({
    page,
}) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'New job' }).click();
    await page.getByLabel('Title').fill('Coxswain hoodies');
    await page.getByLabel('Customer').fill('Tern Point Rowers');
    await page.getByLabel('Due on').fill('2031-06-12');
    await page.getByRole('button', { name: 'Blank' }).click();
    await page.getByRole('option', { name: 'Boathouse hoodie' }).click();
    await page.getByRole('button', { name: 'Hang it on the rail' }).click();

    // The blank, then two lines with sizes in inches.
    await page.getByRole('button', { name: 'Change' }).click();
    await page.getByRole('button', { name: 'Size', exact: true }).click();
    await page.getByRole('option', { name: 'M', exact: true }).click();
    await page.getByText('in', { exact: true }).click();
    await page.getByRole('button', { name: 'Add a line' }).click();
    await page.keyboard.type('TERN POINT');
    await page.getByLabel('Ink width').fill('8 1/2');
    await page.getByLabel('Ink width').press('Enter');
    await expect(tape(page)).toContainText('8 1/2 ×');
    await page.getByRole('button', { name: 'Add a line' }).click();
    await page.keyboard.type('Coxswain');
    await page.getByLabel('Ink width').fill('120mm');
    await page.getByLabel('Ink width').press('Enter');
    await expect(line(page, 'Coxswain').getByLabel('Ink width')).toHaveValue('4.72');
    await saved(page);
    await page.getByText('mm', { exact: true }).click();
    await expect(tape(page)).toContainText('215.9 ×');

    // Moved by hand, to the right end of the line above; made smaller at a corner; turned by its thread.
    const [club, name] = ['[data-line=line-1]', '[data-line=line-2]'];
    const right = async () => (await box(page, club)).x + (await box(page, club)).width;
    const start = await box(page, name);
    await drag(page, name, middle(start), { x: (await right()) - start.x - start.width + 3, y: 4 });
    const moved = await box(page, name);
    expect(Math.abs(moved.x + moved.width - (await right()))).toBeLessThan(1.2);
    await drag(page, name, middle(await box(page, '[data-grip="corner 1 1"] circle')), { x: -60, y: -20 });
    const smaller = await box(page, name);
    expect(Math.abs(smaller.x - moved.x)).toBeLessThan(1.2);
    expect(Math.abs(smaller.y - moved.y)).toBeLessThan(1.2);
    expect(smaller.width).toBeLessThan(moved.width - 30);
    expect(smaller.width / smaller.height).toBeCloseTo(moved.width / moved.height, 1);
    await expect(line(page, 'Coxswain').getByLabel('Ink width')).not.toHaveValue('120.0');
    const thread = middle(await box(page, '[data-grip=thread] circle'));
    await drag(page, name, thread, { x: 40, y: 20 });
    await expect(line(page, 'Coxswain').getByLabel('Turn in degrees, clockwise')).not.toHaveValue('0');
    expect((await box(page, name)).height).toBeGreaterThan(smaller.height + 10);

    // By keys: two millimetres down, a turn back, another place in the order, hidden and shown, locked.
    await page.getByRole('region', { name: 'Stage' }).locator(club).click();
    await page.keyboard.press('PageDown');
    const before = await box(page, name);
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowDown');
    await saved(page);
    await expect(async () => expect((await box(page, name)).y).toBeGreaterThan(before.y + 1)).toPass();
    await page.getByLabel('Turn in degrees, clockwise').fill('0');
    await page.getByLabel('Turn in degrees, clockwise').press('Enter');
    await page.keyboard.press('Tab');
    await page.getByRole('button', { name: /^Place of Coxswain in the order/ }).focus();
    await page.keyboard.press('ArrowUp');
    await expect(page.getByLabel('Words').first()).toHaveValue('Coxswain');
    await page.locator('body').press('v');
    await expect(
        page.getByRole('img', { name: 'Boathouse hoodie in Navy, Across the chest: TERN POINT' }),
    ).toBeVisible();
    await page.locator('body').press('v');
    await page.locator('body').press('l');
    await expect(line(page, 'Coxswain').getByLabel('Words')).toBeDisabled();
    await page.locator('body').press('Delete');
    await expect(page.getByLabel('Words')).toHaveCount(2);
    await page.locator('body').press('l');
    await saved(page);

    // Undone as far as the order, and still so after a reload.
    for (let steps = 0; (await page.getByLabel('Words').first().inputValue()) === 'Coxswain'; steps += 1) {
        expect(steps).toBeLessThan(6);
        await undo(page);
    }
    await expect(page.getByLabel('Words').first()).toHaveValue('TERN POINT');
    await page.reload();
    await expect(page.getByLabel('Words').first()).toHaveValue('TERN POINT');
    await page.getByRole('button', { name: 'Redo' }).click();
    await expect(page.getByLabel('Words').first()).toHaveValue('Coxswain');

    // Words edited where they stand.
    await page.locator(club).dblclick();
    await page.getByLabel('Words on the stage').fill('TERN BAY');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('img', { name: /TERN BAY/ })).toBeVisible();
    await saved(page);

    // The proof, as a picture and a page, and its approval.
    await page.getByRole('button', { name: 'Proof' }).click();
    const dialog = page.getByRole('dialog', { name: 'Proof for the customer' });
    const files = [];
    for (const name of ['Download as picture (PNG)', 'Download as PDF']) {
        const started = page.waitForEvent('download');
        await dialog.getByRole('link', { name }).click();
        files.push(await (await started).path());
    }
    expect(
        readFileSync(files[0] ?? '')
            .subarray(1, 4)
            .toString(),
    ).toBe('PNG');
    expect(execFileSync('qpdf', ['--show-npages', files[1] ?? ''], { encoding: 'utf8' }).trim()).toBe('1');
    await dialog.getByLabel('Approved by').fill('Tern Point Rowers');
    await dialog.getByRole('button', { name: 'Record the approval' }).click();
    await expect(dialog).toContainText('was approved by Tern Point Rowers');
    await dialog.getByRole('button', { name: 'Close' }).click();
    await page.getByRole('link', { name: 'Coxswain hoodies' }).click();
    await expect(page.getByRole('radio', { name: 'To cut' })).toBeChecked();
});

test.describe('on a tablet', () => {
    test.use({ viewport: { width: 1024, height: 768 }, hasTouch: true });

    test('a line is chosen and moved with a finger, and two fingers look closer', async ({ page }) => {
        await goTo(page, 'launch-cap');
        const part = page.locator('[data-line]').first();
        await part.waitFor();
        const touch = await page.context().newCDPSession(page);
        const send = (type: string, points: { x: number; y: number }[]) =>
            touch.send('Input.dispatchTouchEvent', { type: type as 'touchStart', touchPoints: points });
        const start = (await part.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
        const at = middle(start);
        await send('touchStart', [at]);
        await send('touchMove', [{ x: at.x + 20, y: at.y + 12 }]);
        await send('touchMove', [{ x: at.x + 40, y: at.y + 23 }]);
        const done = put(page);
        await send('touchEnd', []);
        await done;
        await expect(async () => expect((await part.boundingBox())?.x).toBeGreaterThan(start.x + 25)).toPass();

        const before = (await part.boundingBox())?.width ?? 0;
        const stage = await box(page, '[aria-label=Stage]');
        const [x, y] = [stage.x + 60, stage.y + stage.height - 120];
        await send('touchStart', [
            { x, y },
            { x: x + 40, y },
        ]);
        for (const far of [60, 80, 100, 120]) {
            await send('touchMove', [
                { x, y },
                { x: x + far, y },
            ]);
        }
        await send('touchEnd', []);
        await expect(async () => expect((await part.boundingBox())?.width).toBeGreaterThan(before * 1.8)).toPass();
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1024);
    });
});
