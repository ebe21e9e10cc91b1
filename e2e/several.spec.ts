import { readFileSync } from 'node:fs';
import { goTo, leaveField, open, place } from './support/bench';
import { expect, savedAfter, test } from './support/shop';

test('cards are lined up by their ink, kept together, and a piece is taken out and brought back', async ({ page }) => {
    await goTo(page, 'crew-badge');
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
    await card.getByRole('button', { name: 'Restore' }).click();
    await expect(async () => expect(await path()).toBe(whole)).toPass();
});

test('several cards are lined up and get another film by keys alone', async ({ page }) => {
    await goTo(page, 'regatta-hoodie');
    await expect(page.locator('[data-line=regatta]')).toHaveCount(1);
    await page.keyboard.press('PageDown');
    await page.keyboard.press('Shift+PageDown');
    await expect(page.getByRole('toolbar', { name: 'Several cards' })).toContainText('2 chosen');
    await page.keyboard.press('Alt+l');
    await expect(async () =>
        expect(Math.abs((await place(page, 'regatta')).x - (await place(page, 'crew')).x)).toBeLessThan(1),
    ).toPass();
    await page.keyboard.press('f');
    await expect(page.getByRole('option', { name: 'Foam' })).toBeVisible();
    await page.keyboard.type('Foa');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('region', { name: 'Foam layer' })).toBeVisible();
    await expect(page.getByRole('region', { name: 'Sun-up layer' })).toBeHidden();
    const before = [await place(page, 'regatta'), await place(page, 'crew'), await place(page, 'club')];
    await leaveField(page);
    await savedAfter(page, () => page.keyboard.press('ArrowRight'));
    const after = [await place(page, 'regatta'), await place(page, 'crew'), await place(page, 'club')];
    const moved = after.map(({ x }, at) => x - (before[at]?.x ?? 0));
    expect(moved[0]).toBeGreaterThan(1);
    expect(moved[1]).toBeCloseTo(moved[0] ?? 0, 1);
    expect(moved[2]).toBeCloseTo(0, 1);
});

test('a lasso takes what it is drawn round; the films of the whole design are swapped', async ({ page }) => {
    await goTo(page, 'regatta-hoodie');
    const [first, last] = [await place(page, 'regatta'), await place(page, 'crew')];
    await page.getByRole('button', { name: /^Lasso/ }).click();
    const corners = [
        [first.x - 30, first.y + first.height * 0.6],
        [first.x + first.width + 30, first.y + first.height * 0.6],
        [last.x + last.width + 20, last.y + last.height + 15],
        [last.x - 20, last.y + last.height + 15],
    ] as const;
    await page.mouse.move(...corners[0]);
    await page.mouse.down();
    for (const corner of corners) {
        await page.mouse.move(...corner, { steps: 4 });
    }
    await page.mouse.up();
    const strip = page.getByRole('toolbar', { name: 'Several cards' });
    await expect(strip).toContainText('2 chosen');
    await expect(page.getByRole('group', { name: 'Drawers' })).toBeHidden();

    await page.getByRole('button', { name: 'Swap films' }).click();
    await page.getByRole('button', { name: 'Film instead of Chalk' }).click();
    await page.getByRole('option', { name: 'Buoy' }).click();
    // The outline was in Buoy, and is in Chalk now.
    await expect(page.locator('[data-line=club]').first()).toHaveAttribute('fill', /^#F4EFE/i);
    await expect(page.locator('[data-line=crew]')).toHaveAttribute('fill', /^#E2703A/i);
});

test('a right click offers what fits; distances show while moving; a drag takes what lies under the pointer', async ({
    page,
}) => {
    await goTo(page, 'regatta-hoodie');
    const crew = await place(page, 'crew');
    await page.mouse.click(crew.x + crew.width / 2, crew.y + crew.height / 2, { button: 'right' });
    await page.getByRole('menuitem', { name: 'Edit the words' }).click();
    await page.getByLabel('Words on the stage').fill('WINTER CREW');
    await page.keyboard.press('Escape');
    await expect(page.getByLabel('Words', { exact: true }).nth(2)).toHaveValue('WINTER CREW');

    // TERN POINT is chosen; what is dragged is Regatta.
    await page.getByLabel('Words', { exact: true }).first().click();
    const before = [await place(page, 'regatta'), await place(page, 'club')];
    const { x, y, width, height } = before[0] ?? crew;
    await page.mouse.move(x + width * 0.2, y + height * 0.55);
    await page.mouse.down();
    await page.keyboard.down('Alt');
    await page.mouse.move(x + width * 0.2 + 25, y + height * 0.55 + 12, { steps: 4 });
    await expect(page.locator('[data-part=distances]')).toContainText('the middle');
    await savedAfter(page, () => page.mouse.up());
    await page.keyboard.up('Alt');
    expect((await place(page, 'regatta')).x).toBeGreaterThan(x + 20);
    expect((await place(page, 'club')).x).toBeCloseTo(before[1]?.x ?? 0, 0);
    await expect(
        page.getByRole('region', { name: 'Line: Regatta' }).getByRole('group', { name: 'Drawers' }),
    ).toBeVisible();
});

test('cards are dragged to another place by their grips', async ({ page }) => {
    await goTo(page, 'regatta-hoodie');
    const grip = page.getByRole('button', { name: /^Place of SUMMER CREW/ });
    await expect(grip).toHaveAttribute('aria-describedby', /./);
    const [from, to] = [
        await grip.boundingBox(),
        await page.getByLabel('Words', { exact: true }).first().boundingBox(),
    ];
    await page.mouse.move((from?.x ?? 0) + 6, (from?.y ?? 0) + 15);
    await page.mouse.down();
    await page.mouse.move((from?.x ?? 0) + 6, (from?.y ?? 0) - 20, { steps: 5 });
    await page.mouse.move((from?.x ?? 0) + 6, (to?.y ?? 0) + 8, { steps: 8 });
    await savedAfter(page, () => page.mouse.up());
    await expect(page.getByLabel('Words', { exact: true }).first()).toHaveValue('SUMMER CREW');
});

test('an SVG file becomes a motif, a design file is opened, and what can’t be used is said', async ({ page }) => {
    await page.goto('/jobs/crew-shirts');
    const started = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Download' }).first().click();
    const file = await (await started).path();
    await goTo(page, 'launch-cap');
    await expect(page.getByLabel('Words', { exact: true })).toBeVisible();
    const drop = async (name: string, content: Buffer) => {
        const data = await page.evaluateHandle(
            ({ name, bytes }) => {
                const transfer = new DataTransfer();
                transfer.items.add(new File([Uint8Array.from(bytes)], name));
                return transfer;
            },
            { name, bytes: [...content] },
        );
        await page.dispatchEvent('body', 'dragover', { dataTransfer: data });
        await expect(page.getByText('Drop an SVG file, a font or a design file')).toBeVisible();
        await page.dispatchEvent('body', 'drop', { dataTransfer: data });
    };
    await drop('crossed-oars.svg', readFileSync('demo/artwork/crossed-oars.svg'));
    await expect(page.getByRole('region', { name: 'Motif: crossed-oars' })).toBeVisible();
    await drop('order.pdf', Buffer.from('%PDF'));
    await expect(page.getByRole('alert')).toContainText('Drop an SVG file for a motif, a font');
    await drop('shirt.zip', readFileSync(file));
    await expect(page.getByLabel('Name of the design')).not.toHaveValue('Launch cap');
    await expect(page.getByLabel('Words', { exact: true }).first()).not.toHaveValue('Safety launch');
});
