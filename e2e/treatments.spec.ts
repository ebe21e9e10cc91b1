import { open, snags, withCard } from './support/bench';
import { expect, test, type Page } from './support/shop';

const saved = (page: Page) =>
    page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());

/** A design with nothing on it. */
async function empty(page: Page) {
    await page.goto('/designs/kit-bag-ottilie');
    await withCard(page, 'Remove');
    await expect(page.getByText('Nothing is on the blank yet')).toBeVisible();
}

/** Counts what is done by hand: a click or a typed word each. */
function counting() {
    let actions = 0;
    return {
        did: async (action: Promise<unknown>) => {
            actions += 1;
            await action;
        },
        count: () => actions,
    };
}

/** How long a card's outline is written, wherever the card lies. */
async function area(page: Page, card: string) {
    const path = await page.locator(`[data-line=${card}]`).first().getAttribute('d');
    return path?.replace(/M-?\d+ ?-?\d+/g, 'M').length ?? 0;
}

test('a knock-out of two lines takes at most eight actions, and stays live text', async ({ page }) => {
    await empty(page);
    const hand = counting();
    await hand.did(page.getByRole('button', { name: 'Add a line' }).click());
    await hand.did(page.getByLabel('Words', { exact: true }).fill('HARBOUR'));
    await hand.did(page.getByRole('button', { name: 'Add a line' }).click());
    await hand.did(
        page
            .getByRole('region', { name: /without words/ })
            .getByLabel('Words', { exact: true })
            .fill('race'),
    );
    await expect(page.locator('[data-line=line-2]')).toHaveCount(1);
    await expect(page.getByText(/^All saved/)).toBeVisible();
    const before = await area(page, 'line-1');
    await hand.did(open(page, 'Inset'));
    await hand.did(page.getByRole('button', { name: 'Set into' }).click());
    const done = saved(page);
    await hand.did(page.getByRole('option', { name: 'HARBOUR' }).click());
    await done;
    expect(hand.count()).toBeLessThanOrEqual(8);
    await expect(async () => expect(await area(page, 'line-1')).not.toBe(before)).toPass();
    await expect(page.getByRole('textbox', { name: 'Clearance' })).toHaveValue('1.0');

    // More room, and other words: all of it is worked out again.
    const knocked = await area(page, 'line-1');
    await page.getByRole('textbox', { name: 'Clearance' }).fill('2.5');
    await page.getByRole('textbox', { name: 'Clearance' }).press('Enter');
    await expect(async () => expect(await area(page, 'line-1')).not.toBe(knocked)).toPass();
    await page.getByRole('button', { name: 'Remove the inset' }).click();
    await expect(async () => expect(await area(page, 'line-1')).toBe(before)).toPass();
});

test('a name is cut out of a shield in at most seven actions, and its islands hang on bridges', async ({ page }) => {
    await empty(page);
    const hand = counting();
    await hand.did(page.getByRole('button', { name: 'Add a form' }).click());
    await hand.did(page.getByRole('menuitem', { name: 'Shield' }).click());
    await hand.did(page.getByRole('button', { name: 'Add a line' }).click());
    await hand.did(page.getByLabel('Words', { exact: true }).fill('oboe'));
    await expect(page.locator('[data-line=line-1]')).toHaveCount(1);
    const whole = await area(page, 'form-1');
    await hand.did(open(page, 'Inset'));
    await hand.did(page.getByRole('button', { name: 'Cut from' }).click());
    await hand.did(page.getByRole('option', { name: 'Shield' }).click());
    expect(hand.count()).toBeLessThanOrEqual(7);
    await expect(async () => expect(await area(page, 'form-1')).toBeGreaterThan(whole + 100)).toPass();
    const snag = (await snags(page)).getByText(/pieces? (is|are) loose/);
    await expect(snag).toBeVisible();
    // What a cure comes to is seen before it is taken.
    const shield1 = () => page.locator('[data-line=form-1]').first().getAttribute('d');
    const loose = await shield1();
    const cure = page.getByRole('region', { name: 'Snags' }).getByRole('button', { name: 'Add bridges', exact: true });
    await cure.hover();
    await expect(async () => expect(await shield1()).not.toBe(loose)).toPass();
    await page.mouse.move(640, 90);
    await expect(async () => expect(await shield1()).toBe(loose)).toPass();
    await cure.click();
    await expect(snag).toBeHidden();

    // It is moved freely, though it has no ink of its own.
    const bridged = await page.locator('[data-line=form-1]').first().getAttribute('d');
    const shield = await page.locator('[data-line=form-1]').first().boundingBox();
    const middle = { x: (shield?.x ?? 0) + (shield?.width ?? 0) / 2, y: (shield?.y ?? 0) + (shield?.height ?? 0) / 2 };
    await page.mouse.move(middle.x, middle.y);
    await page.mouse.down();
    await page.mouse.move(middle.x, middle.y - 25, { steps: 4 });
    await page.mouse.up();
    await expect(async () =>
        expect(await page.locator('[data-line=form-1]').first().getAttribute('d')).not.toBe(bridged),
    ).toPass();
    expect((await page.locator('[data-line=form-1]').first().boundingBox())?.y).toBeCloseTo(shield?.y ?? 0, 0);
});

test('outlines, shadows and motifs; what was tidied is listed and can be kept', async ({ page }) => {
    await page.goto('/designs/kit-bag-ottilie');
    await open(page, 'Outlines');
    await page.getByRole('button', { name: '+ Outline' }).click();
    await expect(page.locator('[data-line=name]')).toHaveCount(2);
    await page.getByLabel('Width of outline 1').fill('4');
    await page.getByLabel('Width of outline 1').press('Enter');
    await page.getByRole('button', { name: '+ Shadow' }).click();
    await expect(page.locator('[data-line=name]')).toHaveCount(3);
    await page.getByRole('button', { name: /\d tidied/ }).click();
    const list = page.getByRole('region', { name: 'Tidied away' });
    await expect(page.locator('[data-part=tidied]').first()).toBeVisible();
    const rim = () =>
        page.locator('[data-line=name]').evaluateAll((paths) => paths.map((path) => path.getAttribute('d')).join());
    const after = await rim();
    await list.getByText('before', { exact: true }).click();
    expect(await rim()).not.toBe(after);
    await list.getByText('after', { exact: true }).click();
    expect(await rim()).toBe(after);
    await list.getByRole('button', { name: 'Keep' }).first().click();
    await expect(list.getByText(/· kept/)).toBeVisible();

    await page.getByLabel('SVG file of the motif').setInputFiles('demo/artwork/crossed-oars.svg');
    const motif = page.getByRole('region', { name: 'Motif: crossed-oars' });
    await open(page, 'Colours');
    await expect(motif.getByLabel('Film for #f2c14e')).toContainText('Sun-up');
    await expect(page.locator('[data-line=motif-1]')).toHaveCount(2);
    await page.getByLabel('SVG file of the motif').setInputFiles({
        name: 'broken.svg',
        mimeType: 'image/svg+xml',
        buffer: Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><image href="https://far.away/x.png"/></svg>'),
    });
    await expect(page.getByRole('alert')).toContainText('no shape that could be cut');
});
