/** Cuts a stream of HP-GL into instructions: two letters, and what stands behind them up to the semicolon. */
export class Instructions {
    #rest = '';

    /** @returns {{ name: string, numbers: number[], bytes: number }[]} those that are complete */
    take(text) {
        this.#rest += text;
        const found = [];
        for (let end = this.#rest.indexOf(';'); end >= 0; end = this.#rest.indexOf(';')) {
            const whole = this.#rest.slice(0, end + 1);
            this.#rest = this.#rest.slice(end + 1);
            const name = whole.trim().slice(0, 2).toUpperCase();
            const numbers = (
                whole
                    .trim()
                    .slice(2, -1)
                    .match(/-?\d+(\.\d+)?/g) ?? []
            ).map(Number);
            found.push({ name, numbers, bytes: whole.length });
        }
        return found;
    }

    get waiting() {
        return this.#rest.length;
    }

    clear() {
        this.#rest = '';
    }
}

/** Parts what is meant for the device at once (ESC . and a letter) from what is kept for later. */
export function parted(text) {
    const controls = [];
    const rest = text.replace(/\u001b\.([A-Z])(?:[\d;]*:)?/g, (_, letter) => {
        controls.push(letter);
        return '';
    });
    return { controls, rest };
}
