// The JavaScript that each page loads until it can be used, compressed as a server sends it.
import { readFile } from 'node:fs/promises';
import { gzipSync } from 'node:zlib';
import { withBench } from './support/bench.mjs';

const pages = {
    'script of the Bench': { at: '/designs/crew-shirt-back', ready: '[data-line]' },
    'script of the rail': { at: '/', ready: 'h1' },
};

const results = {};
await withBench(async (page, address) => {
    for (const [name, { at, ready }] of Object.entries(pages)) {
        const scripts = [];
        page.on('response', (answer) => answer.url().endsWith('.js') && scripts.push(new URL(answer.url()).pathname));
        await page.goto(address + at);
        await page.locator(ready).first().waitFor();
        const loaded = scripts.splice(0);
        page.removeAllListeners('response');
        const sizes = await Promise.all(
            loaded.map(async (script) => gzipSync(await readFile(`public${script}`)).length),
        );
        const kilobytes = Math.round(sizes.reduce((sum, size) => sum + size, 0) / 100) / 10;
        results[name] = { median: kilobytes, p95: kilobytes, unit: 'kB', files: sizes.length };
    }
});
console.log(JSON.stringify(results));
