// The contact sheet on the page: from its address until all the pictures that are seen of a hundred names are there; then a thousand
// scrolled through, frame by frame.
import { row, withBench } from './support/bench.mjs';

const ENDS = ['ra', 'na', 'li', 'to', 'ma', 'ne', 'du', 'so', 'vi', 'ka'];
const BEGINS = ['Ma', 'Lo', 'Ri', 'Te', 'An', 'Jo', 'Ka', 'El', 'Fin', 'Bru'];
const name = (at) => BEGINS[at % 10] + ENDS[Math.floor(at / 10) % 10] + ENDS[Math.floor(at / 100) % 10];
const shown = [];
const again = [];
let frames = [];

await withBench(async (page, address) => {
    const list = async (count, from = 0) => {
        const path = `${address}/api/jobs/named-bags/names`;
        const now = await (await page.request.get(path)).json();
        const people = Array.from({ length: count }, (_, at) => ({
            id: `p${at}`,
            values: { name: name(from + at), size: 'One size' },
            own: {},
        }));
        await page.request.put(path, { data: { version: now.version, columns: [], people } });
    };
    const open = async (times) => {
        await page.goto(`${address}/jobs/named-bags/names`);
        await page.waitForFunction(() => window.shown);
        times.push(await page.evaluate(() => window.shown));
    };
    await page.addInitScript(() => {
        const seen = new MutationObserver(() => {
            if (document.querySelectorAll('ul svg[role=img]').length >= 15) {
                seen.disconnect();
                requestAnimationFrame(() => (window.shown = performance.now()));
            }
        });
        seen.observe(document, { subtree: true, childList: true });
    });
    await open([]);
    for (let round = 0; round < 8; round += 1) {
        // Other names in every round, then the same once more.
        await list(100, 100 * round);
        await open(shown);
        await open(again);
    }
    await list(1000);
    await open([]);
    await page.waitForFunction(() => document.querySelector('ul')?.style.height !== '');
    await page.waitForTimeout(20_000);
    frames = await page.evaluate(async () => {
        const scroller = document.querySelector('ul')?.parentElement;
        const times = [];
        let last = performance.now();
        for (let step = 0; step < 240 && scroller; step += 1) {
            scroller.scrollTop += 60;
            await new Promise((done) => requestAnimationFrame(done));
            times.push(performance.now() - last);
            last = performance.now();
        }
        return times;
    });
});
console.log(
    JSON.stringify({
        'contact sheet of a hundred, never made before': row(shown.slice(1)),
        'contact sheet of a hundred, again': row(again.slice(1)),
        'contact sheet of a thousand, a frame while scrolling': row(frames.slice(10)),
    }),
);
