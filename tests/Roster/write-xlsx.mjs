// Writes rows given as JSON to an XLSX file: node write-xlsx.mjs FILE ROWS
import writeXlsxFile from 'write-excel-file/node';

const [, , file, rows] = process.argv;
const cell = (value) => (typeof value === 'number' ? { type: Number, value } : { type: String, value });
await writeXlsxFile(JSON.parse(rows).map((row) => row.map(cell))).toFile(file);
