// A cutter that is only thought of: HP-GL over TCP on 127.0.0.1, and a page that is its front panel.
// node stand-ins/cutter/cutter.mjs [--port=8430] [--panel=8431] [--memory=FILE] [--pace=1] [--journal]
// With --journal it remembers where each stroke began that it has carried out.
import { readFileSync } from 'node:fs';
import { createServer as createPanel } from 'node:http';
import { createServer } from 'node:net';
import { fileURLToPath } from 'node:url';
import { Machine, BUFFER } from './machine.mjs';
import { Memory } from './memory.mjs';

const option = (name, usual) =>
    process.argv.find((own) => own.startsWith(`--${name}=`))?.slice(name.length + 3) ?? usual;
const TICK = 20;

const memory = new Memory(option('memory', fileURLToPath(new URL('../../var/cutter.json', import.meta.url))));
if (option('pace') !== undefined) {
    memory.keep({ pace: Number(option('pace')) });
}
if (process.argv.includes('--journal') && !memory.values.journal) {
    memory.keep({ journal: [] });
}
const machine = new Machine(memory);
const sockets = new Set();

const line = createServer((socket) => {
    if (machine.failure.off) {
        socket.destroy();
        return;
    }
    sockets.add(socket);
    socket.setEncoding('latin1');
    let waiting = '';
    // A full buffer takes no more: the sender meets back pressure.
    const take = () => {
        while (waiting !== '') {
            const room = machine.free;
            if (room <= 0) {
                socket.pause();
                setTimeout(() => (socket.resume(), take()), TICK);
                return;
            }
            const some = waiting.slice(0, Math.min(room, BUFFER));
            waiting = waiting.slice(some.length);
            const said = machine.receive(some);
            if (said) {
                socket.write(said);
            }
        }
    };
    socket.on('data', (data) => {
        waiting += data;
        take();
    });
    socket.on('close', () => sockets.delete(socket));
    socket.on('error', () => sockets.delete(socket));
});

const drop = () => sockets.forEach((socket) => socket.destroy());

/** What the panel's buttons do, by what is posted. */
const acts = {
    load: ({ id, name, width, left, side }) =>
        memory.keep({ film: { id, name, width: Number(width), left: Number(left), side } }),
    blade: ({ angle, offset }) => {
        memory.keep({ blade: { angle: Number(angle), offset: Number(offset) } });
        machine.blade.offset = Number(offset);
    },
    pace: ({ pace }) => memory.keep({ pace: Number(pace) }),
    hold: () => (machine.held = true),
    go: () => {
        machine.held = false;
        machine.release();
    },
    jam: ({ x, y, within = 5 }) => (machine.failure.jam = { x: Number(x), y: Number(y), within: Number(within) }),
    crooked: ({ degrees }) => (machine.failure.crooked = Number(degrees)),
    slip: ({ millimetres }) => (machine.failure.slip = Number(millimetres)),
    'power-cut': () => {
        machine.powerCut();
        drop();
    },
    'line-lost': drop,
    'fresh-record': () => (machine.record = []),
};

const state = () => ({
    state: machine.state,
    x: machine.x,
    y: machine.y,
    down: machine.down,
    speed: machine.speed,
    force: machine.force,
    buffer: { used: machine.used, size: BUFFER },
    starts: memory.values.starts,
    film: memory.values.film,
    blade: memory.values.blade,
    pace: memory.values.pace,
    failure: machine.failure,
    strokes: machine.record.length,
});

const panel = createPanel((request, response) => {
    const { pathname, searchParams } = new URL(request.url, 'http://panel');
    const json = (value, status = 200) => {
        response.writeHead(status, { 'Content-Type': 'application/json', 'Cache-Control': 'no-store' });
        response.end(JSON.stringify(value));
    };
    const [, what, act] = pathname.split('/');
    if (request.method === 'POST' && what === 'do') {
        let body = '';
        request.on('data', (some) => (body += some));
        request.on('end', () => {
            if (!(act in acts)) {
                json({ error: 'The panel has no such button.' }, 404);
                return;
            }
            acts[act](body ? JSON.parse(body) : {});
            json(state());
        });
    } else if (what === 'state') {
        json(state());
    } else if (what === 'record') {
        json(machine.record.slice(Number(searchParams.get('from') ?? 0)));
    } else if (pathname === '/') {
        response.writeHead(200, { 'Content-Type': 'text/html; charset=utf-8' });
        response.end(readFileSync(new URL('panel.html', import.meta.url)));
    } else {
        json({ error: 'There is nothing here.' }, 404);
    }
});

setInterval(() => machine.tick(), TICK);
line.listen(Number(option('port', 8430)), '127.0.0.1', () =>
    panel.listen(Number(option('panel', 8431)), '127.0.0.1', () =>
        console.log(JSON.stringify({ port: line.address().port, panel: panel.address().port })),
    ),
);
