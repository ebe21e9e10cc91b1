import { AxeBuilder } from '@axe-core/playwright';
import { expect, test, type Page } from './support/shop';

/** The front panel of the cutter that the shop of these tests has. */
async function panelOf(page: Page) {
    const { panel } = (await (await page.request.get('/api/cut-room')).json()) as { panel: string };
    const press = (button: string, values: object = {}) => page.request.post(`${panel}/do/${button}`, { data: values });
    const load = (width: number, left: number) =>
        press('load', { id: 'chalk', name: 'Chalk', width, left, side: 'carrier down' });
    return { press, load };
}

const chalk = (page: Page) => page.getByRole('region', { name: /^Chalk, / });
const pieces = (page: Page) => chalk(page).locator('[data-part=laid]');
const panelFor = (page: Page) => page.getByRole('region', { name: 'How Chalk is laid out' });

test('two jobs on one film with a scrap: laid out, stopped, moved by hand, cut; stock and scraps are right', async ({
    page,
}) => {
    test.slow();
    const panel = await panelOf(page);
    await panel.press('pace', { pace: 0 });
    // Three shirts are enough.
    const job = (await (await page.request.get('/api/jobs/crew-shirts')).json()) as { items: object[] };
    const items = job.items.slice(0, 1).map((item) => ({ ...item, quantity: 3 }));
    await page.request.put('/api/jobs/crew-shirts', { data: { ...job, items } });
    await page.goto('/cut-room');
    const toCut = page.getByRole('navigation', { name: 'To cut' });
    await expect(toCut.getByRole('region', { name: 'Scraps' })).toContainText('Chalk 210 × 340');
    await toCut.getByRole('checkbox', { name: 'Lay out Launch crew caps' }).click();
    await expect(chalk(page)).toBeVisible();
    await toCut.getByRole('checkbox', { name: 'Lay out Crew shirts' }).click();
    await expect(toCut.getByRole('checkbox', { name: /Crew shirts|Launch crew caps/, checked: true })).toHaveCount(2);
    // 4 designs of 3 shirts, and 5 caps; the tape says what they take.
    await expect(pieces(page)).toHaveCount(3 * 4 + 5, { timeout: 30_000 });
    await expect(page.getByLabel('Progress')).toContainText('still improving');
    await page.getByRole('button', { name: 'Stop here' }).click();
    await expect(page.getByLabel('Progress')).not.toContainText('still improving');
    await expect(page.getByLabel('Progress')).toContainText('saved');
    await expect(page.getByRole('contentinfo')).toContainText(/Film[\d.]+ m/);
    await expect(toCut.getByRole('region', { name: 'Scraps' })).toContainText(/Chalk 210 × 340\s*takes/);
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

    // Onto another piece it can't be dropped, and says so before.
    const roll = chalk(page).locator('figure').last().locator('[data-part=laid]');
    const one = roll.first();
    const number = await one.getAttribute('data-piece');
    const moving = page.locator(`section[aria-label^=Chalk] [data-piece="${number}"]`);
    const before = await moving.getAttribute('transform');
    const from = await middle(moving);
    const other = await middle(roll.nth(1));
    await page.mouse.move(...from);
    await page.mouse.down();
    await page.mouse.move(from[0] + 8, from[1], { steps: 2 });
    await page.mouse.move(...other, { steps: 4 });
    await expect(moving).toHaveAttribute('data-touches', 'true');
    await page.mouse.up();
    await expect(page.getByText(/It touches another piece there|It doesn’t lie on usable film there/)).toBeVisible();
    await expect(moving).toHaveAttribute('transform', before ?? '');

    // Pinned, it stays while the rest is tidied around it.
    const kept = chalk(page).locator('figure').first().locator('[data-part=laid]').first();
    const place = await kept.getAttribute('transform');
    await kept.click({ position: { x: 4, y: 4 } });
    const hand = page.getByRole('group', { name: 'Selected piece' });
    await hand.getByRole('button', { name: 'Pin' }).click();
    await expect(hand.getByRole('button', { name: 'Pinned' })).toBeVisible();
    await panelFor(page).getByRole('button', { name: 'Tidy around pinned pieces' }).click();
    await expect(page.getByLabel('Progress')).toContainText('still improving');
    await page.keyboard.press('s');
    await expect(page.getByLabel('Progress')).not.toContainText('still improving');
    await expect(kept).toHaveAttribute('transform', place ?? '');

    // The scrap first: another film in the cutter is refused.
    await panel.load(500, 8000);
    await panelFor(page).getByRole('button', { name: 'Send scrap 210 × 340 mm' }).click();
    await expect(panelFor(page)).toContainText('This is cut from a scrap of 210 × 340 mm. Load that scrap.');
    await panel.load(210, 340);
    await panelFor(page).getByRole('button', { name: 'Send scrap 210 × 340 mm' }).click();
    await expect(page.getByRole('group', { name: 'Last cut' })).toContainText('laid out');
    await expect(panelFor(page).getByRole('button', { name: /Send scrap/ })).toBeHidden();
    await expect(toCut.getByRole('region', { name: 'Scraps' })).not.toContainText('Chalk 210 × 340');
    await expect(panelFor(page)).toContainText('14.20 m left on the rack');

    await panel.load(500, 8000);
    const length = Number(/([\d.]+) m/.exec((await chalk(page).getAttribute('aria-label')) ?? '')?.[1]);
    await panelFor(page).getByRole('button', { name: 'Send the roll to the cutter' }).click();
    await expect(pieces(page)).toHaveCount(0, { timeout: 90_000 });
    const rack = (await (await page.request.get('/api/film-rack')).json()) as {
        entry: { film: { id: string }; stock: number };
    }[];
    const left = rack.find(({ entry }) => entry.film.id === 'chalk')?.entry.stock ?? 0;
    expect(Math.abs(left / 1e6 - (14.2 - length - 0.002))).toBeLessThan(0.006);
    // What it left is offered, and can be kept.
    const offered = toCut.getByRole('listitem').filter({ hasText: 'left by a cut' }).filter({ hasText: 'Chalk' });
    const count = await offered.count();
    if (count > 0) {
        await offered.first().getByRole('button', { name: 'Keep' }).click();
        await expect(offered).toHaveCount(count - 1);
    }
});

async function middle(piece: ReturnType<Page['locator']>): Promise<[number, number]> {
    const box = await piece.boundingBox();
    if (!box) {
        throw new Error('It is not on the page.');
    }
    return [box.x + box.width / 2, box.y + box.height / 2];
}
