import { useEffect, useRef } from 'react';

export interface Key {
    /** As in event.key, with Ctrl+, Alt+ and Shift+ in front; Ctrl is Command too. */
    press: string;
    /** How it is written in the list, where that differs. */
    show?: string;
    /** Empty where another key of the same kind says it. */
    does: string;
    /** What one is doing with it. */
    group?: string;
    act?: () => unknown;
    /** Also while something is typed. */
    always?: boolean;
    /** Goes back or forward: in a field, what was typed there goes first. */
    undoes?: boolean;
    /** Only listed: the browser does it. */
    shown?: boolean;
}

/** Keys that are written with Shift on one keyboard and without on another. */
const SIGNS = /^[^a-z0-9]$/i;

/** Fields in which text is typed. */
const isTyping = (target: HTMLElement | null): target is HTMLInputElement | HTMLTextAreaElement =>
    target instanceof HTMLTextAreaElement ||
    (target instanceof HTMLInputElement && !['checkbox', 'radio', 'file', 'button'].includes(target.type));

/** What a key press is called: Ctrl+z. */
function nameOf(event: KeyboardEvent): string {
    const name = event.key.length === 1 ? event.key.toLowerCase() : event.key;
    const shift = event.shiftKey && !SIGNS.test(name) ? 'Shift+' : '';
    return `${event.ctrlKey || event.metaKey ? 'Ctrl+' : ''}${event.altKey ? 'Alt+' : ''}${shift}${name}`;
}

/** Listens for keys on the whole page. */
export function useKeys(keys: readonly Key[]): void {
    const now = useRef(keys);
    useEffect(() => {
        now.current = keys;
    }, [keys]);
    useEffect(() => {
        // What a field had when it was entered, and whether anything was typed there since, or since Enter took it.
        let taken = '';
        let typed = false;
        const enter = ({ target }: FocusEvent) => {
            typed = false;
            taken = target instanceof HTMLElement && isTyping(target) ? target.value : '';
        };
        const type = () => {
            typed = true;
        };
        const listen = (event: KeyboardEvent) => {
            const target = event.target instanceof HTMLElement ? event.target : null;
            const within = (what: string) => target !== null && target.closest(what) !== null;
            if (within('[role=dialog]') || event.defaultPrevented) {
                return;
            }
            if (event.key === 'Enter' && isTyping(target)) {
                typed = false;
            }
            // A button in focus does what it says on Enter.
            if (event.key === 'Enter' && within('button, a')) {
                return;
            }
            const typing = within(
                'input:not([type=checkbox]), textarea, select, [role=listbox], [role=menu], [role=radiogroup]',
            );
            const name = nameOf(event);
            const key = now.current.find(
                ({ press, always, undoes }) => press === name && (always || undoes || !typing),
            );
            if (key?.act && !(key.undoes && isTyping(target) && typed && target.value !== taken)) {
                event.preventDefault();
                key.act();
            }
        };
        window.addEventListener('focusin', enter);
        window.addEventListener('input', type);
        window.addEventListener('keydown', listen);
        return () => {
            window.removeEventListener('focusin', enter);
            window.removeEventListener('input', type);
            window.removeEventListener('keydown', listen);
        };
    }, []);
}
