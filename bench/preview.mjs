// From a key press in a line's words to the exact new preview in the browser, through the real server.
import { row, withBench } from './support/bench.mjs';

const times = [];
await withBench(async (page, address) => {
    await page.goto(`${address}/designs/kit-bag-ottilie`);
    const words = page.getByLabel('Words');
    await words.fill('Tern Point Rowin');
    await page.waitForTimeout(500);
    // The time runs from the key's own event to the frame that has the new weld.
    await page.evaluate(() => {
        window.taken = [];
        let pressed = 0;
        document.addEventListener('keydown', () => (pressed = performance.now()), true);
        const stage = document.querySelector('[aria-label="Stage"]');
        new MutationObserver((changes) => {
            if (pressed && changes.some((change) => change.target.matches?.('[data-line]'))) {
                const from = pressed;
                pressed = 0;
                requestAnimationFrame(() => window.taken.push(performance.now() - from));
            }
        }).observe(stage, { subtree: true, attributes: true, attributeFilter: ['d'] });
    });
    await words.focus();
    await words.press('End');
    for (let round = 0; round < 60; round += 1) {
        await page.keyboard.press(round % 2 ? 'Backspace' : 'g');
        await page.waitForTimeout(180);
    }
    times.push(...(await page.evaluate(() => window.taken)));
});
if (times.length < 50) {
    throw new Error(`Only ${times.length} previews were seen.`);
}
// The first ones still compile the code in each of the server's processes.
console.log(JSON.stringify({ preview: row(times.slice(10)) }));
