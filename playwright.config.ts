import { defineConfig } from '@playwright/test';
import { execFileSync } from 'node:child_process';

/** A port that nothing listens on; workers, which read this file again, get the same by their environment. */
const port = (process.env.UVRET_TEST_PORT ??= execFileSync(process.execPath, [
    '-e',
    'const s = require("net").createServer().listen(0, "127.0.0.1", () => { console.log(s.address().port); s.close(); })',
])
    .toString()
    .trim());

/** Debian's Chromium drives the real interface, served from a shop of its own. */
export default defineConfig({
    testDir: 'e2e',
    fullyParallel: false,
    workers: 1,
    forbidOnly: true,
    timeout: 90_000,
    expect: { timeout: 15_000 },
    reporter: [['list']],
    use: {
        baseURL: `http://127.0.0.1:${port}`,
        viewport: { width: 1280, height: 800 },
        trace: 'off',
        launchOptions: {
            executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
            args: [
                '--no-sandbox',
                '--disable-gpu',
                '--disable-background-networking',
                '--disable-component-update',
                '--no-first-run',
            ],
        },
    },
    webServer: {
        command: 'bin/serve-tests',
        url: `http://127.0.0.1:${port}/api/stamp`,
        reuseExistingServer: false,
        env: { UVRET_PORT: port },
        stderr: 'ignore',
    },
});
