import type { Locator } from '@playwright/test';
import { open, withCard } from './support/bench';
import { expect, test, type Page } from './support/shop';

/** A design with nothing on it, and a hand that counts what it does: a click, a drag or a typed word each. */
async function begin(page: Page, design = 'kit-bag-ottilie') {
    await page.goto(`/designs/${design}`);
    await withCard(page, 'Remove');
    await expect(page.getByText('Nothing is on the blank yet')).toBeVisible();
    let actions = 0;
    const did = async (action: Promise<unknown>) => {
        actions += 1;
        await action;
    };
    const button = (name: string, of: Locator | Page = page) => of.getByRole('button', { name, exact: true });
    return {
        count: () => actions,
        did,
        click: (target: Locator) => did(target.click()),
        press: (name: string) => did(button(name).first().click()),
        pick: (name: string | RegExp) => did(page.getByRole('option', { name }).click()),
        film: async (card: string, name: string) => {
            const choice = page.getByRole('region', { name: card }).getByRole('button', { name: 'Film', exact: true });
            await did(choice.click());
            await did(page.getByRole('option', { name }).click());
        },
        drawer: (name: string) => did(open(page, name)),
        form: async (name: string) => {
            await did(button('Add a form').click());
            await did(page.getByRole('menuitem', { name, exact: true }).click());
        },
        line: async (words: string, add = 'Add a line') => {
            await did(button(add).click());
            await did(
                page
                    .getByRole('region', { name: /without words/ })
                    .getByLabel('Words', { exact: true })
                    .fill(words),
            );
            await expect(page.getByRole('region', { name: `Line: ${words.replaceAll('\n', ' / ')}` })).toBeVisible();
        },
        type: async (field: string, value: string) => {
            const box = page.getByRole('textbox', { name: field }).first();
            await did(box.fill(value));
            await box.press('Enter');
        },
        /** A card dragged by screen pixels. */
        drag: (card: string, dx: number, dy: number) => did(dragged(page, card, (x, y) => [x + dx, y + dy])),
        /** A card dragged by its middle onto another one, so many of that one's widths and heights beside its middle. */
        dragTo: async (card: string, other: string, across: number, down: number) => {
            const to = await boxOf(page, other);
            const [x, y] = [to.x + (0.5 + across) * to.width, to.y + (0.5 + down) * to.height];
            await did(dragged(page, card, () => [x, y]));
        },
    };
}

async function boxOf(page: Page, card: string) {
    const box = await page.locator(`[data-line=${card}]`).first().boundingBox();
    expect(box, card).not.toBeNull();
    return box ?? { x: 0, y: 0, width: 0, height: 0 };
}

/** Takes a card by a point of its box, and lets it go elsewhere. */
async function dragged(
    page: Page,
    card: string,
    to: (x: number, y: number) => [number, number],
    [across, down] = [0.5, 0.5],
) {
    await expect(page.getByText(/^All saved/)).toBeVisible();
    const box = await boxOf(page, card);
    const [x, y] = [box.x + across * box.width, box.y + down * box.height];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(...to(x, y), { steps: 6 });
    await page.mouse.up();
}

interface Frame {
    left: number;
    top: number;
    width: number;
    height: number;
}

interface Measured {
    document: { lines: { id: string }[]; forms: { id: string }[] };
    sheet: {
        parts: { card: string; also: boolean; film: string; role: string; path: string; ink: Frame | null }[];
        layers: { film: string; pieces: number; toWeed: number }[];
        snags: { kind: string; message: string; blocks: boolean }[];
        ink: { width: number; height: number };
    };
}

/** The design as the server has it, once all is saved. */
async function planned(page: Page): Promise<Measured> {
    await expect(page.getByText(/^All saved/)).toBeVisible();
    const id = page.url().split('/').pop();
    return (await (await page.request.get(`/api/designs/${id}`)).json()) as Measured;
}

const layers = ({ sheet }: Measured) => Object.fromEntries(sheet.layers.map(({ film, pieces }) => [film, pieces]));
const blocking = ({ sheet }: Measured) => sheet.snags.filter(({ blocks }) => blocks).map(({ message }) => message);
const ink = ({ sheet }: Measured, card: string) =>
    sheet.parts.find((part) => part.card === card && part.role === 'base')?.ink ?? {
        left: 0,
        top: 0,
        width: 0,
        height: 0,
    };

/** How many rings a card's main part has. */
const rings = ({ sheet }: Measured, card: string) =>
    sheet.parts.find((part) => part.card === card)?.path.match(/M/g)?.length ?? 0;

const segment = (page: Page, group: string, name: string) =>
    page.getByRole('radiogroup', { name: group, exact: true }).getByText(name, { exact: true });

test('a cut-out name on copied stars, in nine actions', async ({ page }) => {
    const hand = await begin(page);
    await hand.form('Star');
    await hand.drawer('Copies');
    await hand.click(segment(page, 'Copies', 'grid'));
    await hand.line('TERN');
    await hand.drawer('Inset');
    await hand.press('Cut from');
    await hand.pick('Star');
    expect(hand.count()).toBeLessThanOrEqual(9);
    // The name leaves its shape in either star, and is in no film itself.
    await expect(async () => {
        const made = await planned(page);
        expect(rings(made, 'form-1')).toBeGreaterThan(2);
        expect(rings(made, 'form-1') % 2).toBe(0);
        expect(Object.keys(layers(made))).toHaveLength(1);
        expect(blocking(made)).toEqual([]);
    }).toPass();
    // It goes with the star, and its copies with the star's.
    const before = await planned(page);
    await hand.did(dragged(page, 'form-1', (x, y) => [x, y + 40], [0.122, 0.9]));
    await expect(async () => {
        const after = await planned(page);
        expect(ink(after, 'form-1').top - ink(before, 'form-1').top).toBeGreaterThan(10_000);
        expect(rings(after, 'form-1')).toBe(rings(before, 'form-1'));
    }).toPass();
});

test('a word 10 by 3 in with two rows of names knocked out, and re-typed, in thirteen actions', async ({ page }) => {
    const hand = await begin(page);
    await hand.click(page.getByText('in', { exact: true }).first());
    await hand.line('TERN');
    await hand.type('Ink width', '10');
    await hand.press('Keep the proportions');
    await hand.type('Ink height', '3');
    await hand.line('Ann · Bo · Cy\nDot · Eve · Flo');
    await hand.drawer('Inset');
    await hand.press('Set into');
    await hand.pick('TERN');
    await hand.did(page.getByRole('textbox', { name: 'Words' }).first().fill('POINT'));
    expect(hand.count()).toBeLessThanOrEqual(13);
    await expect(async () => {
        const made = await planned(page);
        expect(ink(made, 'line-1')).toMatchObject({ width: 254_000, height: 76_200 });
        expect(rings(made, 'line-1')).toBeGreaterThan(8);
        const [word, names] = [ink(made, 'line-1'), ink(made, 'line-2')];
        expect(Math.abs(word.left + word.width / 2 - names.left - names.width / 2)).toBeLessThan(10);
    }).toPass();
});

test('a two-line phrase with an inset over the seam, in ten actions', async ({ page }) => {
    const hand = await begin(page);
    await hand.line('ROWING');
    await hand.line('HARBOUR');
    await hand.line('crew');
    const start = await planned(page);
    const [first, last] = [ink(start, 'line-1'), ink(start, 'line-3')];
    // By its height over both lines: from below them to where they meet.
    await hand.dragTo('line-3', 'line-2', 0, -0.5);
    await hand.drawer('Inset');
    await hand.press('all it lies on');
    expect(hand.count()).toBeLessThanOrEqual(10);
    await expect(async () => {
        const made = await planned(page);
        expect(ink(made, 'line-3').top).toBeLessThan(last.top);
        expect(first.width).toBe(ink(made, 'line-1').width);
        for (const line of ['line-1', 'line-2']) {
            expect(rings(made, line), line).not.toBe(rings(start, line));
        }
    }).toPass();
});

test('a cheer round a ball with two-coloured dots, in eleven actions', async ({ page }) => {
    const hand = await begin(page);
    await hand.form('Circle');
    await hand.line('ROW ON, TERN POINT', 'Line round it');
    await hand.form('Circle');
    await hand.type('Width of the form', '6');
    await hand.drawer('Copies');
    await hand.click(segment(page, 'Copies', 'ring'));
    await hand.press('Film of every second copy');
    await hand.pick('Sun-up');
    expect(hand.count()).toBeLessThanOrEqual(11);
    await expect(async () => {
        const made = await planned(page);
        const dots = made.sheet.parts.filter(({ card, role }) => card === 'form-2' && role === 'base');
        expect(dots.map(({ path }) => path.match(/M/g)?.length)).toEqual([3, 3]);
        expect(new Set(dots.map(({ film }) => film)).size).toBe(2);
        // They lie on the ball, around its middle.
        const [ball, dot] = [ink(made, 'form-1'), ink(made, 'form-2')];
        expect(dot.top).toBeGreaterThan(ball.top);
        expect(dot.top - ball.top).toBeLessThan(ball.height / 8);
        expect(Math.abs(dot.left + dot.width / 2 - ball.left - ball.width / 2)).toBeLessThan(10);
        expect(blocking(made)).toEqual([]);
    }).toPass();
});

test('an arched word with a script across and one backing, in thirteen actions', async ({ page }) => {
    const hand = await begin(page);
    await hand.line('HARBOUR');
    await hand.drawer('Bend');
    await hand.press('Both edges');
    await hand.pick('arched');
    await hand.line('regatta');
    await hand.dragTo('line-2', 'line-1', 0, 0.1);
    await hand.drawer('Outlines');
    await hand.press('+ Outline');
    await hand.click(segment(page, 'What outline 1 goes around', 'all'));
    await hand.film('Line: regatta', 'Sun-up');
    expect(hand.count()).toBeLessThanOrEqual(13);
    // The script lies on the word, and the backing goes round both.
    await expect(async () => {
        const made = await planned(page);
        expect(blocking(made)).toEqual([]);
        expect(Object.keys(layers(made))).toHaveLength(3);
        const [word, script] = [ink(made, 'line-1'), ink(made, 'line-2')];
        const backing = made.sheet.parts.find(({ role }) => role === 'outline')?.ink;
        expect(backing?.left).toBeCloseTo(Math.min(word.left, script.left) - 2000, -2);
        expect(backing?.top).toBeCloseTo(Math.min(word.top, script.top) - 2000, -2);
        expect(script.top).toBeLessThan(word.top + word.height);
    }).toPass();
});

test('words above and below a ring and a date in it, in ten actions', async ({ page }) => {
    const hand = await begin(page);
    await hand.form('Ring');
    await hand.line('TERN POINT', 'Line round it');
    await hand.click(page.getByRole('region', { name: 'Form: Ring' }));
    await hand.line('ROWING CLUB', 'Line round it');
    await hand.click(page.getByRole('region', { name: 'Form: Ring' }));
    await hand.line('1924');
    expect(hand.count()).toBeLessThanOrEqual(10);
    await expect(async () => {
        const made = await planned(page);
        const ring = ink(made, 'form-1');
        const [above, below, date] = ['line-1', 'line-2', 'line-3'].map((line) => ink(made, line)) as [
            Frame,
            Frame,
            Frame,
        ];
        const middle = ring.top + ring.height / 2;
        expect(above.top).toBeLessThan(ring.top);
        expect(above.top + above.height).toBeLessThan(middle + 5000);
        expect(below.top).toBeGreaterThan(middle - 5000);
        expect(below.top + below.height).toBeGreaterThan(ring.top + ring.height);
        // The date's corners stay clear of the ring, whose band is a tenth of it broad.
        expect(Math.hypot(date.width, date.height)).toBeLessThan(0.8 * ring.width + 4000);
        expect(date.width).toBeGreaterThan(0.5 * ring.width);
        expect(blocking(made)).toEqual([]);
    }).toPass();
});

test('a letter split by a band with a word in it, in twelve actions', async ({ page }) => {
    const hand = await begin(page);
    await hand.line('R');
    await hand.form('Rectangle');
    await hand.press('Keep the proportions');
    await hand.type('Width of the form', '250');
    await hand.type('Height of the form', '30');
    await hand.drawer('Inset');
    await hand.press('Cut from');
    await hand.pick('R');
    await hand.line('REGATTA');
    expect(hand.count()).toBeLessThanOrEqual(12);
    await expect(async () => {
        const made = await planned(page);
        const [letter, word] = [ink(made, 'line-1'), ink(made, 'line-2')];
        expect(Object.keys(layers(made))).toHaveLength(1);
        expect(blocking(made)).toEqual([]);
        // The band is no ink, and the word fits into it.
        expect(made.sheet.ink.height).toBe(letter.height);
        expect(word.height).toBeLessThan(30_000);
        expect(word.height).toBeGreaterThan(24_000);
    }).toPass();
});

test('a banner word with an outline, in eight actions', async ({ page }) => {
    const hand = await begin(page);
    await hand.form('Ribbon');
    await hand.line('REGATTA');
    await hand.drawer('Outlines');
    await hand.press('+ Outline');
    expect(hand.count()).toBeLessThanOrEqual(8);
    const made = await planned(page);
    const [ribbon, word] = [ink(made, 'form-1'), ink(made, 'line-1')];
    expect(word.width).toBeLessThan(ribbon.width);
    expect(word.height).toBeLessThan(ribbon.height);
    expect(Math.max(word.width / ribbon.width, word.height / ribbon.height)).toBeGreaterThan(0.7);
    // Ribbon, word and outline are all seen.
    expect(Object.keys(layers(made)).length).toBeGreaterThanOrEqual(2);
    expect(made.sheet.snags.filter(({ kind }) => kind === 'hidden by another film')).toEqual([]);
});

test('ring, label and word in two films, in nine actions', async ({ page }) => {
    const hand = await begin(page);
    await hand.form('Ring');
    await hand.form('Label');
    await hand.film('Form: Label', 'Sun-up');
    await hand.line('CREW');
    // Its film shows on the label by itself.
    expect(hand.count()).toBeLessThanOrEqual(9);
    // The label lies on the ring, and the word, which is of the ring's film, on the label.
    await expect(async () => {
        const made = await planned(page);
        expect(Object.keys(layers(made)).sort()).toEqual(['ink', 'sunup']);
        expect(blocking(made)).toEqual([]);
        expect(layers(made).ink).toBeGreaterThan(4);
    }).toPass();
});

test('art with a piece moved and a word inset, in eleven actions', async ({ page }) => {
    const hand = await begin(page);
    const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 60"><path fill="#22243a" d="M0 0h60v60H0z"/><path fill="#e2703a" d="M70 10h20v40H70z"/></svg>`;
    await hand.did(
        page.locator('input[type=file][accept*=svg]').setInputFiles({
            name: 'boathouse.svg',
            mimeType: 'image/svg+xml',
            buffer: Buffer.from(svg),
        }),
    );
    await expect(page.getByRole('region', { name: /boathouse/ })).toBeVisible();
    await hand.drawer('Colours');
    const before = await planned(page);
    const blade = page.locator('[data-piece^="1 "]');
    await expect(blade).toHaveCount(1);
    const box = (await blade.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
    await hand.did(
        (async () => {
            await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
            await page.mouse.down();
            await page.mouse.move(box.x + box.width / 2 + 30, box.y + box.height / 2 - 20, { steps: 5 });
            await page.mouse.up();
        })(),
    );
    await hand.line('CLUB');
    await hand.drawer('Inset');
    await hand.press('Set into');
    await hand.pick('boathouse');
    expect(hand.count()).toBeLessThanOrEqual(11);
    await expect(async () => {
        const made = await planned(page);
        const of = ({ sheet }: Measured, film: string) =>
            sheet.parts.find((part) => part.card === 'motif-1' && part.film === film)?.ink;
        const film = before.sheet.parts.find((part) => part.card === 'motif-1' && part.also)?.film ?? '';
        expect((of(made, film)?.left ?? 0) - (of(before, film)?.left ?? 0)).toBeGreaterThan(3000);
        const path = ({ sheet }: Measured) => sheet.parts.find(({ card }) => card === 'motif-1')?.path ?? '';
        expect(path(made).length).toBeGreaterThan(path(before).length + 100);
    }).toPass();
});
