/** Fields in words: ⟨name⟩ stands for each person's entry in the job's list. */
const FIELD = /⟨[^⟨⟩\n]+⟩/g;

export const written = (column: string): string => `⟨${column}⟩`;

/** Splits words into fields and the text between them. */
export function pieces(words: string): { text: string; isField: boolean }[] {
    const found: { text: string; isField: boolean }[] = [];
    let at = 0;
    for (const match of words.matchAll(FIELD)) {
        found.push({ text: words.slice(at, match.index), isField: false }, { text: match[0], isField: true });
        at = match.index + match[0].length;
    }
    return [...found, { text: words.slice(at), isField: false }].filter(({ text }) => text !== '');
}

/** Appends a field to words. */
export const withField = (words: string, column: string): string =>
    words + (words === '' || /\s$/.test(words) ? '' : ' ') + written(column);

/** Replaces the selection by a field. */
export const put = (words: string, from: number, to: number, column: string): string =>
    words.slice(0, from) + written(column) + words.slice(to);

/** Fields are deleted as a whole: removes what is left of a broken one. */
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
