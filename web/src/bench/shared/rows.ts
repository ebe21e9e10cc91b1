import type { Line } from '../../api/client';

/** Words as they were typed or pasted: line breaks part rows, tabs and the like are spaces. */
export const cleaned = (words: string): string =>
    words
        .replace(/\r\n?/g, '\n')
        .replace(/[\p{Cc}]/gu, (character) => (character === '\n' ? '\n' : ' '))
        .slice(0, 2000);

/** What is pasted into a field of words, without the empty rows round it, in place of what is marked there. */
export function pasted(text: string, field: HTMLTextAreaElement, line: Line): string {
    const [from, to] = [field.selectionStart, field.selectionEnd];
    const rows = cleaned(text).trim();
    // Verses run on along a spiral.
    const words = line.follows.path === 'spiral' ? rows.replace(/\s+/g, ' ') : rows;
    return cleaned(field.value.slice(0, from) + words + field.value.slice(to));
}

export const rowsOf = (words: string): number => words.split('\n').length;
