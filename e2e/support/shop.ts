import { expect, test as base, type Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('../..', import.meta.url));

/** Every test finds the demo shop as it is at first, whatever the tests before it did. */
export const test = base.extend<{ shop: null }>({
    shop: [
        async ({}, use) => {
            execFileSync('bin/console', ['uvret:demo', '--afresh', '--quiet'], {
                cwd: root,
                env: { ...process.env, UVRET_DATABASE: `${root}var/e2e-${process.env.UVRET_TEST_PORT}.sqlite` },
            });
            await use(null);
        },
        { auto: true },
    ],
});

/** Does what is saved, and waits until the server has it and the page says so. */
export async function savedAfter(page: Page, work: () => Promise<void>) {
    const done = page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());
    await work();
    await done;
    await expect(page.getByRole('status').filter({ hasText: 'All saved' })).toBeVisible();
}

/** One step back, and what comes of it. */
export async function undo(page: Page) {
    await expect(page.getByRole('button', { name: 'Keys', exact: true })).toBeEnabled();
    // In a field, what was typed there would go first.
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    const done = page.waitForResponse(/\/undo/);
    await page.keyboard.press('Control+z');
    await done;
    await expect(page.getByRole('status').filter({ hasText: 'All saved' })).toBeVisible();
}

export { expect, type Page } from '@playwright/test';
