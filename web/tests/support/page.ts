import { configure } from '@testing-library/react';
import { vi } from 'vitest';

/** What the Bench asks of a browser that jsdom does not have. */
export function asInABrowser(): void {
    // Drawers are fetched when they are opened, which a busy machine may take its time for.
    configure({ asyncUtilTimeout: 20_000 });
    Element.prototype.scrollIntoView = () => {};
    window.requestIdleCallback = (work) => window.setTimeout(work);
    window.cancelIdleCallback = (timer) => window.clearTimeout(timer);
    vi.stubGlobal(
        'ResizeObserver',
        class {
            observe() {}
            unobserve() {}
            disconnect() {}
        },
    );
    // The browser's own fonts are none of these tests' business.
    vi.stubGlobal(
        'FontFace',
        class {
            load = () => Promise.resolve(this);
        },
    );
    Object.assign(document, { fonts: { add: () => {} } });
}
