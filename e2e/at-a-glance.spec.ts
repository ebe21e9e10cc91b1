import AxeBuilder from '@axe-core/playwright';
import { goTo, leaveField, open } from './support/bench';
import { expect, savedAfter, test, type Page } from './support/shop';

const axe = async (page: Page, state: string) =>
    // An open list hangs at the end of the page, outside the landmarks.
    expect((await new AxeBuilder({ page }).disableRules('region').analyze()).violations, state).toEqual([]);

/** How high the cards are together, and how high the room is that they are in, in pixels. */
async function heights(page: Page) {
    const sheet = page.getByRole('region', { name: 'Build sheet' }).locator('> div').first();
    return sheet.evaluate((column) => ({ needs: column.scrollHeight, has: column.clientHeight }));
}

test('a card with any of its drawers open fits a design of three lines without scrolling', async ({ page }) => {
    await goTo(page, 'regatta-hoodie');
    for (const [number, name] of [
        [0, 'TERN POINT'],
        [1, 'Regatta'],
        [2, 'SUMMER CREW'],
    ] as const) {
        await page.getByLabel('Words', { exact: true }).nth(number).click();
        const card = page.getByRole('region', { name: `Line: ${name}` });
        await expect(card.getByRole('group', { name: 'Drawers' })).toBeVisible();
        const rest = await heights(page);
        expect(rest.needs, `${name} at rest`).toBeLessThanOrEqual(rest.has);
        for (const drawer of ['Letters', 'Bend', 'Outlines', 'Inset', 'Copies']) {
            await open(page, drawer);
            const box = await page.getByRole('region', { name: `Drawer: ${drawer}` }).boundingBox();
            expect(box?.height, drawer).toBeLessThanOrEqual(260);
            const { needs, has } = await heights(page);
            expect(needs, `${name}, ${drawer}`).toBeLessThanOrEqual(has);
        }
        await page.getByRole('group', { name: 'Drawers' }).getByRole('button', { name: 'Copies' }).click();
        await card.getByRole('button', { name: 'More about the position' }).click();
        const { needs, has } = await heights(page);
        expect(needs, `${name}, position`).toBeLessThanOrEqual(has);
    }
});

test('what is set stands in one line, and each part of it leads to its field', async ({ page }) => {
    await goTo(page, 'regatta-hoodie');
    await page.getByRole('button', { name: 'outline 2.5 Buoy' }).click();
    await expect(page.getByLabel('Width of outline 1')).toBeFocused();
    await page.keyboard.type('3');
    await savedAfter(page, () => page.keyboard.press('Enter'));
    await expect(page.getByRole('button', { name: 'outline 3 Buoy' })).toBeVisible();
    await page.getByLabel('Words', { exact: true }).nth(1).click();
    await page.getByRole('button', { name: /^set into TERN POINT/ }).click();
    await expect(page.getByRole('textbox', { name: 'Clearance' })).toBeFocused();
});

test('a whole design is made by the keyboard alone', async ({ page }) => {
    await goTo(page, 'kit-bag-ottilie');
    await expect(page.locator('[data-line=name]')).toHaveCount(1);
    const press = async (...keys: string[]) => {
        for (const key of keys) {
            await page.keyboard.press(key);
        }
    };
    /** Goes on with Tab until a field is reached. */
    const tabTo = async (name: string | RegExp, role: 'textbox' | 'button' | 'radio') => {
        const field = page.getByRole(role, { name }).first();
        for (let tabs = 0; !(await field.evaluate((element) => element === document.activeElement)); tabs += 1) {
            expect(tabs, String(name)).toBeLessThan(60);
            await page.keyboard.press('Tab');
        }
    };
    // What was there goes; a line, its size, an outline, an arc.
    await press('Delete', 'n');
    await expect(page.getByText('Nothing is on the blank yet')).toBeHidden();
    await page.keyboard.type('HARBOUR');
    await expect(page.locator('[data-line=line-1]')).toHaveCount(1);
    await tabTo('Ink width', 'textbox');
    await page.keyboard.type('180');
    await press('Enter');
    await expect(page.getByRole('contentinfo', { name: 'Tape' })).toContainText('180.0 ×');
    await tabTo('Outlines', 'button');
    await press('Enter');
    await tabTo('+ Outline', 'button');
    await press('Enter');
    await expect(page.locator('[data-line=line-1]')).toHaveCount(2);
    await tabTo('Width of outline 1', 'textbox');
    await page.keyboard.type('3');
    await press('Enter');
    await expect(page.getByRole('button', { name: /^outline 3/ })).toBeVisible();
    await leaveField(page);
    await press('Alt+2');
    await tabTo('Follows', 'button');
    await press('Space');
    await expect(page.getByRole('option', { name: 'an arc' })).toBeVisible();
    await press('ArrowDown', 'Enter');
    await expect(page.locator('[data-part=path]')).toBeVisible();
    // Another film, a second line, and it is moved.
    await leaveField(page);
    await press('f');
    await expect(page.getByRole('option', { name: 'Sun-up' })).toBeVisible();
    await page.keyboard.type('Sun');
    await press('Enter');
    await expect(page.getByRole('region', { name: 'Sun-up layer' })).toBeVisible();
    await leaveField(page);
    await press('n');
    await page.keyboard.type('race');
    await expect(page.locator('[data-line=line-2]')).toHaveCount(1);
    await leaveField(page);
    const before = (await page.locator('[data-line=line-2]').boundingBox())?.y ?? 0;
    await savedAfter(page, () => press('ArrowDown', 'ArrowDown', 'ArrowDown'));
    expect((await page.locator('[data-line=line-2]').boundingBox())?.y).toBeGreaterThan(before + 2);
    await page.reload();
    await expect(page.getByRole('img', { name: /HARBOUR, race/ })).toBeVisible();
});

test('typing is taken back first, then what was done', async ({ page }) => {
    await goTo(page, 'kit-bag-ottilie');
    const width = page.getByLabel('Ink width');
    const before = await width.inputValue();
    await width.click();
    await page.keyboard.type('99');
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
    await page.keyboard.press('Escape');
    await expect(width).toHaveValue(before);
    await width.fill('99');
    await savedAfter(page, () => width.press('Enter'));
    const undone = page.waitForResponse(/\/undo/);
    await page.keyboard.press('Control+z');
    await undone;
    await page.locator('body').click({ position: { x: 640, y: 420 } });
    await expect(page.getByRole('button', { name: 'Redo' })).toBeEnabled();
    const redone = page.waitForResponse(/\/redo/);
    await page.keyboard.press('Control+y');
    await redone;
    await expect(page.getByRole('contentinfo', { name: 'Tape' })).toContainText('99.0 ×');
});

const sizes = [
    { width: 1280, height: 800 },
    { width: 1024, height: 768 },
    // 1280 × 800 at a zoom of 200 %.
    { width: 640, height: 400 },
];

for (const size of sizes) {
    test(`axe finds nothing in any state of the Bench at ${size.width} × ${size.height}, and all is within reach`, async ({
        page,
    }) => {
        // Every state of the Bench, one after another.
        test.slow();
        await page.setViewportSize(size);
        await goTo(page, 'regatta-hoodie');
        await expect(page.locator('[data-line]').first()).toBeVisible();
        const pane = async (name: string) => {
            if (size.width < 900) {
                await page.getByRole('radio', { name }).check();
            }
        };
        await axe(page, 'stage');
        await pane('Build sheet');
        for (const drawer of ['Letters', 'Bend', 'Outlines', 'Inset', 'Copies']) {
            await open(page, drawer);
            await axe(page, drawer);
        }
        await page.getByRole('button', { name: 'More for this card' }).click();
        await axe(page, 'card menu');
        await page.keyboard.press('Escape');
        await page.getByRole('button', { name: 'Change' }).click();
        await expect(page.getByRole('button', { name: 'Placement' })).toBeVisible();
        await axe(page, 'blank');
        await page.getByRole('button', { name: 'Done' }).click();
        await page.getByRole('button', { name: /tidied/ }).click();
        await axe(page, 'tidied');
        await page.getByRole('button', { name: /tidied/ }).click();
        await pane('Films');
        await page.getByRole('button', { name: 'Chalk: details' }).click();
        await axe(page, 'film');
        await page.getByRole('button', { name: 'Swap films' }).click();
        await expect(page.getByRole('region', { name: 'Swap films' })).toBeVisible();
        await axe(page, 'swap');
        await pane('Stage');
        await leaveField(page);
        await page.keyboard.press('Control+a');
        await expect(page.getByRole('toolbar', { name: 'Several cards' })).toBeVisible();
        await axe(page, 'several');
        await page.locator('[data-line]').first().click({ button: 'right', force: true });
        await expect(page.getByRole('menuitem', { name: 'Duplicate' })).toBeVisible();
        await axe(page, 'menu');
        await page.keyboard.press('Escape');
        await page.getByRole('button', { name: 'Keys', exact: true }).click();
        const keys = page.getByRole('dialog', { name: 'Keys' });
        await expect(keys).toContainText('Undo');
        await axe(page, 'keys');
        if (size.width >= 1024) {
            expect(await keys.evaluate((panel) => panel.scrollHeight <= panel.clientHeight)).toBe(true);
        }
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(size.width);
    });
}
