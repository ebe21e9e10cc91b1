// Writes web/src/api/schema.ts from the server's OpenAPI description. With --check it only compares.
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import openapiTS, { astToString } from 'openapi-typescript';

const target = new URL('src/api/schema.ts', import.meta.url);
const console_ = new URL('../bin/console', import.meta.url).pathname;
const description = execFileSync(console_, ['uvret:openapi'], { encoding: 'utf8' });
const types = `// Written by web/generate-types.mjs from the server's OpenAPI description.\n${astToString(await openapiTS(description))}`;

if (process.argv.includes('--check')) {
    if (readFileSync(target, 'utf8') !== types) {
        console.error('web/src/api/schema.ts is stale: run npm run types.');
        process.exit(1);
    }
} else {
    writeFileSync(target, types);
}
