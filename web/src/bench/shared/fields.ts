/** Fields in words: ⟨name⟩ stands for what the job's list has for each person. */
const FIELD = /⟨[^⟨⟩\n]+⟩/g;

export const written = (column: string): string => `⟨${column}⟩`;

/** Words in pieces: their fields and what is between them. */
export function pieces(words: string): { text: string; isField: boolean }[] {
    const found: { text: string; isField: boolean }[] = [];
    let at = 0;
    for (const match of words.matchAll(FIELD)) {
        found.push({ text: words.slice(at, match.index), isField: false }, { text: match[0], isField: true });
        at = match.index + match[0].length;
    }
    return [...found, { text: words.slice(at), isField: false }].filter(({ text }) => text !== '');
}

/** Words with a field at their end. */
export const withField = (words: string, column: string): string =>
    words + (words === '' || /\s$/.test(words) ? '' : ' ') + written(column);

/** Words with a field in place of what is marked. */
export const put = (words: string, from: number, to: number, column: string): string =>
    words.slice(0, from) + written(column) + words.slice(to);

/** A field is taken out whole: what is left of one that lost its beginning or its end goes too. */
export function mended(before: string, after: string): string {
    let words = after;
    for (const [field] of before.matchAll(FIELD)) {
        const count = (text: string) => text.split(field).length;
        if (count(after) >= count(before)) {
            continue;
        }
        for (const rest of [field.slice(1), field.slice(0, -1)]) {
            const at = words.replaceAll(field, ' '.repeat(field.length)).indexOf(rest);
            if (at >= 0) {
                words = words.slice(0, at) + words.slice(at + rest.length);
            }
        }
    }
    return words;
}
