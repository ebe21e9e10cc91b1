import type { Unit } from './api/client';

/** The longest length that is taken, in µm: 100 m. */
const LIMIT = 100_000_000;

const factors: Record<string, number> = {
    mm: 1000,
    cm: 10_000,
    m: 1_000_000,
    in: 25_400,
    inch: 25_400,
    inches: 25_400,
    '"': 25_400,
    '″': 25_400,
    '”': 25_400,
};

const pattern = new RegExp(
    String.raw`^(?<sign>[-−+])?\s?` +
        String.raw`(?:(?<whole>\d{1,9}(?:[.,]\d{1,6})?|[.,]\d{1,6})(?:\s(?<top>\d{1,3})/(?<bottom>\d{1,3}))?|(?<onlyTop>\d{1,3})/(?<onlyBottom>\d{1,3}))` +
        String.raw`\s?(?<unit>mm|cm|m|inches|inch|in|"|″|”)?$`,
    'u',
);

const vulgar: Record<string, string> = {
    '¼': ' 1/4',
    '½': ' 1/2',
    '¾': ' 3/4',
    '⅛': ' 1/8',
    '⅜': ' 3/8',
    '⅝': ' 5/8',
    '⅞': ' 7/8',
};

/**
 * Reads a length as people write it, a bare number in the design's unit: 90, 90mm, 9 cm, 3.5in, 3 1/2". In whole µm, or what is
 * wrong with it. The server's core reads them alike: tests/data/lengths.json holds for both.
 */
export function readLength(text: string, unit: Unit): { micrometres: number } | { wrong: string } {
    const plain = text
        .trim()
        .toLowerCase()
        .replace(/[¼½¾⅛⅜⅝⅞]/gu, (sign) => vulgar[sign] ?? sign)
        .replace(/\s+/gu, ' ')
        .trim();
    const read = pattern.exec(plain)?.groups;
    const whole = Number((read?.['whole'] ?? '0').replace(',', '.'));
    const top = Number(read?.['top'] ?? read?.['onlyTop'] ?? 0);
    const bottom = Number(read?.['bottom'] ?? read?.['onlyBottom'] ?? 1);
    if (!read || bottom === 0 || (top > 0 && !Number.isInteger(whole))) {
        return { wrong: notALength(text, unit) };
    }
    const size = (whole + top / bottom) * (factors[read['unit'] ?? unit] ?? 1000);
    if (size > LIMIT) {
        return { wrong: `“${shortened(text)}” is longer than 100 metres.` };
    }
    // Halves that the binary number misses by a hair are halves.
    const rounded = Math.round(Number(size.toPrecision(15)));
    return { micrometres: (read['sign'] ?? '+') === '+' ? rounded : -rounded };
}

const shortened = (text: string) => Array.from(text.trim()).slice(0, 40).join('');

function notALength(text: string, unit: Unit): string {
    const said = shortened(text);
    const bare = unit === 'mm' ? '90 (millimetres)' : '3.5 (inches)';
    return `${said === '' ? 'A length is missing.' : `“${said}” is not a length.`} Type it like ${bare}, 90mm, 9 cm, 3.5in or 3 1/2".`;
}
