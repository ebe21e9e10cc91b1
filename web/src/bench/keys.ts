import { useEffect, useRef } from 'react';

export interface Key {
    /** As in event.key, with Ctrl+ and Shift+ in front; Ctrl stands for Command too. */
    press: string;
    does: string;
    act: () => unknown;
    /** Also while something is typed. */
    always?: boolean;
}

/** Listens for keys on the whole page. */
export function useKeys(keys: readonly Key[]): void {
    const now = useRef(keys);
    useEffect(() => {
        now.current = keys;
    });
    useEffect(() => {
        const listen = (event: KeyboardEvent) => {
            const typing =
                event.target instanceof HTMLElement &&
                event.target.closest('input, textarea, [role=listbox], [role=dialog], [role=radiogroup]') !== null;
            const name = event.key.length === 1 ? event.key.toLowerCase() : event.key;
            const pressed = `${event.ctrlKey || event.metaKey ? 'Ctrl+' : ''}${event.shiftKey && name !== '?' ? 'Shift+' : ''}${name}`;
            const key = now.current.find((candidate) => candidate.press === pressed && (candidate.always || !typing));
            if (key) {
                event.preventDefault();
                key.act();
            }
        };
        window.addEventListener('keydown', listen);
        return () => window.removeEventListener('keydown', listen);
    }, []);
}
