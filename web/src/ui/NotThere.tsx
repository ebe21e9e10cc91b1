import { Button } from './Button';
import { Message } from './Message';

interface Props {
    /** What is fetched, like films. */
    what: string;
    /** Said where the shop has none. */
    empty: string;
    list: { isPending: boolean; isError: boolean; refetch: () => unknown };
}

/** Instead of a list that is not there: it is on its way, could not be fetched, or is empty. */
export function NotThere({ what, empty, list }: Props) {
    return (
        <main className="flex flex-1">
            {list.isPending ? (
                <Message title={`Fetching the ${what}…`} />
            ) : (
                <Message title={list.isError ? `The ${what} can’t be fetched` : empty}>
                    <Button look="words" onClick={() => void list.refetch()}>
                        Try again
                    </Button>
                </Message>
            )}
        </main>
    );
}
