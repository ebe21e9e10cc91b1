/** Words as they were typed or pasted: line breaks part rows, tabs and the like are spaces. */
export const cleaned = (words: string): string =>
    words
        .replace(/\r\n?/g, '\n')
        .replace(/[\p{Cc}]/gu, (character) => (character === '\n' ? '\n' : ' '))
        .slice(0, 2000);

/** What is pasted into a field of words, without the empty rows round it, in place of what is marked there. */
export function pasted(text: string, field: HTMLTextAreaElement): string {
    const [from, to] = [field.selectionStart, field.selectionEnd];
    return cleaned(field.value.slice(0, from) + cleaned(text).trim() + field.value.slice(to));
}

export const rowsOf = (words: string): number => words.split('\n').length;
