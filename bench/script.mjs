// The JavaScript that each page loads until it can be used, compressed as a server sends it.
import { readFile } from 'node:fs/promises';
import { gzipSync } from 'node:zlib';
import { withBench } from './support/bench.mjs';

const pages = {
    'script of the Bench': { at: '/designs/crew-shirt-back', ready: '[data-line]' },
    'script of the rail': { at: '/', ready: 'h1' },
};

/** Notes in the page when what it waits for is there; scripts that are asked for later do not count. */
const noting = (ready) => {
    new MutationObserver((_, observer) => {
        if (document.querySelector(ready)) {
            window.readyAt = performance.now();
            observer.disconnect();
        }
    }).observe(document, { childList: true, subtree: true });
};

const results = {};
await withBench(async (page, address) => {
    for (const [name, { at, ready }] of Object.entries(pages)) {
        const opened = await page.context().browser().newPage();
        await opened.addInitScript(noting, ready);
        await opened.goto(address + at);
        await opened.waitForFunction(() => window.readyAt !== undefined);
        const loaded = await opened.evaluate(() =>
            performance
                .getEntriesByType('resource')
                .filter(({ name, startTime }) => name.endsWith('.js') && startTime < window.readyAt)
                .map(({ name }) => new URL(name).pathname),
        );
        const sizes = await Promise.all(
            loaded.map(async (script) => gzipSync(await readFile(`public${script}`)).length),
        );
        const kilobytes = Math.round(sizes.reduce((sum, size) => sum + size, 0) / 100) / 10;
        results[name] = { median: kilobytes, p95: kilobytes, unit: 'kB', files: sizes.length };
        await opened.close();
    }
});
console.log(JSON.stringify(results));
