import { readFileSync } from 'node:fs';
import { open, snags, withCard } from './support/bench';
import { expect, test, type Page } from './support/shop';
import { apart, areaOf, weldedArea, type Point } from './support/geos';
import { readSheet } from './support/svg';

async function download(page: Page, name: string): Promise<string> {
    const started = page.waitForEvent('download');
    await page.getByRole('link', { name }).click();
    return (await started).path();
}

/** How large the browser draws a sheet, and how much ink it finds there, in mm and mm². */
const drawnBy = (page: Page, svg: string) =>
    page.evaluate(async (svg) => {
        const image = new Image();
        image.src = `data:image/svg+xml,${encodeURIComponent(svg)}`;
        await image.decode();
        const SCALE = 12;
        const canvas = document.createElement('canvas');
        canvas.width = ((image.width * 25.4) / 96) * SCALE;
        canvas.height = ((image.height * 25.4) / 96) * SCALE;
        const brush = canvas.getContext('2d');
        brush?.scale(SCALE, SCALE);
        const sheet = new DOMParser().parseFromString(svg, 'image/svg+xml');
        for (const piece of sheet.querySelectorAll('#lettering path')) {
            brush?.fill(new Path2D(piece.getAttribute('d') ?? ''), 'evenodd');
        }
        const pixels = brush?.getImageData(0, 0, canvas.width, canvas.height).data ?? [];
        let ink = 0;
        for (let at = 3; at < pixels.length; at += 4) {
            ink += (pixels[at] ?? 0) / 255;
        }
        const box = document.body.appendChild(sheet.documentElement).getBoundingClientRect();
        return { width: (box.width * 25.4) / 96, height: (box.height * 25.4) / 96, area: ink / SCALE ** 2 };
    }, svg);

const saved = (page: Page) => expect(page.getByRole('status').filter({ hasText: 'All saved' })).toBeVisible();

test('a name is typed, welded, mirrored, saved and downloaded at true size', async ({ page }) => {
    await page.goto('/');
    await page
        .getByRole('link', { name: /Kit bags with names.*on the Bench/ })
        .first()
        .click();
    const layer = page.getByRole('img', { name: /blade side, mirrored/ }).locator('[data-part=lettering]');
    const before = await layer.getAttribute('d');

    await page.getByLabel('Words').fill('Henrik');
    await page.getByLabel('Ink width').fill('6 1/2"');
    await page.getByLabel('Ink width').press('Enter');
    const tape = page.getByRole('contentinfo', { name: 'Tape' });
    await expect(tape).toContainText('165.1 ×');
    await saved(page);
    expect(await layer.getAttribute('d')).not.toBe(before);
    await expect(page.getByRole('img', { name: /Kit tote in Canvas.*Henrik/ })).toBeVisible();

    // The blade side: the ink has the size on the tape, inside a box 6 mm off.
    const file = await download(page, 'Download the blade side');
    const blade = readSheet(file);
    const [, wide, high] = /Ink ([\d.]+) × ([\d.]+) mm/.exec((await tape.innerText()).replace(/\s+/g, ' ')) ?? [];
    expect(Math.abs(blade.box.right - blade.box.left - Number(wide))).toBeLessThan(0.051);
    expect(Math.abs(blade.box.bottom - blade.box.top - Number(high))).toBeLessThan(0.051);
    // Curves are within 10 µm of the ink.
    expect(Math.abs(blade.box.left - 6)).toBeLessThan(0.011);
    expect(Math.abs(blade.width - blade.box.right - 6)).toBeLessThan(0.011);
    expect(blade.viewBox).toBe(`0 0 ${blade.width} ${blade.height}`);

    // It is the mirror image of the wear side, and not that itself.
    const wear = readSheet(await download(page, 'Download the wear side'));
    const ink = areaOf(blade.pieces);
    const placed = (place: (x: number, y: number) => Point) =>
        blade.pieces.map((rings) => rings.map((ring) => ring.map(([x, y]) => place(x, y))));
    expect(
        apart(
            wear.pieces,
            placed((x, y) => [blade.box.right - x, y - blade.box.top]),
        ) / ink,
    ).toBeLessThan(0.002);
    expect(
        apart(
            wear.pieces,
            placed((x, y) => [x - blade.box.left, y - blade.box.top]),
        ) / ink,
    ).toBeGreaterThan(0.3);

    // Its area is that of a weld by GEOS of outlines that another reader took from the font.
    expect(Math.abs(ink / weldedArea('fonts/lobster.ttf', 'Henrik', 165.1) - 1)).toBeLessThan(0.001);

    // The browser, another reader of SVG, finds the same size and area in the curves themselves.
    const drawn = await drawnBy(page, readFileSync(file, 'utf8'));
    expect(Math.abs(drawn.width - blade.width)).toBeLessThan(0.05);
    expect(Math.abs(drawn.height - blade.height)).toBeLessThan(0.05);
    expect(Math.abs(drawn.area / ink - 1)).toBeLessThan(0.002);

    // It is still there when the page is opened anew.
    await page.reload();
    await expect(page.getByLabel('Words')).toHaveValue('Henrik');
    await expect(page.getByRole('contentinfo', { name: 'Tape' })).toContainText('165.1 ×');
});

test('the blank, a second line, the font and the film are chosen', async ({ page }) => {
    await page.goto('/designs/boatshed-pouch');
    await page.getByRole('button', { name: 'Change' }).click();
    await page.getByRole('button', { name: 'Size', exact: true }).click();
    await page.getByRole('option', { name: 'Small' }).click();
    await expect(page.getByRole('region', { name: 'Blank' })).toContainText('150 × 70 mm');

    await page.getByRole('button', { name: 'Add a line' }).click();
    await page.keyboard.type('Tools');
    await page.getByRole('button', { name: 'Font' }).click();
    await expect(page.getByRole('option', { name: /Tools.*Lobster/ })).toBeVisible();
    await page.getByRole('option', { name: /Sacramento/ }).click();
    const line = page.getByRole('region', { name: 'Line: Tools' });
    await line.getByRole('button', { name: 'Film' }).click();
    await page.getByRole('option', { name: 'Foam' }).click();
    await expect(page.getByRole('region', { name: 'Foam layer' })).toBeVisible();
    await expect(page.getByRole('region', { name: /layer$/ })).toHaveCount(2);
    await withCard(page, 'Duplicate');
    await expect(page.getByRole('region', { name: 'Line: Tools' })).toHaveCount(2);
    for (const left of [1, 0]) {
        await withCard(page, 'Remove');
        await expect(page.getByRole('region', { name: 'Line: Tools' })).toHaveCount(left);
        await page.getByLabel('Words').last().click();
    }
    await expect(page.getByRole('region', { name: 'Foam layer' })).toBeHidden();
    await saved(page);
});

test('what will go wrong is said before it is cut', async ({ page }) => {
    await page.goto('/designs/cox-shirt-chest');
    await page.getByLabel('Ink width').fill('12 cm');
    await page.getByLabel('Ink width').press('Enter');
    await expect(await snags(page)).toContainText('10.0 mm at the left');
    await page.getByRole('button', { name: 'Film' }).first().click();
    await page.getByRole('option', { name: 'Spray glitter' }).click();
    await open(page, 'Letters');
    await page.getByLabel('Cap height of the line').fill('13in');
    await page.getByLabel('Cap height of the line').press('Enter');
    await expect(page.getByRole('region', { name: 'Snags' })).toContainText('Spray glitter is 300.0 mm wide');
    await expect(page.getByRole('contentinfo', { name: 'Tape' })).toContainText('snags');

    await page.getByLabel('Ink height').fill('rather big');
    await page.getByLabel('Ink height').press('Enter');
    await expect(page.getByRole('alert')).toContainText('3 1/2"');
    await page.getByLabel('Ink height').press('Escape');
    await page.getByRole('button', { name: 'Fit to area' }).click();
    await expect(page.getByRole('contentinfo', { name: 'Tape' })).toContainText('Ink');
    await expect(page.getByRole('region', { name: 'Snags' })).not.toContainText('300.0 mm wide');
});
