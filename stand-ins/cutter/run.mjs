// Cuts a file at once: node stand-ins/cutter/run.mjs FILE [OFFSET] prints how long it takes and where the tip was, as JSON in mm.
import { readFileSync } from 'node:fs';
import { Machine } from './machine.mjs';
import { Memory } from './memory.mjs';

const memory = new Memory(null);
memory.keep({ pace: 0, blade: { angle: 45, offset: Number(process.argv[3] ?? 0.25) } });
let now = 0;
const machine = new Machine(memory, () => now);
const text = readFileSync(process.argv[2], 'latin1');
for (let from = 0; from < text.length; from += 4096) {
    machine.receive(text.slice(from, from + 4096));
    if (machine.free < 8192) {
        machine.tick();
    }
}
now += 1000;
machine.tick();
console.log(JSON.stringify({ state: machine.state, seconds: machine.worked, strokes: machine.record }));
