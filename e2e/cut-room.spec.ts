import { AxeBuilder } from '@axe-core/playwright';
import { expect, test, type Page } from './support/shop';

/** The front panel of the cutter that the shop of these tests has. */
async function panelOf(page: Page) {
    const { panel } = (await (await page.request.get('/api/cut-room')).json()) as { panel: string };
    const press = async (button: string, values: object = {}) =>
        (await page.request.post(`${panel}/do/${button}`, { data: values })).ok();
    const load = (id: string, name: string, more: object = {}) =>
        press('load', { id, name, width: 500, left: 5000, side: 'carrier down', ...more });
    return { press, load };
}

const cutter = (page: Page) => page.getByRole('region', { name: 'Cutter', exact: true });
const progress = (page: Page) => cutter(page).getByRole('progressbar', { name: 'Cutting progress' });
const done = async (page: Page) => Number(await progress(page).getAttribute('aria-valuenow'));

test('a demo job is cut: a wrong film is refused, a power cut in the middle costs nothing', async ({ page }) => {
    test.slow();
    const panel = await panelOf(page);
    await panel.press('pace', { pace: 2 });
    await panel.load('buoy', 'Buoy');
    await page.goto('/');
    await page.getByRole('link', { name: 'Cut room' }).click();
    await expect(page.getByText('Tick jobs on the left, or open one of their designs.')).toBeVisible();
    const waiting = page.getByRole('navigation', { name: 'To cut' });
    await expect(waiting.getByText('not approved yet').first()).toBeVisible();
    await waiting.getByRole('link', { name: /Back of the shirt/ }).click();
    await page.getByRole('button', { name: /^Chalk, 0\.18 m/ }).click();
    const layer = page.getByRole('region', { name: 'How Chalk is cut' });
    await expect(layer.getByText('14.20 m left on the rack', { exact: false })).toBeVisible();

    await layer.getByRole('button', { name: 'Send to the cutter' }).click();
    await expect(layer.getByText('Buoy is in the cutter, and this layer is cut from Chalk. Load Chalk.')).toBeVisible();
    await panel.load('chalk', 'Chalk', { side: 'carrier up' });
    await layer.getByRole('button', { name: 'Send to the cutter' }).click();
    await expect(layer.getByText('Turn it over.', { exact: false })).toBeVisible();

    await panel.load('chalk', 'Chalk');
    await layer.getByRole('button', { name: 'Send to the cutter' }).click();
    const knife = page.locator('[data-part=knife]');
    await expect(knife).toBeVisible();
    await expect(async () => expect(await done(page)).toBeGreaterThan(1)).toPass();
    await cutter(page).getByRole('button', { name: 'Pause' }).click();
    await expect(cutter(page).getByText(/paused/)).toBeVisible();
    await cutter(page).getByRole('button', { name: 'Go on' }).click();
    await panel.press('power-cut');
    const then = await done(page);
    await expect(async () => expect(await done(page)).toBeGreaterThan(then + 2)).toPass();
    await panel.press('pace', { pace: 20 });
    await expect(layer.getByText(/^Cut on /)).toBeVisible();
    // 14.20 m less the layer's 182.5 mm and what parts it from the next.
    await expect(layer.getByText('14.02 m left on the rack', { exact: false })).toBeVisible();
    await expect(layer.getByRole('button', { name: 'Cut it again' })).toBeEnabled();
    await expect(page.getByRole('group', { name: 'Last cut' })).toContainText(/Cut as planned|nothing of where/);

    // Film that lies crooked is seen, where and by how much.
    await panel.press('crooked', { degrees: 0.5 });
    await layer.getByRole('button', { name: 'Cut it again' }).click();
    await expect(page.getByText(/cuts are off by up to \d/)).toBeVisible();
    await expect(page.locator('[data-part=off]')).toHaveCount(1);
    await panel.press('crooked', { degrees: 0 });

    // The pieces that it spoiled are cut once more; and one that was torn at the weeding table, in two clicks.
    await cutter(page)
        .getByRole('button', { name: /^Cut those \d+ pieces again$/ })
        .click();
    await expect(cutter(page).getByText(/Back of the shirt, Chalk, \d+ pieces/)).toBeVisible();
    await expect(page.getByText(/Cut as planned/)).toBeVisible();
    await page.locator('[data-part=piece]').nth(3).click();
    await layer.getByRole('button', { name: 'Cut this piece again' }).click();
    await expect(cutter(page).getByText(/Back of the shirt, Chalk, one piece/)).toBeVisible();
});

test('copies lie in rows, and all is done by keys', async ({ page }) => {
    test.slow();
    const panel = await panelOf(page);
    await panel.press('pace', { pace: 0 });
    await panel.load('buoy', 'Buoy');
    await page.goto('/cut-room');
    await expect(page.getByRole('link', { name: /Back of the shirt/ })).toBeVisible();
    await page.keyboard.press('d');
    await expect(page.getByRole('button', { name: /^Buoy, 0\.1\d m/ })).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('f');
    await expect(page.getByRole('button', { name: /^Chalk/ })).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('Shift+F');
    await page.getByRole('textbox', { name: 'Copies' }).fill('3');
    await page.getByRole('textbox', { name: 'Copies' }).press('Enter');
    const film = page.getByRole('button', { name: /^Buoy, \d\.\d+ m/ });
    await expect(film.locator('[data-part=copy]')).toHaveCount(3);
    await page.getByRole('textbox', { name: 'Copies' }).blur();
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog')).toContainText('send to the cutter');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
    await page.getByRole('heading', { name: 'Film, blade side up' }).click();
    await page.keyboard.press('Control+Enter');
    await expect(cutter(page).getByText(/Back of the shirt, Buoy, 3 times/)).toBeVisible();
    await expect(page.getByRole('region', { name: 'How Buoy is cut' }).getByText(/^Cut on /)).toBeVisible();
    await page.keyboard.press('a');
    await expect(film.locator('[data-part=copy]')).toHaveCount(24);
});

test('a jam is told and gone on from, a cut is cancelled, and axe finds nothing', async ({ page }) => {
    test.slow();
    const panel = await panelOf(page);
    await panel.press('pace', { pace: 10 });
    await panel.load('chalk', 'Chalk');
    await page.goto('/jobs/crew-shirts');
    await page.getByRole('link', { name: 'To the Cut room' }).click();
    await page.getByRole('button', { name: /^Chalk, 0\.18 m/ }).click();
    await panel.press('jam', { x: 160, y: 150, within: 60 });
    await page.getByRole('button', { name: 'Send to the cutter' }).click();
    await expect(cutter(page).getByText('The cutter has stopped.', { exact: false })).toBeVisible();
    const found = await new AxeBuilder({ page }).analyze();
    expect(found.violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
    await panel.press('go');
    await expect(cutter(page).getByText('The cutter has stopped.', { exact: false })).toBeHidden();
    await cutter(page).getByRole('button', { name: 'Cancel the cut' }).click();
    await expect(progress(page)).toBeHidden();
    await expect(page.getByRole('button', { name: 'Send to the cutter' })).toBeEnabled();
});
