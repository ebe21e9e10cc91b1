import { expect, type Page } from '@playwright/test';

/** Opens a design, and waits until its keys work. */
export async function goTo(page: Page, design: string) {
    await page.goto(`/designs/${design}`);
    await expect(page.getByRole('button', { name: 'Keys', exact: true })).toBeEnabled();
}

/** Leaves the field that is typed in, so that keys are for the Bench. */
export const leaveField = (page: Page) => page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());

/** Opens a drawer of the open card. */
export async function open(page: Page, drawer: string) {
    await page.getByRole('group', { name: 'Drawers' }).getByRole('button', { name: drawer }).click();
    await expect(page.getByRole('region', { name: `Drawer: ${drawer}` })).toBeVisible();
}

/** Shows what is rare in the open drawer. */
export const more = (page: Page) => page.getByRole('button', { name: 'More', exact: true }).click();

/** Does something with the open card as a whole. */
export async function withCard(page: Page, action: string) {
    await page.getByRole('button', { name: 'More for this card' }).click();
    await page.getByRole('menuitem', { name: action }).click();
}

/** The snags, opened to the list. */
export async function snags(page: Page) {
    const region = page.getByRole('region', { name: 'Snags' });
    await region.getByRole('button', { name: /to mend|to look at/ }).click();
    return region;
}

/** Where a card's ink is on the screen. */
export async function place(page: Page, card: string) {
    const box = await page.locator(`[data-line=${card}]`).first().boundingBox();
    expect(box).not.toBeNull();
    return box ?? { x: 0, y: 0, width: 0, height: 0 };
}
