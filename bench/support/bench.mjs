// A served demo shop and a browser for the benchmarks.
import { chromium } from '@playwright/test';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { createServer } from 'node:net';

/** A port that nothing listens on. */
async function freePort() {
    const server = createServer().listen(0, '127.0.0.1');
    await once(server, 'listening');
    const { port } = server.address();
    server.close();
    return port;
}

/** Serves a shop and opens a page for the work; more is set in the server's environment. */
export async function withBench(work, more = {}) {
    const port = await freePort();
    const server = spawn(new URL('../../bin/serve-tests', import.meta.url).pathname, {
        env: { ...process.env, UVRET_PORT: String(port), ...more },
        stdio: 'ignore',
        detached: true,
    });
    const address = `http://127.0.0.1:${port}`;
    try {
        for (let tries = 0; ; tries += 1) {
            const answer = await fetch(`${address}/api/stamp`).catch(() => null);
            if (answer?.ok) {
                break;
            }
            if (tries > 100) {
                throw new Error('The server does not start.');
            }
            await new Promise((resolve) => setTimeout(resolve, 200));
        }
        const browser = await chromium.launch({
            executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
            args: [
                '--no-sandbox',
                '--disable-gpu',
                '--disable-background-networking',
                '--disable-component-update',
                '--no-first-run',
            ],
        });
        try {
            await work(await browser.newPage({ viewport: { width: 1280, height: 800 } }), address);
        } finally {
            await browser.close();
        }
    } finally {
        process.kill(-server.pid);
    }
}

export function row(times) {
    const sorted = [...times].sort((a, b) => a - b);
    const at = (share) => Math.round(sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] * 10) / 10;
    return { median: at(0.5), p95: at(0.95), unit: 'ms' };
}
