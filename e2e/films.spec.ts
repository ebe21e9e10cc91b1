import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { more, open } from './support/bench';
import { expect, test } from './support/shop';

const saved = (page: Page) =>
    page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());

const films = (page: Page) => page.getByRole('region', { name: 'Films', exact: true });

/** The films in press order, the top one first. */
async function names(page: Page) {
    const cards = await films(page)
        .getByRole('region', { name: /layer$/ })
        .all();
    return Promise.all(cards.map(async (card) => (await card.getAttribute('aria-label'))?.replace(' layer', '')));
}

const layer = (page: Page, film: string) =>
    films(page)
        .getByRole('region', { name: `${film} layer` })
        .locator('[data-part=lettering]')
        .getAttribute('d');

/** Opens the card of a film, if it is closed. */
async function details(page: Page, film: string) {
    const card = films(page).getByRole('button', { name: `${film}: details` });
    if ((await card.getAttribute('aria-expanded')) === 'false') {
        await card.click();
    }
}

/** The rings of a downloaded blade side, and its marks, in mm. */
async function download(page: Page, film: string) {
    await details(page, film);
    const [file] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: `Download the blade side of ${film}` }).click(),
    ]);
    const svg = readFileSync(await file.path(), 'utf8');
    const group = (id: string) => svg.match(new RegExp(`<g id="${id}"[^]*?</g>`))?.[0] ?? '';
    const box = svg.match(/<path id="weeding-box"[^>]* d="([^"]*)"/)?.[1] ?? '';
    return { lettering: group('lettering'), marks: group('marks'), box };
}

test('a trap is set between two films, and the slip test says what it is good for', async ({ page }) => {
    await page.goto('/designs/regatta-shirt');
    await expect(async () => expect(await names(page)).toEqual(['Sun-up', 'Chalk', 'Buoy', 'Harbour ink'])).toPass();
    const joint = films(page).getByRole('group', { name: 'Chalk on Buoy' });
    await expect(joint.getByText('safe to 1.0')).toBeVisible();
    const before = await layer(page, 'Buoy');

    // A slip of 0.8 mm does nothing with a trap of 1 mm; with one of half that the blank shows.
    await films(page).getByRole('button', { name: 'Slip test' }).click();
    const test = page.getByRole('region', { name: 'Slip test' });
    await test.getByLabel('Slip distance').fill('0.8');
    await test.getByLabel('Slip distance').press('Enter');
    await test.getByRole('button', { name: 'Slipping film' }).click();
    await page.getByRole('option', { name: 'Chalk' }).click();
    await expect(test.getByText('Nothing shows that should be covered.')).toBeVisible();
    const done = saved(page);
    await joint.getByRole('textbox', { name: 'Trap between Chalk and Buoy' }).fill('0.5');
    await joint.getByRole('textbox', { name: 'Trap between Chalk and Buoy' }).press('Enter');
    await done;
    await expect(joint.getByText('safe to 0.5')).toBeVisible();
    expect(await layer(page, 'Buoy')).not.toBe(before);
    await expect(test.getByText(/The blank shows in [\d.]+ mm²/)).toBeVisible();
    await expect(test.getByText('At most 0.3 mm wide')).toBeVisible();
    await expect(page.locator('[data-part=bare]')).not.toHaveAttribute('d', '');

    // What it needs is one click away.
    await test.getByRole('button', { name: 'Set the trap to 0.8 mm' }).click();
    await expect(joint.getByText('safe to 0.8')).toBeVisible();
    await expect(test.getByText('The blank shows')).toBeHidden();

    // Laid over, nothing of the lower film is punched out.
    await joint.getByRole('button', { name: 'How Chalk meets Buoy' }).click();
    await page.getByRole('option', { name: 'lay over' }).click();
    await expect(
        films(page)
            .getByRole('region', { name: 'Buoy layer' })
            .getByText(/· \d to weed/),
    ).toBeVisible();
});

test('films are reordered, looked at one by one, and registered by marks', async ({ page }) => {
    await page.goto('/designs/regatta-shirt');
    const wear = page.locator('[data-line]');
    await expect(wear.first()).toBeVisible();

    // Pressed up to the outline: two layers; only the lettering: one.
    await details(page, 'Buoy');
    await page.getByRole('button', { name: 'Show as pressed up to Buoy' }).click();
    await expect(page.locator('[data-layer]')).toHaveCount(2);
    await details(page, 'Chalk');
    await page.getByRole('button', { name: 'Show only Chalk' }).click();
    await expect(page.locator('[data-layer]')).toHaveCount(1);
    await page.getByRole('button', { name: 'Show only Chalk' }).click();
    await expect(page.locator('[data-layer]')).toHaveCount(0);
    await films(page).getByRole('button', { name: 'Thickness' }).click();
    await expect(
        page
            .getByRole('region', { name: 'Thickness' })
            .getByText('0.27 mm')
            .or(page.getByRole('region', { name: 'Thickness' }).getByText('0.18 mm'))
            .first(),
    ).toBeVisible();

    // By keys: the outline is pressed after the lettering, and is cut so that it still shows round it.
    const grip = page.getByRole('button', { name: /^Place of Buoy in the press order/ });
    await grip.focus();
    await page.keyboard.press('ArrowUp');
    await expect(async () => expect(await names(page)).toEqual(['Sun-up', 'Buoy', 'Chalk', 'Harbour ink'])).toPass();
    await expect(films(page).getByRole('group', { name: 'Buoy on Chalk' })).toBeVisible();
    await expect(page.getByText(/All saved/)).toBeVisible();

    // All cut files have the same marks at the same place.
    const [chalk, buoy] = [await download(page, 'Chalk'), await download(page, 'Buoy')];
    expect(chalk.marks).toContain('<path');
    expect(chalk.marks).toBe(buoy.marks);
    expect(chalk.box).toBe(buoy.box);
    expect(chalk.lettering).not.toBe(buoy.lettering);
    await page.getByRole('radio', { name: 'pins' }).click();
    await expect(page.getByText(/All saved/)).toBeVisible();
    const pins = await download(page, 'Sun-up');
    expect(pins.marks.match(/<path/g)).toHaveLength(3);
    expect(pins.marks).not.toBe(chalk.marks);
});

test('a film that takes nothing on top is pressed last, and the page says why', async ({ page }) => {
    await page.goto('/designs/regatta-shirt');
    await open(page, 'Outlines');
    await page.getByRole('button', { name: 'Film of outline 1' }).click();
    await page.getByRole('option', { name: 'Spray glitter' }).click();
    await expect(films(page).getByText(/Spray glitter can’t be layered over, so it is pressed after/)).toBeVisible();
    await expect(films(page).getByText(/Chalk runs on beneath it instead/)).toBeVisible();
    const order = await names(page);
    expect(order.indexOf('Spray glitter')).toBeLessThan(order.indexOf('Chalk'));
    // The stage shows its finish.
    await expect(page.locator('[data-line=club][fill="url(#finish-spray)"]')).toHaveCount(1);
});

test('the cheaper variant is one click away, and letters take turns in two films', async ({ page }) => {
    await page.goto('/');
    await expect(page.getByText('40 pieces · 4 films')).toBeVisible();
    await page.goto('/designs/regatta-shirt');
    await films(page).getByRole('button', { name: 'Fewer films' }).click();
    const two = page
        .getByRole('dialog')
        .getByRole('listitem')
        .filter({ hasText: 'Without the outline in Buoy; without the shadow in Harbour ink' });
    await expect(two).toContainText('−2');
    await two.getByRole('button', { name: 'Save as a design' }).click();
    await expect(page.getByLabel('Name of the design')).toHaveValue('Regatta shirt, back, 2 films');
    await expect(async () => expect(await names(page)).toEqual(['Sun-up', 'Chalk'])).toPass();

    await open(page, 'Letters');
    await more(page);
    await page.getByRole('button', { name: 'Film of every other letter' }).click();
    await page.getByRole('option', { name: 'Sun-up' }).click();
    await expect(page.locator('[data-line=club]')).toHaveCount(2);
});

test('the film rack: a film is changed, added and taken off again', async ({ page }) => {
    await page.goto('/film-rack');
    await page.getByRole('button', { name: /^Moss flock/ }).click();
    const editor = page.getByRole('region', { name: 'Moss flock' });
    await expect(editor.getByText('as flock: no')).toBeVisible();
    await editor.getByLabel('Temperature in degrees Celsius').fill('165');
    await editor.getByLabel('Temperature in degrees Celsius').press('Enter');
    await page.reload();
    await page.getByRole('button', { name: /^Moss flock/ }).click();
    await expect(editor.getByLabel('Temperature in degrees Celsius')).toHaveValue('165');
    await page.getByRole('button', { name: 'Add a film' }).click();
    const added = page.getByRole('region', { name: 'New film 1' });
    await added.getByLabel('Name').fill('Regatta red');
    await added.getByLabel('Name').press('Enter');
    await expect(page.getByRole('button', { name: /^Regatta red/ })).toBeVisible();
    await page.getByRole('button', { name: 'Remove from the rack' }).click();
    await expect(page.getByRole('button', { name: /^Regatta red/ })).toBeHidden();
    // New designs start with the shop's usual trap.
    await page.getByLabel('Trap in new designs').fill('0.7');
    await page.getByLabel('Trap in new designs').press('Enter');
    await expect(page.getByLabel('Trap in new designs')).toHaveValue('0.7');
    await page.reload();
    await expect(page.getByLabel('Trap in new designs')).toHaveValue('0.7');
});
