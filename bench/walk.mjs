// From a hand that lets go to the exact layers: the regatta design of four films with a script that is set into the name and belongs to
// it, a motif in copies, and cards brought forward and back, while the name is dragged over the shirt.
import { row, withBench } from './support/bench.mjs';

const times = { false: [], true: [] };
await withBench(async (page, address) => {
    const opened = await (await fetch(`${address}/api/designs/regatta-shirt`)).json();
    let { version } = opened;
    const { document } = opened;
    const own = Object.fromEntries(
        opened.sheet.parts.filter(({ role }) => role === 'base').map((part) => [part.card, part]),
    );
    const belongs = {
        to: 'club',
        across: own.regatta.middleX - own.club.middleX,
        down: own.regatta.middleY - own.club.middleY,
        scale: 100,
    };
    for (let round = 0; round < 120; round += 1) {
        // First with loose pieces of lower films left loose, then joined.
        const together = round >= 60;
        const lines = document.lines.map((line) => ({
            ...line,
            ...(line.id === 'regatta' && { belongs, depth: 4 + (round % 3) }),
            ...(line.id === 'club' && {
                stacking: {
                    ...line.stacking,
                    shift: 1000 * ((round % 20) - 10),
                    gap: line.stacking.gap + 700 * (round % 13),
                },
            }),
        }));
        const motifs = document.motifs.map((motif) => ({
            ...motif,
            depth: round % 2 === 0 ? 1 : 5,
            treatments: {
                ...motif.treatments,
                copies: { ...motif.treatments.copies, kind: 'around', count: 6, radius: 40000 + 500 * round },
            },
        }));
        const start = performance.now();
        const answer = await fetch(`${address}/api/designs/regatta-shirt`, {
            method: 'PUT',
            headers: { 'Content-Type': 'application/json' },
            body: JSON.stringify({
                version,
                document: { ...document, lines, motifs, weeding: { ...document.weeding, together } },
                change: 'move',
            }),
        });
        const saved = await answer.json();
        const took = performance.now() - start;
        if (!answer.ok || saved.sheet.layers.length !== 4) {
            throw new Error(JSON.stringify(saved).slice(0, 500));
        }
        version = saved.version;
        if (round % 60 >= 10) {
            times[together].push(took);
        }
    }
});
console.log(
    JSON.stringify({
        'walk, a design whose parts belong together': row(times.false),
        'walk, its loose pieces joined': row(times.true),
    }),
);
