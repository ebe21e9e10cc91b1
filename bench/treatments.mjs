// From a key press to the exact preview: two big stacked words, a script set into them with 1 mm clearance, a 2 mm outline over all and
// a block shadow of 5 mm.
import { row, withBench } from './support/bench.mjs';

const typed = (round) => `Regatt${'abcdefghijklmnopqrstuvwxyz'[round % 26]}`;
const times = [];
await withBench(async (page, address) => {
    const opened = await (await fetch(`${address}/api/designs/regatta-hoodie`)).json();
    const [club, script] = opened.document.lines;
    const plain = { ...club.treatments, outlines: [] };
    const rim = { ...club.treatments.outlines[0], width: 2000, around: 'all' };
    const shadow = { ...plain.shadow, kind: 'block', length: 5000, angle: 45, film: 'buoy', around: 'all' };
    const document = {
        ...opened.document,
        lines: [
            { ...club, treatments: { ...plain, outlines: [rim], shadow } },
            {
                ...club,
                id: 'second',
                lettering: { ...club.lettering, words: 'ROWERS' },
                stacking: { ...club.stacking, gap: 2000 },
                treatments: plain,
            },
            {
                ...script,
                stacking: { ...script.stacking, gap: -60000 },
                treatments: { ...plain, setInto: { ...plain.setInto, into: 'cards', cards: ['second'], clearance: 1000 } },
            },
        ],
    };
    let { version } = opened;
    for (let round = 0; round < 60; round += 1) {
        const lines = document.lines.map((line) =>
            line.id === script.id ? { ...line, lettering: { ...line.lettering, words: typed(round) } } : line,
        );
        const start = performance.now();
        const answer = await fetch(`${address}/api/designs/regatta-hoodie`, {
            method: 'PUT',
            headers: { 'Content-Type': 'application/json' },
            body: JSON.stringify({ version, document: { ...document, lines }, change: 'words' }),
        });
        const saved = await answer.json();
        const took = performance.now() - start;
        if (!answer.ok) {
            throw new Error(JSON.stringify(saved));
        }
        version = saved.version;
        if (round >= 10) {
            times.push(took);
        }
    }
});
console.log(JSON.stringify({ treatments: row(times) }));
