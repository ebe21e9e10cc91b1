// The polylines of a DXF file as an independent reader has them, as JSON: layer, closed, points.
import { readFileSync } from 'node:fs';
import DxfParser from 'dxf-parser';

const { entities, header } = new DxfParser().parseSync(readFileSync(process.argv[2], 'utf8'));
console.log(
    JSON.stringify({
        units: header.$INSUNITS,
        polylines: entities.map(({ type, layer, shape, vertices }) => ({
            type,
            layer,
            shape,
            points: vertices.map(({ x, y }) => [x, y]),
        })),
    }),
);
