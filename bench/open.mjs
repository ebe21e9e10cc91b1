// From the address to the first exact picture of a design on the Bench, through the real server; the browser's cache is warm.
import { row, withBench } from './support/bench.mjs';

const times = [];
await withBench(async (page, address) => {
    await page.addInitScript(() => {
        const seen = new MutationObserver(() => {
            if (document.querySelector('[data-line]')) {
                seen.disconnect();
                requestAnimationFrame(() => (window.opened = performance.now()));
            }
        });
        seen.observe(document, { subtree: true, childList: true });
    });
    for (let round = 0; round < 40; round += 1) {
        await page.goto(`${address}/designs/crew-shirt-back`);
        await page.waitForFunction(() => window.opened);
        times.push(await page.evaluate(() => window.opened));
    }
});
// The first ones still compile the code in each of the server's processes.
console.log(JSON.stringify({ open: row(times.slice(10)) }));
