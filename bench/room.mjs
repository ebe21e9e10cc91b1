// The Cut room with 20 jobs that wait, from the address until the layers lie on their films; and how old the knife's place on the page is
// while a layer is cut: each place that it shows is looked up on the way that the cutter itself tells, asked every few milliseconds.
import { row, withBench } from './support/bench.mjs';

const opened = [];
const first = [];
const ages = [];
const far = (one, [along, across]) => Math.hypot(one.along - along, one.across - across);

await withBench(async (page, address) => {
    const json = (path, data) =>
        page.request.fetch(address + path, { method: data ? 'POST' : 'GET', data }).then((answer) => answer.json());
    for (let more = 0; more < 16; more += 1) {
        await json('/api/jobs', {
            title: 'Waiting',
            customer: 'Juniors',
            due: '2031-06-12',
            blank: 'kit-tote',
            quantity: 9,
        });
    }
    const open = async (where, times) => {
        await where.goto(`${address}/cut-room/crew-shirt-back`);
        await where.waitForFunction(() => window.opened);
        times.push(await where.evaluate(() => window.opened));
    };
    const watch = () => {
        const seen = new MutationObserver(() => {
            if (document.querySelector('[data-part=copy]') && document.querySelectorAll('nav li.card').length >= 20) {
                seen.disconnect();
                requestAnimationFrame(() => (window.opened = performance.now()));
            }
        });
        seen.observe(document, { subtree: true, childList: true });
    };
    await page.addInitScript(watch);
    for (let round = 0; round < 30; round += 1) {
        await open(page, opened);
    }
    for (let round = 0; round < 10; round += 1) {
        const other = await page
            .context()
            .browser()
            .newContext({ viewport: { width: 1280, height: 800 } });
        const newcomer = await other.newPage();
        await newcomer.addInitScript(watch);
        await open(newcomer, first);
        await other.close();
    }

    const { panel } = await json('/api/cut-room');
    const press = (button, data) => fetch(`${panel}/do/${button}`, { method: 'POST', body: JSON.stringify(data) });
    await press('load', { id: 'chalk', name: 'Chalk', width: 500, left: 5000, side: 'carrier down' });
    await press('pace', { pace: 1 });
    await page.exposeFunction('shown', (along, across) => shown.push({ along, across, at: performance.now() }));
    const shown = [];
    const way = [];
    await json('/api/cuts', { design: 'crew-shirt-back', film: 'chalk' });
    await page.waitForSelector('[data-part=knife]');
    await page.evaluate(() => {
        let last = '';
        const look = () => {
            const knife = document.querySelector('[data-part=knife]');
            const place = knife ? `${knife.getAttribute('cx')} ${knife.getAttribute('cy')}` : last;
            if (place !== last) {
                last = place;
                window.shown(...place.split(' ').map(Number));
            }
            requestAnimationFrame(look);
        };
        look();
    });
    for (const end = performance.now() + 15_000; performance.now() < end;) {
        const at = performance.now();
        const { x, y } = await fetch(`${panel}/state`).then((answer) => answer.json());
        way.push({ along: 1000 * x - 1000, across: 1000 * y - 1000, at: (at + performance.now()) / 2 });
        await new Promise((resolve) => setTimeout(resolve, 15));
    }
    for (const place of shown) {
        // Where the knife was there: of the moments before it was shown, the latest that is as near as any.
        const before = way.filter(({ at }) => at <= place.at && at > place.at - 3000);
        const least = Math.min(...before.map((one) => far(one, [place.along, place.across])));
        const then = before.findLast((one) => far(one, [place.along, place.across]) <= least + 500);
        if (then && least < 5_000) {
            ages.push(place.at - then.at);
        }
    }
});
// The first ones still compile the code in each of the server's processes.
console.log(
    JSON.stringify({
        'cut room, opened with 20 jobs': row(opened.slice(8)),
        'cut room, opened for the first time': row(first.slice(2)),
        'cut room, age of the knife’s place': { ...row(ages), places: ages.length },
    }),
);
