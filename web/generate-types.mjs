// Writes web/src/api/schema.ts, the types of all that goes between server and browser, and web/src/api/defaults.ts, the
// defaults of the design document, from the server's OpenAPI description. With --check it only compares.
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import openapiTS, { astToString } from 'openapi-typescript';

const console_ = new URL('../bin/console', import.meta.url).pathname;
const description = execFileSync(console_, ['uvret:openapi'], { encoding: 'utf8' });
const { schemas } = JSON.parse(description).components;

/** A schema with what its reference leads to; what stands beside the reference goes before that. */
const resolved = (schema) => {
    const name = schema.$ref?.replace('#/components/schemas/', '');
    return name ? { ...resolved(schemas[name]), ...schema } : schema;
};

/** What a value is where nothing is said: the default, completed by those of the fields within. */
function complete(schema, value) {
    const { properties } = resolved(schema);
    if (!properties) {
        return value;
    }
    const given = Array.isArray(value) ? {} : value;
    const fields = Object.entries(properties).flatMap(([field, of]) => {
        const own = given[field] ?? resolved(of).default;
        return own === undefined ? [] : [[field, complete(of, own)]];
    });
    return Object.fromEntries(fields);
}

const designs = Object.keys(schemas).filter((name) => name.startsWith('Design') && schemas[name].properties);
const defaults = designs.flatMap((name) => {
    const key = name === 'Design' ? 'design' : name[6].toLowerCase() + name.slice(7);
    const value = complete(schemas[name], {});
    const known =
        schemas[name].properties && Object.keys(value).length > 0 && name !== 'DesignCard' && name !== 'DesignName';
    return known ? [`    ${key}: ${JSON.stringify(value)} satisfies Partial<Schemas['${name}']>,`] : [];
});

const head = `// Written by web/generate-types.mjs from the server's OpenAPI description.\n`;
const files = {
    'src/api/schema.ts': head + astToString(await openapiTS(description)),
    'src/api/defaults.ts': `${head}import type { components } from './schema';

type Schemas = components['schemas'];

/** What the fields of a design document are where nothing is said of them, by the names of their groups. */
export const defaults = {
${defaults.join('\n')}
};
`,
};

for (const [file, text] of Object.entries(files)) {
    const target = new URL(file, import.meta.url);
    if (!process.argv.includes('--check')) {
        writeFileSync(target, text);
    } else if (readFileSync(target, 'utf8') !== text) {
        console.error(`web/${file} is stale: run npm run types.`);
        process.exit(1);
    }
}
