import { useEffect, useRef } from 'react';

export interface Key {
    /** As in event.key, with Ctrl+, Alt+ and Shift+ in front; Ctrl stands for Command too. */
    press: string;
    does: string;
    act?: () => unknown;
    /** Also while something is typed. */
    always?: boolean;
    /** Only listed: the browser does it. */
    shown?: boolean;
}

/** Keys that are written with Shift on one keyboard and without on another. */
const SIGNS = /^[^a-z0-9]$/i;

/** Listens for keys on the whole page. */
export function useKeys(keys: readonly Key[]): void {
    const now = useRef(keys);
    useEffect(() => {
        now.current = keys;
    });
    useEffect(() => {
        const listen = (event: KeyboardEvent) => {
            const target = event.target instanceof HTMLElement ? event.target : null;
            const within = (what: string) => target?.closest(what) !== null && target !== null;
            if (within('[role=dialog]')) {
                return;
            }
            const typing = within('input, textarea, [role=listbox], [role=menu], [role=radiogroup]');
            const name = event.key.length === 1 ? event.key.toLowerCase() : event.key;
            // A button in focus does what it says on Enter.
            if (name === 'Enter' && within('button, a')) {
                return;
            }
            const shift = event.shiftKey && !SIGNS.test(name) ? 'Shift+' : '';
            const pressed = `${event.ctrlKey || event.metaKey ? 'Ctrl+' : ''}${event.altKey ? 'Alt+' : ''}${shift}${name}`;
            const key = now.current.find((candidate) => candidate.press === pressed && (candidate.always || !typing));
            if (key?.act) {
                event.preventDefault();
                key.act();
            }
        };
        window.addEventListener('keydown', listen);
        return () => window.removeEventListener('keydown', listen);
    }, []);
}
