import AxeBuilder from '@axe-core/playwright';
import { expect, savedAfter, test, type Page, undo } from './support/shop';
import { goTo } from './support/bench';

const saved = (page: Page) =>
    page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());

/** Where a line's ink stands on the screen. */
async function place(page: Page, line: string) {
    const box = await page.locator(`[data-line=${line}]`).boundingBox();
    expect(box).not.toBeNull();
    return box ?? { x: 0, y: 0, width: 0, height: 0 };
}

test('a line is dragged, snaps, is moved by keys, undone, redone and still there after a reload', async ({ page }) => {
    await goTo(page, 'crew-shirt-back');
    const before = await place(page, 'regatta');
    const others = await place(page, 'crew');

    // Freely, with Alt held: it follows the pointer and stays where it was dropped.
    await page.mouse.move(before.x + before.width / 2, before.y + before.height / 2);
    await page.keyboard.down('Alt');
    await page.mouse.down();
    await page.mouse.move(before.x + before.width / 2 + 31, before.y + before.height / 2 + 17, { steps: 5 });
    const dragged = await place(page, 'regatta');
    expect(dragged.x - before.x).toBeCloseTo(31, 0);
    let done = saved(page);
    await page.mouse.up();
    await page.keyboard.up('Alt');
    await done;
    await expect(async () => {
        const dropped = await place(page, 'regatta');
        expect(Math.abs(dropped.x - dragged.x)).toBeLessThan(1);
        expect(Math.abs(dropped.y - dragged.y)).toBeLessThan(1);
    }).toPass();
    expect(Math.abs((await place(page, 'crew')).y - others.y)).toBeLessThan(1);

    // Dragged back to within a few pixels of the middle, it snaps to it.
    await page.mouse.move(dragged.x + dragged.width / 2, dragged.y + dragged.height / 2);
    await page.mouse.down();
    await page.mouse.move(dragged.x + dragged.width / 2 - 28, dragged.y + dragged.height / 2, { steps: 5 });
    await expect(page.locator('[data-part=guides] path')).not.toHaveCount(0);
    done = saved(page);
    await page.mouse.up();
    await done;
    await expect(async () => expect(Math.abs((await place(page, 'regatta')).x - before.x)).toBeLessThan(0.6)).toPass();

    // By keys, a millimetre and a tenth.
    await page.locator('body').press('ArrowRight');
    done = saved(page);
    await page.locator('body').press('Shift+ArrowRight');
    await done;
    await expect(page.getByRole('status').filter({ hasText: 'All saved' })).toBeVisible();

    await page.reload();
    const kept = await place(page, 'regatta');
    expect(kept.x).toBeGreaterThan(before.x + 0.5);
    for (let steps = 0; steps < 5; steps += 1) {
        await undo(page);
    }
    await expect(async () => expect(Math.abs((await place(page, 'regatta')).y - before.y)).toBeLessThan(0.6)).toPass();
    await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
    await page.getByRole('button', { name: 'Redo' }).click();
    await expect(async () => expect((await place(page, 'regatta')).x - before.x).toBeGreaterThan(20)).toPass();
});

test('what is moved again before the server has answered goes on from where it lies', async ({ page }) => {
    await goTo(page, 'crew-shirt-back');
    await page.route('**/api/designs/crew-shirt-back', async (route) => {
        await new Promise((resolve) => setTimeout(resolve, route.request().method() === 'PUT' ? 1500 : 0));
        await route.continue();
    });
    const before = await place(page, 'regatta');
    const drag = async (right: number, down: number) => {
        const { x, y, width, height } = await place(page, 'regatta');
        await page.mouse.move(x + width / 2, y + height / 2);
        await page.mouse.down();
        await page.mouse.move(x + width / 2 + right, y + height / 2 + down, { steps: 4 });
        await page.mouse.up();
    };
    await page.keyboard.down('Alt');
    await drag(40, 20);
    await drag(-15, 12);
    await page.keyboard.up('Alt');
    const now = await place(page, 'regatta');
    expect(now.x - before.x).toBeCloseTo(25, 0);
    expect(now.y - before.y).toBeCloseTo(32, 0);
    // Presses of a key in a row add up too.
    for (let press = 0; press < 6; press += 1) {
        await page.keyboard.press('ArrowDown');
    }
    const lower = await place(page, 'regatta');
    await expect(page.getByRole('status').filter({ hasText: 'All saved' })).toBeVisible();
    const worked = await place(page, 'regatta');
    expect(Math.abs(worked.x - now.x)).toBeLessThan(0.5);
    expect(Math.abs(worked.y - lower.y)).toBeLessThan(0.5);
    await page.unrouteAll();
    await page.reload();
    await expect(async () => expect(Math.abs((await place(page, 'regatta')).y - lower.y)).toBeLessThan(0.5)).toPass();
    expect(lower.y - now.y).toBeGreaterThan(6);
});

test('the history shows every point; one is named, two are compared, one is gone back to', async ({ page }) => {
    await goTo(page, 'finish-tote');
    const words = page.getByLabel('Words').first();
    // Changes of the same in a row would be one point.
    await savedAfter(page, () => words.fill('FIRST'));
    await savedAfter(page, () => page.getByLabel('Words').last().fill('SECOND'));
    await page.getByRole('button', { name: 'History' }).click();
    const dialog = page.getByRole('dialog');
    await expect(dialog.getByRole('listitem')).toHaveCount(3);
    const named = page.waitForResponse((response) => response.url().endsWith('/name'));
    await dialog.getByLabel('Name of step 2').fill('As ordered');
    await dialog.getByLabel('Name of step 2').press('Enter');
    await named;
    await dialog.getByLabel('Compare').nth(0).check();
    await dialog.getByLabel('Compare').nth(1).check();
    await expect(dialog.getByRole('figure')).toHaveCount(2);
    await expect(dialog.getByRole('figure').first()).toContainText('As ordered');
    await dialog.getByRole('button', { name: 'Go to this' }).first().click();
    await expect(words).toHaveValue('FIRST');
});

test('axe finds nothing on any screen, and the keys are listed', async ({ page }) => {
    for (const address of [
        '/',
        '/jobs/crew-shirts',
        '/blanks',
        '/film-rack',
        '/designs/regatta-shirt',
        '/designs/crew-shirt-back',
        '/designs/nowhere',
        '/nowhere',
    ]) {
        await page.goto(address);
        await page.waitForLoadState('networkidle');
        expect((await new AxeBuilder({ page }).analyze()).violations, address).toEqual([]);
    }
    await goTo(page, 'committee-hat');
    await page.getByLabel('Ink width').fill('as wide as the brim');
    await page.getByLabel('Ink width').press('Enter');
    await expect(page.getByRole('alert')).toBeVisible();
    expect((await new AxeBuilder({ page }).analyze()).violations, 'error shown').toEqual([]);
    await page.getByRole('button', { name: 'Font' }).click();
    await expect(page.getByRole('option').first()).toBeVisible();
    // An open list hangs at the end of the page, outside the landmarks.
    expect((await new AxeBuilder({ page }).disableRules('region').analyze()).violations, 'fonts').toEqual([]);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Proof' }).click();
    await expect(page.getByRole('dialog').getByRole('img')).toBeVisible();
    expect((await new AxeBuilder({ page }).analyze()).violations, 'proof').toEqual([]);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Keys', exact: true }).click();
    await expect(page.getByRole('dialog')).toContainText('Undo');
    await expect(page.getByRole('dialog')).toContainText('0.1 mm');
    expect((await new AxeBuilder({ page }).analyze()).violations, 'keys').toEqual([]);
});
