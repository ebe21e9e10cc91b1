// The JavaScript that a page loads first, compressed as a server sends it.
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

const page = readFileSync(new URL('../public/app/index.html', import.meta.url), 'utf8');
const files = [...page.matchAll(/(?:src|href)="\/app\/([^"]+\.js)"/g)].map(([, file]) => file);
const size = files.reduce(
    (sum, file) => sum + gzipSync(readFileSync(new URL(`../public/app/${file}`, import.meta.url))).length,
    0,
);
const kilobytes = Math.round(size / 100) / 10;
console.log(JSON.stringify({ script: { median: kilobytes, p95: kilobytes, unit: 'kB' } }));
