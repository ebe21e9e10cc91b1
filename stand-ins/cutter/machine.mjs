import { Blade } from './blade.mjs';
import { Instructions, parted } from './hpgl.mjs';
import { ability, way } from './motion.mjs';

/** Units of HP-GL a millimetre. */
const UNITS = 40;
/** Bytes. */
export const BUFFER = 65_536;
/** A line that might go on is begun when nothing has come for so long, in ms. */
const PATIENCE = 150;
const KEPT_STROKES = 20_000;
/** How far behind what was cut the next one may begin, in mm. */
const APART = 2;

/**
 * A cutter that pulls film under a drag knife: x is along the film, y across it. Instructions wait in its buffer and are carried out one
 * stroke after another, in simulated time; where its tip really was is written down.
 */
export class Machine {
    constructor(memory, now = () => performance.now()) {
        this.memory = memory;
        this.now = now;
        memory.keep({ starts: memory.values.starts + 1 });
        this.failure = { jam: null, crooked: 0, slip: 0, off: false };
        /** Strokes of the tip on the film: { x, y } in mm as flat lists. */
        this.record = [];
        /** Seconds that it has moved. */
        this.worked = 0;
        this.#powerOn();
    }

    #powerOn() {
        this.instructions = new Instructions();
        this.queue = [];
        this.x = 0;
        this.y = 0;
        this.down = false;
        this.speed = 300;
        this.force = 90;
        this.error = 0;
        this.held = false;
        this.stopped = null;
        this.initialised = true;
        this.stroke = null;
        this.waited = 0;
        this.last = this.now();
        this.blade = new Blade(this.memory.values.blade.offset);
        this.accepted = this.memory.values.executed;
        this.executed = this.memory.values.executed;
    }

    get used() {
        return this.accepted - this.executed;
    }

    get free() {
        return BUFFER - this.used;
    }

    get state() {
        return this.stopped ?? (this.held ? 'held' : this.queue.length > 0 || this.stroke ? 'cutting' : 'ready');
    }

    /** Power goes and comes back: what was in the buffer is gone. */
    powerCut() {
        this.#powerOn();
        this.memory.keep({ starts: this.memory.values.starts + 1 });
    }

    /** @returns {string} the answers to what was asked */
    receive(text) {
        const { controls, rest } = parted(text);
        this.accepted += rest.length;
        let answer = '';
        for (const instruction of this.instructions.take(rest)) {
            const said = this.#answer(instruction);
            if (said === null) {
                this.queue.push(instruction);
            } else {
                answer += `${said}\r\n`;
                // It never waits in the buffer.
                this.accepted -= instruction.bytes;
            }
        }
        this.arrived = this.now();
        return answer + controls.map((letter) => this.#control(letter)).join('');
    }

    /** Output instructions are answered at once, ahead of what waits. */
    #answer({ name }) {
        switch (name) {
            case 'OA':
                return `${Math.round(this.x * UNITS)},${Math.round(this.y * UNITS)},${this.down ? 1 : 0}`;
            case 'OS': {
                const status =
                    (this.down ? 1 : 0) + (this.initialised ? 8 : 0) + (this.stopped ? 0 : 16) + (this.error ? 32 : 0);
                this.initialised = false;
                return String(status);
            }
            case 'OE': {
                const { error } = this;
                this.error = 0;
                return String(error);
            }
            case 'OH':
                return `0,0,${Math.round(this.memory.values.film.left * UNITS)},${Math.round(this.memory.values.film.width * UNITS)}`;
            case 'OI':
                return 'Stand-in cutter';
            default:
                return null;
        }
    }

    #control(letter) {
        switch (letter) {
            case 'B':
                return `${this.free}\r\n`;
            // How many bytes it has taken in and carried out in all its life, and how often it was switched on.
            case 'C':
                return `${this.accepted},${this.executed},${this.memory.values.starts}\r\n`;
            case 'O':
                return `${(this.queue.length === 0 && !this.stroke ? 8 : 0) + (this.held ? 16 : 0) + (this.stopped ? 32 : 0)}\r\n`;
            case 'K':
                this.abort();
                return '';
            default:
                return '';
        }
    }

    /** Lifts the knife and forgets what waits. */
    abort() {
        this.queue = [];
        this.instructions.clear();
        this.#finish(null);
        this.down = false;
        this.#executedTo(this.accepted);
    }

    /** Someone has seen to it: it goes on. */
    release() {
        this.stopped = null;
        this.failure.jam = null;
        this.last = this.now();
    }

    /** Simulated time goes on. */
    tick() {
        const now = this.now();
        const { pace } = this.memory.values;
        const passed = ((now - this.last) / 1000) * pace;
        this.last = now;
        if (this.held || this.stopped) {
            return;
        }
        if (pace === 0) {
            // As fast as it can.
            while (!this.held && !this.stopped && (this.stroke || this.#begin())) {
                this.#advance(Infinity);
            }
            return;
        }
        let left = passed;
        while (left > 0 && !this.held && !this.stopped && (this.stroke || this.#begin())) {
            left = this.#advance(left);
        }
    }

    /** Takes the next stroke from the buffer; false where there is none that is complete. */
    #begin() {
        while (this.queue.length > 0) {
            const [{ name, numbers, bytes }] = this.queue;
            if (name === 'PU' || name === 'PD' || name === 'PA') {
                const down = name === 'PA' ? this.down : name === 'PD';
                const run = down ? this.#run() : { points: pairs(numbers), bytes, count: 1 };
                if (run === null) {
                    return false;
                }
                this.queue.splice(0, run.count);
                const lifts = down === this.down ? 0 : ability.lift;
                this.down = down;
                const points = [[this.x, this.y], ...run.points];
                const path = way(points, down ? this.speed : ability.travel);
                this.stroke = {
                    points,
                    path,
                    down,
                    bytes: run.bytes,
                    t: -lifts,
                    lifts,
                    edge: 0,
                    at: [this.x, this.y],
                    tips: [],
                };
                if (down) {
                    this.stroke.tips.push(this.blade.tip(this.x, this.y));
                }
                return true;
            }
            this.queue.shift();
            this.#set(name, numbers);
            this.#executedTo(this.executed + bytes);
        }
        return false;
    }

    /** All that is cut in one go; null while more of it may come. */
    #run() {
        let count = 0;
        let bytes = 0;
        const points = [];
        while (count < this.queue.length && this.queue[count].name === 'PD') {
            points.push(...pairs(this.queue[count].numbers));
            bytes += this.queue[count].bytes;
            count += 1;
        }
        const mayGoOn = count === this.queue.length && this.free > 1000 && this.now() - this.arrived < PATIENCE;
        return mayGoOn ? null : { points, bytes, count };
    }

    #set(name, [first = 0]) {
        if (name === 'VS') {
            this.speed = first * 10;
        } else if (name === 'FS') {
            this.force = first;
        } else if (name === 'PG') {
            this.#advanceFilm();
        } else if (!['IN', 'SP', 'PA', 'DF', 'PG'].includes(name)) {
            this.error = 1;
        }
    }

    /** What was cut is fed out: the film begins behind it. */
    #advanceFilm() {
        const { film, furthest } = this.memory.values;
        this.memory.keep({ film: { ...film, left: Math.max(0, film.left - furthest - APART) }, furthest: 0 });
    }

    /** @returns {number} seconds that are left when the stroke has ended */
    #advance(seconds) {
        const { stroke } = this;
        const until = Math.min(stroke.path.seconds, stroke.t + seconds);
        const left = stroke.t + seconds - until;
        stroke.t = until;
        const done = until >= stroke.path.seconds;
        const head = until <= 0 ? { x: this.x, y: this.y, edge: 0 } : stroke.path.at(until);
        const to = done ? stroke.points.length - 1 : head.edge;
        while (stroke.edge < to && !this.stopped) {
            this.#moveTo(stroke.points[stroke.edge + 1]);
            // What it did not come to, it goes to when it is let go on.
            stroke.edge += this.stopped ? 0 : 1;
        }
        if (!done && !this.stopped) {
            this.#moveTo([head.x, head.y]);
        }
        if (done && !this.stopped) {
            this.#finish(stroke.bytes);
        }
        return left;
    }

    #moveTo([x, y]) {
        const { stroke } = this;
        const { jam, crooked, slip } = this.failure;
        const { film } = this.memory.values;
        if (x > film.left) {
            this.stopped = 'out of film';
            return;
        }
        if (jam && Math.hypot(x - jam.x, y - jam.y) < jam.within) {
            this.stopped = 'jammed';
            return;
        }
        this.fed = (this.fed ?? 0) + Math.abs(x - this.x);
        this.memory.values.furthest = Math.max(this.memory.values.furthest, x);
        if (stroke.down) {
            const drift = (this.fed / 1000) * slip;
            const angle = (crooked * Math.PI) / 180;
            for (const [tx, ty] of this.blade.drag(stroke.at, [x, y])) {
                const along = tx + drift;
                stroke.tips.push([
                    along * Math.cos(angle) - ty * Math.sin(angle),
                    along * Math.sin(angle) + ty * Math.cos(angle),
                ]);
            }
        }
        stroke.at = [x, y];
        [this.x, this.y] = [x, y];
    }

    /** @param {number | null} bytes of the stroke that has ended; null where it was broken off */
    #finish(bytes) {
        const { stroke } = this;
        const { journal } = this.memory.values;
        if (journal && bytes !== null && stroke.down) {
            // Together with the counter, so that neither is ever without the other.
            this.memory.values.journal = [...journal, stroke.points[0]];
        }
        this.stroke = null;
        this.worked += stroke ? stroke.t + stroke.lifts : 0;
        if (stroke?.down && stroke.tips.length > 1) {
            this.record.push(stroke.tips.flat().map((value) => Math.round(value * 1000) / 1000));
            this.record.splice(0, this.record.length - KEPT_STROKES);
        }
        if (bytes !== null) {
            this.#executedTo(this.executed + bytes);
        }
    }

    #executedTo(bytes) {
        this.executed = bytes;
        this.memory.keep({ executed: bytes });
    }
}

const pairs = (numbers) => {
    const points = [];
    for (let i = 0; i + 1 < numbers.length; i += 2) {
        points.push([numbers[i] / UNITS, numbers[i + 1] / UNITS]);
    }
    return points;
};
