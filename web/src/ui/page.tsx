import { useEffect, useState, type ComponentType } from 'react';

/**
 * A page whose program is loaded when the page is first opened. It is shown as soon as it is there: React holds what
 * it suspended back for 300 ms, so a lazy component would open later than its program arrives.
 */
export function page<Props extends object>(load: () => Promise<ComponentType<Props>>): ComponentType<Props> {
    let loaded: ComponentType<Props> | undefined;

    return function Page(props) {
        const [there, setThere] = useState(loaded !== undefined);
        const [fault, setFault] = useState<Error>();
        useEffect(() => {
            if (!loaded) {
                load().then(
                    (component) => {
                        loaded = component;
                        setThere(true);
                    },
                    (reason: unknown) => setFault(reason instanceof Error ? reason : new Error(String(reason))),
                );
            }
        }, []);
        if (fault) {
            throw fault;
        }
        const Loaded = there ? loaded : undefined;

        return Loaded ? <Loaded {...props} /> : null;
    };
}
