import { Refusal } from './client';

/** State of saving. */
export type Saving =
    | { state: 'saved'; at: Date }
    | { state: 'saving' }
    /** The server can't be reached or can't write; retried automatically. */
    | { state: 'waiting'; why: string }
    /** Retries are used up: sent again with the next change, when the network is back, or on request. */
    | { state: 'stopped'; why: string }
    /** The server refused it; sent again after the next change. */
    | { state: 'refused'; why: string; path: string }
    /** Someone else was first; nothing is sent until the conflict is resolved. */
    | { state: 'overtaken' };

/** The server's value. */
export interface Saved<Value> {
    value: Value;
    version: number;
    /** When it was saved; now if unknown. */
    at?: Date;
}

/** Sends values to the server. */
export interface Ports<Value, Answer> {
    /** Sends a value based on a version, naming the change if it is a single one. */
    send: (value: Value, version: number, what: string) => Promise<Answer>;
    /** The value in a response; may be absent if it equals what was sent. */
    read: (answer: Answer) => Omit<Saved<Value>, 'value'> & { value?: Value };
    /** Applies the rest of a response that includes a given number of changes. */
    took?: (answer: Answer, changes: number) => void;
    /** Called if someone else was first, with unsaved changes of ours or before a request. */
    overtaken: (seen: Seen<Value>) => unknown;
    /** Whether a refused value is dropped, because fields keep what was typed. */
    givesUp?: boolean;
}

/** Number of attempts to reach the server, and waits after the first and each further one, in ms. */
const MOST = 10;
const waitAfter = (tries: number) => Math.min(1000 * 2 ** (tries - 1), 15_000);

const UNREACHED = 'the server can’t be reached. What you typed stays here; it is tried again.';

/**
 * Changes of a value on their way to the server. They show at once and are sent after the last response, so that only one request
 * is in flight and none overtakes another. Every change applies to the current value.
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

    /** Replaces the ports by the page's current ones. */
    readonly through = (ports: Ports<Value, Answer>) => {
        this.ports = ports;
    };

    readonly subscribe = (listener: () => void) => {
        this.listeners.add(listener);
        return () => this.listeners.delete(listener);
    };

    /** Snapshot of its state: a new object after every change. */
    readonly snapshot = () => this.seen;

    /** Changes the value. Consecutive changes of the same thing share its name. Returns the change's number, from 1. */
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

    /** Sends unsaved changes; resolves to whether the server has them all. */
    readonly flush = (): Promise<boolean> => {
        if (this.held) {
            return Promise.resolve(false);
        }
        this.sending ??= this.sendAll().finally(() => {
            this.sending = null;
        });
        return this.sending;
    };

    /** Retries at once. */
    readonly retry = () => {
        this.wake?.();
        void this.flush();
    };

    /** Sends another request once all is saved, in order; its response is the new value. */
    readonly ask = (request: (version: number) => Promise<Answer>): Promise<void> => {
        this.asked = this.asked.then(async () => {
            if (await this.flush()) {
                await request(this.version).then(this.take, this.failed);
            }
        });
        return this.asked;
    };

    /** Adopts the server's value; unsaved changes are dropped, and held requests continue. */
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
    /** The server's value, as far as known. */
    base: Value;
    version: number;
    saving: Saving;
    unsaved: boolean;
    /** Number of changes made. */
    changes: number;
}
