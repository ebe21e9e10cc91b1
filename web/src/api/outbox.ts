import { Refusal } from './client';

/** How it stands with saving. */
export type Saving =
    | { state: 'saved'; at: Date }
    | { state: 'saving' }
    /** The server can't be reached or can't write: it is tried again by itself. */
    | { state: 'waiting'; why: string }
    /** It was tried often enough: it is sent again with the next change, when the network is back, or when asked to. */
    | { state: 'stopped'; why: string }
    /** The server refused it; it is sent again when it is changed. */
    | { state: 'refused'; why: string; path: string }
    /** Someone else was first; nothing is sent until it is settled what is to be. */
    | { state: 'overtaken' };

/** What the server has, as it says it. */
export interface Saved<Value> {
    value: Value;
    version: number;
    /** When it was saved; now where it is not said. */
    at?: Date;
}

/** How values get to the server. */
export interface Ports<Value, Answer> {
    /** Sends a value that was made from a version; what was changed is named where it was one thing. */
    send: (value: Value, version: number, what: string) => Promise<Answer>;
    /** What an answer says of the value, which it may leave out where it is as it was sent. */
    read: (answer: Answer) => Omit<Saved<Value>, 'value'> & { value?: Value };
    /** Takes in the rest of an answer, which knows of so many changes. */
    took?: (answer: Answer, changes: number) => void;
    /** Someone else was first: with something of ours unsaved, or before something that was asked for. */
    overtaken: (seen: Seen<Value>) => unknown;
    /** Whether a value that was refused is given up, where fields keep what was typed. */
    givesUp?: boolean;
}

/** How often it is tried to reach the server, and how long it is waited after the first and after each further time, in ms. */
const MOST = 10;
const waitAfter = (tries: number) => Math.min(1000 * 2 ** (tries - 1), 15_000);

const UNREACHED = 'the server can’t be reached. What you typed stays here; it is tried again.';

/**
 * Changes of a value on their way to the server: they show at once and are sent as soon as the last answer is in, so that never more
 * than one is under way and none is overtaken by another. Every change is made to the value as it is then.
 */
export class Outbox<Value, Answer> {
    private latest: Value;
    private sent: Value;
    private version: number;
    private made = 0;
    private what: string | null = null;
    private sending: Promise<boolean> | null = null;
    private asked = Promise.resolve();
    private held = false;
    private wake: (() => void) | null = null;
    private saving: Saving;
    private listeners = new Set<() => void>();
    private seen: Seen<Value>;

    constructor(
        { value, version, at }: Saved<Value>,
        private ports: Ports<Value, Answer>,
    ) {
        this.latest = this.sent = value;
        this.version = version;
        this.saving = { state: 'saved', at: at ?? new Date() };
        this.seen = this.look();
    }

    /** The same ports, as the page has them now. */
    readonly through = (ports: Ports<Value, Answer>) => {
        this.ports = ports;
    };

    readonly subscribe = (listener: () => void) => {
        this.listeners.add(listener);
        return () => this.listeners.delete(listener);
    };

    /** All that can be seen of it: another object whenever anything changed. */
    readonly snapshot = () => this.seen;

    /** Changes the value. Changes of the same thing in a row go under its name. Gives the change's number, counted from 1. */
    readonly change = (change: (now: Value) => Value, what = ''): number => {
        const next = change(this.latest);
        if (next !== this.latest) {
            this.latest = next;
            this.made += 1;
            this.what = this.what === null || this.what === what ? what : '';
            if (!this.held && this.saving.state !== 'waiting') {
                this.saving = { state: 'saving' };
            }
            this.tell();
            void this.flush();
        }
        return this.made;
    };

    /** Sends what is unsaved; whether the server has all of it then. */
    readonly flush = (): Promise<boolean> => {
        if (this.held) {
            return Promise.resolve(false);
        }
        this.sending ??= this.sendAll().finally(() => {
            this.sending = null;
        });
        return this.sending;
    };

    /** Tries again at once. */
    readonly retry = () => {
        this.wake?.();
        void this.flush();
    };

    /** Asks the server for something else once all is saved, one after the other; its answer is how the value is from then on. */
    readonly ask = (request: (version: number) => Promise<Answer>): Promise<void> => {
        this.asked = this.asked.then(async () => {
            if (await this.flush()) {
                await request(this.version).then(this.take, this.failed);
            }
        });
        return this.asked;
    };

    /** Takes in what the server has; what was unsaved is given up, and what was held up goes on. */
    readonly adopt = ({ value, version, at }: Saved<Value>) => {
        this.held = false;
        this.latest = this.sent = value;
        this.version = version;
        this.what = null;
        this.saving = { state: 'saved', at: at ?? new Date() };
        this.tell();
    };

    private async sendAll(): Promise<boolean> {
        for (let tries = 0; this.sent !== this.latest;) {
            const [value, upTo, what] = [this.latest, this.made, this.what ?? ''];
            this.what = null;
            try {
                const answer = await this.ports.send(value, this.version, what);
                tries = 0;
                this.sent = value;
                this.noted(answer, upTo);
            } catch (error) {
                this.what ??= what;
                if (error instanceof Refusal && error.status < 500) {
                    await this.failed(error);
                    return false;
                }
                tries += 1;
                const why = error instanceof Refusal ? error.message : UNREACHED;
                this.saving = { state: tries < MOST ? 'waiting' : 'stopped', why };
                this.tell();
                if (tries >= MOST) {
                    return false;
                }
                await this.pause(waitAfter(tries));
            }
        }
        return true;
    }

    private pause(ms: number): Promise<void> {
        return new Promise((resolve) => {
            const timer = setTimeout(() => this.wake?.(), ms);
            this.wake = () => {
                clearTimeout(timer);
                this.wake = null;
                resolve();
            };
        });
    }

    private readonly failed = async (error: unknown): Promise<void> => {
        const unsaved = this.sent !== this.latest;
        if (error instanceof Refusal && error.status === 409) {
            this.held = unsaved;
            this.saving = unsaved ? { state: 'overtaken' } : this.saving;
            this.tell();
            await this.ports.overtaken(this.seen);
            return;
        }
        if (this.ports.givesUp) {
            this.latest = this.sent;
            this.what = null;
        }
        this.saving =
            error instanceof Refusal
                ? { state: 'refused', why: error.message, path: error.problem.path }
                : { state: 'refused', why: 'the server can’t be reached. Try again.', path: '' };
        this.tell();
    };

    private readonly take = (answer: Answer): void => {
        const { value } = this.ports.read(answer);
        if (value !== undefined) {
            this.latest = this.sent = value;
        }
        this.noted(answer, this.made);
    };

    private noted(answer: Answer, upTo: number): void {
        const { version, at } = this.ports.read(answer);
        this.version = version;
        this.saving = this.sent === this.latest ? { state: 'saved', at: at ?? new Date() } : { state: 'saving' };
        this.ports.took?.(answer, upTo);
        this.tell();
    }

    private look(): Seen<Value> {
        return {
            value: this.latest,
            base: this.sent,
            version: this.version,
            saving: this.saving,
            unsaved: this.sent !== this.latest,
            changes: this.made,
        };
    }

    private tell(): void {
        this.seen = this.look();
        this.listeners.forEach((listener) => listener());
    }
}

export interface Seen<Value> {
    /** With all changes. */
    value: Value;
    /** What the server has, as far as it was heard. */
    base: Value;
    version: number;
    saving: Saving;
    unsaved: boolean;
    /** How many changes were made. */
    changes: number;
}
