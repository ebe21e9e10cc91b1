// From a key press to the exact layers: four films with traps (an arched, outlined name, its block shadow, a script set into it, a
// motif), while the script or the name is typed.
import { row, withBench } from './support/bench.mjs';

const typed = ({ lettering }, words, round) => ({ ...lettering, words, spacing: Math.floor(round / 26) });
const times = { script: [], name: [] };
await withBench(async (page, address) => {
    const opened = await (await fetch(`${address}/api/designs/regatta-shirt`)).json();
    let { version } = opened;
    const alphabet = 'abcdefghijklmnopqrstuvwxyz';
    for (const [what, card, words] of [
        ['script', 'regatta', (letter) => `Regatt${letter}`],
        ['name', 'club', (letter) => `TERN POIN${letter.toUpperCase()}`],
    ]) {
        for (let round = 0; round < 50; round += 1) {
            const lines = opened.document.lines.map((line) =>
                line.id === card ? { ...line, lettering: typed(line, words(alphabet[round % 26]), round) } : line,
            );
            const start = performance.now();
            const answer = await fetch(`${address}/api/designs/regatta-shirt`, {
                method: 'PUT',
                headers: { 'Content-Type': 'application/json' },
                body: JSON.stringify({ version, document: { ...opened.document, lines }, change: 'words' }),
            });
            const saved = await answer.json();
            const took = performance.now() - start;
            if (!answer.ok || saved.sheet.layers.length !== 4) {
                throw new Error(JSON.stringify(saved).slice(0, 500));
            }
            version = saved.version;
            if (round >= 10) {
                times[what].push(took);
            }
        }
    }
});
console.log(JSON.stringify({ 'films, script typed': row(times.script), 'films, name typed': row(times.name) }));
