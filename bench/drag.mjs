// A design of 600 letters: how long each frame takes while a line is dragged, and the script that a key press takes, without the request.
import { row, withBench } from './support/bench.mjs';

const words = 'Pull together past the harbour light and home before the tide';
const frames = [];
const presses = [];
await withBench(async (page, address) => {
    const opened = await (await fetch(`${address}/api/designs/crew-shirt-back`)).json();
    const [line] = opened.document.lines;
    const fonts = ['lobster', 'anton', 'playball', 'rye', 'great-vibes'];
    const document = {
        ...opened.document,
        lines: Array.from({ length: 12 }, (_, at) => ({
            ...line,
            id: `line-${at}`,
            lettering: { ...line.lettering, words, font: fonts[at % fonts.length] },
            stacking: { ...line.stacking, gap: 6000 },
            size: { by: 'width', length: 260000 },
        })),
    };
    const letters = document.lines.reduce((sum, { lettering }) => sum + lettering.words.replaceAll(' ', '').length, 0);
    if (letters < 600) {
        throw new Error(`Only ${letters} letters.`);
    }
    await fetch(`${address}/api/designs/crew-shirt-back`, {
        method: 'PUT',
        body: JSON.stringify({ version: opened.version, document, change: '' }),
    });
    await page.goto(`${address}/designs/crew-shirt-back`);
    const part = page.locator('[data-line=line-0]');
    await part.waitFor();
    await page.waitForTimeout(800);
    const box = await part.boundingBox();
    await page.evaluate(() => {
        window.frames = [];
        let last = performance.now();
        const tick = (now) => {
            window.frames.push(now - last);
            last = now;
            requestAnimationFrame(tick);
        };
        requestAnimationFrame(tick);
    });
    await page.mouse.move(box.x + 30, box.y + box.height / 2);
    await page.mouse.down();
    for (let step = 0; step < 240; step += 1) {
        await page.mouse.move(box.x + 30 + 60 * Math.sin(step / 12), box.y + 60 + 50 * Math.cos(step / 9));
    }
    const until = await page.evaluate(() => window.frames.length);
    frames.push(...(await page.evaluate(() => window.frames)).slice(10, until));
    const moved = await part.boundingBox();
    if (Math.abs(moved.x - box.x) < 1) {
        throw new Error('The line did not follow.');
    }
    await page.mouse.up();

    // The answer is held back while it is measured what the page itself does for a key press.
    await page.waitForTimeout(1500);
    await page.getByLabel('Words').first().focus();
    await page.keyboard.press('End');
    const session = await page.context().newCDPSession(page);
    await session.send('Performance.enable');
    const script = async () => {
        const { metrics } = await session.send('Performance.getMetrics');
        return metrics.find(({ name }) => name === 'ScriptDuration').value * 1000;
    };
    await page.route('**/api/designs/**', (route) => (route.request().method() === 'PUT' ? undefined : route.continue()));
    for (let press = 0; press < 40; press += 1) {
        const before = await script();
        await page.keyboard.press('abcdefgh'[press % 8]);
        await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
        presses.push((await script()) - before);
    }
});
const perSecond = Math.round((frames.length / frames.reduce((sum, time) => sum + time, 0)) * 1000);
console.log(JSON.stringify({ drag: { ...row(frames), framesPerSecond: perSecond }, 'typing, script': row(presses.slice(5)) }));
