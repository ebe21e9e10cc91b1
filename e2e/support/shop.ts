import { test as base } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('../..', import.meta.url));

/** Every test finds the demo shop as it is at first, whatever the tests before it did. */
export const test = base.extend<{ shop: null }>({
    shop: [
        async ({}, use) => {
            execFileSync('bin/console', ['uvret:demo', '--afresh', '--quiet'], {
                cwd: root,
                env: { ...process.env, UVRET_DATABASE: `${root}var/e2e.sqlite` },
            });
            await use(null);
        },
        { auto: true },
    ],
});
export { expect, type Page } from '@playwright/test';
