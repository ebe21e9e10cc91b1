// From a handle's move to the server's exact result: a script of 24 letters on an arc, and a spiral of 600 letters.
import { row, withBench } from './support/bench.mjs';

const arch = [];
const spiral = [];
await withBench(async (page, address) => {
    const opened = await (await fetch(`${address}/api/designs/kit-bag-ottilie`)).json();
    let { version } = opened;
    const [own] = opened.document.lines;
    const save = async ({ words, font, ...line }) => {
        const lettering = { ...own.lettering, words, font, letters: [] };
        const body = JSON.stringify({
            version,
            document: { ...opened.document, lines: [{ ...own, lettering, ...line }] },
            change: 'path',
        });
        const start = performance.now();
        const answer = await fetch(`${address}/api/designs/kit-bag-ottilie`, {
            method: 'PUT',
            headers: { 'Content-Type': 'application/json' },
            body,
        });
        const saved = await answer.json();
        const took = performance.now() - start;
        if (!answer.ok) {
            throw new Error(JSON.stringify(saved));
        }
        version = saved.version;
        return took;
    };
    const { follows } = own;
    for (let round = 0; round < 70; round += 1) {
        const took = await save({
            words: 'Saltmarsh Rowing Regatta',
            font: 'lobster',
            size: { by: 'width', length: 220000 },
            follows: { ...follows, path: 'arc', arc: { ...follows.arc, by: 'rise', rise: 20000 + round * 137 } },
        });
        if (round >= 10) {
            arch.push(took);
        }
    }
    const song = 'pull for the point and the tide comes round again '.repeat(12).slice(0, 600);
    for (const font of ['oswald', 'lobster']) {
        for (let round = 0; round < 9; round += 1) {
            const took = await save({
                words: song,
                font,
                size: { by: 'width', length: 220000 + round * 100 },
                follows: { ...follows, path: 'spiral' },
            });
            if (round >= 2) {
                spiral.push(took);
            }
        }
    }
});
console.log(
    JSON.stringify({
        'follow, script on an arc': { ...row(arch), letters: 24 },
        'follow, spiral': { ...row(spiral), letters: 600 },
    }),
);
