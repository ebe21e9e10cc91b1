import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Blade } from '../blade.mjs';
import { Instructions, parted } from '../hpgl.mjs';
import { Machine, BUFFER } from '../machine.mjs';
import { Memory } from '../memory.mjs';
import { ability, way } from '../motion.mjs';

/** A machine with a clock of its own. */
function machine(pace = 1) {
    const memory = new Memory(null);
    memory.keep({ pace });
    const clock = { ms: 0 };
    const own = new Machine(memory, () => clock.ms);
    const run = (ms) => {
        for (let i = 0; i < ms; i += 20) {
            clock.ms += 20;
            own.tick();
        }
    };
    return { own, memory, run };
}

test('instructions are cut at semicolons, wherever the stream is broken', () => {
    const instructions = new Instructions();
    assert.deepEqual(instructions.take('IN;PU1'), [{ name: 'IN', numbers: [], bytes: 3 }]);
    assert.deepEqual(instructions.take('0,-20;'), [{ name: 'PU', numbers: [10, -20], bytes: 9 }]);
    assert.deepEqual(parted('PU;\u001b.BPD1,2;\u001b.K'), { controls: ['B', 'K'], rest: 'PU;PD1,2;' });
});

test('a long straight takes its length by the speed, and the time to speed up and slow down', () => {
    const { seconds, at } = way(
        [
            [0, 0],
            [100, 0],
        ],
        300,
    );
    assert.ok(Math.abs(seconds - (100 / 300 + 300 / ability.acceleration)) < 1e-9);
    assert.deepEqual(at(0).x, 0);
    assert.ok(Math.abs(at(seconds / 2).x - 50) < 1e-9);
    assert.ok(Math.abs(at(seconds).x - 100) < 1e-9);
});

test('a curve of many short lines is gone along hardly slower than a straight of its length, a zigzag much slower', () => {
    const circle = Array.from({ length: 361 }, (_, i) => [
        50 * Math.cos((i * Math.PI) / 180),
        50 * Math.sin((i * Math.PI) / 180),
    ]);
    const zigzag = Array.from({ length: 158 }, (_, i) => [2 * (i % 2), i * 0.01]);
    const straight = way(
        [
            [0, 0],
            [2 * Math.PI * 50, 0],
        ],
        300,
    ).seconds;
    assert.ok(way(circle, 300).seconds < 1.3 * straight);
    assert.ok(way(zigzag, 300).seconds > 5 * straight);
});

test('the tip follows by the tractrix: it rounds corners off and comes round in the end', () => {
    for (const offset of [0.25, 0.5]) {
        const blade = new Blade(offset, 0);
        blade.drag([0, 0], [10, 0]);
        const [x, y] = blade.drag([10, 0], [10, offset * 2]).at(-1);
        // tan(φ/2) = e^(−2) from φ = 90°.
        const phi = 2 * Math.atan(Math.exp(-2));
        assert.ok(Math.abs(10 - x - offset * Math.sin(phi)) < 1e-9);
        assert.ok(Math.abs(offset * 2 - y - offset * Math.cos(phi)) < 1e-9);
    }
});

test('it cuts what it is sent in simulated time, and writes down where its tip was', () => {
    const { own, run } = machine();
    own.receive('IN;SP1;VS30;FS90;PU400,400;PD4400,400,4400,4400;PU;');
    run(40);
    assert.equal(own.state, 'cutting');
    run(2000);
    assert.equal(own.state, 'ready');
    assert.equal(own.record.length, 1);
    assert.deepEqual([own.x, own.y, own.down], [110, 110, false]);
    // Without anything that makes up for it, the tip ends short of the end by the offset.
    const [endX, endY] = own.record[0].slice(-2);
    assert.ok(Math.abs(endX - 110) < 0.01 && Math.abs(endY - 109.75) < 0.01);
});

test('a full buffer says so, and empties as it is cut', () => {
    const { own, run } = machine();
    const ring = `PU400,400;PD${'4400,4400,400,400,'.repeat(200)}400,400;`;
    let sent = 0;
    while (own.free > ring.length) {
        own.receive(ring);
        sent += 1;
    }
    assert.equal(own.receive('\u001b.B'), `${BUFFER - sent * ring.length}\r\n`);
    run(200_000);
    assert.equal(own.receive('\u001b.B'), `${BUFFER - own.used}\r\n`);
    assert.ok(own.used < sent * ring.length);
});

test('where it is and how it is can be asked while it cuts', () => {
    const { own, run } = machine();
    assert.equal(own.receive('OI;'), 'Stand-in cutter\r\n');
    assert.equal(own.receive('OS;'), '24\r\n');
    assert.equal(own.receive('OS;'), '16\r\n');
    own.receive('VS30;PD40000,0;PU;');
    run(1000);
    const [x, , down] = own.receive('OA;').split(',').map(Number);
    assert.ok(x > 4000 && x < 40000 && down === 1);
    own.receive('XX;');
    own.receive('\u001b.K');
    assert.equal(own.receive('OA;').split(',')[2], '0\r\n');
});

test('what it has carried out is known after a power cut, what waited is gone', () => {
    const { own, run, memory } = machine();
    const ring = 'PU400,400;PD4400,400,4400,4400,400,400;PU;';
    own.receive(ring.repeat(3));
    run(2500);
    const done = own.executed;
    assert.ok(done >= ring.length - 3 && done < 3 * ring.length);
    own.powerCut();
    assert.equal(own.receive('\u001b.C'), `${done},${done},${memory.values.starts}\r\n`);
    assert.equal(own.state, 'ready');
    run(2000);
    assert.equal(own.executed, done);
});

test('it fails as real ones do', () => {
    const { own, run, memory } = machine(0);
    memory.keep({ film: { ...memory.values.film, left: 200 } });
    own.receive('PU400,400;PD12000,400;PU;');
    run(400);
    assert.equal(own.state, 'out of film');
    own.abort();
    memory.keep({ film: { ...memory.values.film, left: 2000 } });
    own.release();
    own.failure.jam = { x: 50, y: 10, within: 5 };
    own.receive('PU400,400;PD2000,400,4000,400;PU;');
    run(400);
    assert.equal(own.state, 'jammed');
    own.release();
    run(400);
    assert.equal(own.state, 'ready');
    assert.deepEqual([own.x, own.y], [100, 10]);
    // On the way with the knife up, too.
    own.failure.jam = { x: 20, y: 20, within: 5 };
    own.receive('PU800,800;PD1600,800;PU;');
    run(400);
    assert.equal(own.state, 'jammed');
    own.release();
    run(400);
    assert.ok(Math.abs(own.record.at(-1)[0] - 20) < 1, 'it is begun where it is to be');

    own.failure.crooked = 1;
    own.record = [];
    own.receive('PU0,400;PD4000,400;PU;');
    run(400);
    const [x, y] = own.record[0].slice(-2);
    assert.ok(Math.abs(y - (10 * Math.cos(Math.PI / 180) + x * Math.tan(Math.PI / 180))) < 0.3, 'it is turned');
    own.failure.crooked = 0;
    own.failure.slip = 1;
    own.fed = 0;
    own.record = [];
    own.receive('PU0,400;PD20000,400;PU0,400;PD20000,400;PU;');
    run(400);
    const ends = own.record.map((tips) => tips.at(-2));
    assert.ok(ends[1] - ends[0] > 0.5, 'each feed adds to it');
});

test('a page that is fed out takes what was cut of the film with it', () => {
    const { own, run, memory } = machine(0);
    own.receive('PU400,400;PD8000,400;PU0,0;PG;');
    run(400);
    assert.equal(memory.values.film.left, 5000 - 200 - 2);
    own.receive('PG;');
    run(400);
    assert.equal(memory.values.film.left, 5000 - 200 - 4);
});
