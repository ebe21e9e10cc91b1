import type { Line } from '../../api/client';

/** Normalizes typed or pasted words: line breaks separate rows, other white space becomes spaces. */
export const cleaned = (words: string): string =>
    words
        .replace(/\r\n?/g, '\n')
        .replace(/[\p{Cc}]/gu, (character) => (character === '\n' ? '\n' : ' '))
        .slice(0, 2000);

/** Pastes text over the selection, without leading and trailing empty rows. */
export function pasted(text: string, field: HTMLTextAreaElement, line: Line): string {
    const [from, to] = [field.selectionStart, field.selectionEnd];
    const rows = cleaned(text).trim();
    // On a spiral, line breaks become spaces.
    const words = line.follows.path === 'spiral' ? rows.replace(/\s+/g, ' ') : rows;
    return cleaned(field.value.slice(0, from) + words + field.value.slice(to));
}

export const rowsOf = (words: string): number => words.split('\n').length;
