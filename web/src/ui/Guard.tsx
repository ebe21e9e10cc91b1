import { Component, type ReactNode } from 'react';

interface Props {
    /** What it is around, as it is said: “This card”. */
    what: string;
    /** When this changes, it is tried again. */
    of?: unknown;
    children: ReactNode;
}

interface State {
    failed: boolean;
    of: unknown;
}

/** Keeps a failure where it is: what is around stays usable, and what was typed is saved all the same. */
export class Guard extends Component<Props, State> {
    override state: State = { failed: false, of: this.props.of };

    static getDerivedStateFromError(): Partial<State> {
        return { failed: true };
    }

    static getDerivedStateFromProps({ of }: Props, state: State): State | null {
        return of === state.of ? null : { failed: false, of };
    }

    override render(): ReactNode {
        const { what, children } = this.props;
        return this.state.failed ? (
            <div role="alert" className="m-1 rounded-[3px] border border-madder bg-paper p-3 text-madder">
                <p>{what} can’t be shown: a fault in Uvret. What you typed is saved.</p>
                <button className="mt-1 font-semibold underline" onClick={() => this.setState({ failed: false })}>
                    Try again
                </button>
            </div>
        ) : (
            children
        );
    }
}
