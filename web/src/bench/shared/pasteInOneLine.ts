import type { ClipboardEvent } from 'react';

/** Line breaks in what is pasted read as spaces; a browser would leave them out and run the words together. */
export function pasteInOneLine(event: ClipboardEvent<HTMLInputElement>, take: (text: string) => void) {
    const pasted = event.clipboardData.getData('text');
    if (!/[\r\n\t]/.test(pasted)) {
        return;
    }
    event.preventDefault();
    const field = event.currentTarget;
    const [from, to] = [field.selectionStart ?? field.value.length, field.selectionEnd ?? field.value.length];
    const words = pasted.replace(/\s+/g, ' ').trim();
    take((field.value.slice(0, from) + words + field.value.slice(to)).slice(0, 2000));
}
