import { open, place } from './support/bench';
import { expect, test } from './support/shop';

test('cards are lined up by their ink, kept together, and a piece is taken out and brought back', async ({ page }) => {
    await page.goto('/designs/crew-badge');
    await page.getByRole('button', { name: 'Ring', exact: true }).click();
    await page.getByRole('button', { name: 'Crossed oars', exact: true }).click({ modifiers: ['Shift'] });
    const strip = page.getByRole('toolbar', { name: 'Several cards' });
    await strip.getByRole('button', { name: 'Line up at the bottom' }).click();
    await expect(async () => {
        const [rim, waves] = [await place(page, 'rim'), await page.locator('[data-line=oars]').last().boundingBox()];
        const oars = await place(page, 'oars');
        const lowest = Math.max(oars.y + oars.height, (waves?.y ?? 0) + (waves?.height ?? 0));
        expect(Math.abs(lowest - rim.y - rim.height)).toBeLessThan(1.5);
    }).toPass();
    await strip.getByRole('button', { name: 'Keep together' }).click();
    await page.keyboard.press('Escape');

    // Dragging one takes the other along.
    const before = { rim: await place(page, 'rim'), oars: await place(page, 'oars') };
    await page.mouse.move(before.rim.x + 2, before.rim.y + before.rim.height / 2);
    await page.mouse.down();
    await page.keyboard.down('Alt');
    await page.mouse.move(before.rim.x + 32, before.rim.y + before.rim.height / 2 + 20, { steps: 4 });
    await page.mouse.up();
    await page.keyboard.up('Alt');
    await expect(async () => {
        expect(Math.abs((await place(page, 'rim')).x - before.rim.x - 30)).toBeLessThan(1.5);
        expect(Math.abs((await place(page, 'oars')).x - before.oars.x - 30)).toBeLessThan(1.5);
    }).toPass();

    const path = () => page.locator('[data-line=rim]').first().getAttribute('d');
    const whole = await path();
    const rim = await place(page, 'rim');
    await open(page, 'Inset');
    const card = page.getByRole('region', { name: 'Form: Ring' });
    await card.getByRole('button', { name: 'Erase rectangle' }).click();
    await page.mouse.move(rim.x + rim.width / 2 - 20, rim.y - 5);
    await page.mouse.down();
    await page.mouse.move(rim.x + rim.width / 2 + 20, rim.y + 25, { steps: 4 });
    await page.mouse.up();
    await expect(async () => expect(await path()).not.toBe(whole)).toPass();
    await card.getByRole('button', { name: 'Bring back' }).click();
    await expect(async () => expect(await path()).toBe(whole)).toPass();
});
