import { mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';

/** What the machine still knows when its power comes back: what is loaded, and how much it has been sent and has cut. */
export class Memory {
    constructor(file) {
        this.file = file;
        this.values = {
            starts: 0,
            executed: 0,
            furthest: 0,
            film: { id: 'chalk', name: 'Chalk', width: 500, left: 5000, side: 'carrier down' },
            blade: { angle: 45, offset: 0.25 },
            pace: 1,
        };
        try {
            Object.assign(this.values, JSON.parse(readFileSync(file, 'utf8')));
        } catch {
            // It is new.
        }
    }

    keep(values) {
        Object.assign(this.values, values);
        if (this.file) {
            mkdirSync(dirname(this.file), { recursive: true });
            writeFileSync(`${this.file}.new`, JSON.stringify(this.values));
            renameSync(`${this.file}.new`, this.file);
        }
    }
}
