import { cardName } from '../model/edits';
import { useBench } from '../state/store';

/** Name of another card. */
export function CardName({ id }: { id: string }) {
    const name = useBench((bench) => cardName(bench.design, id));
    return (
        <b className="max-w-full min-w-0 truncate text-xs" title={name}>
            {name}
        </b>
    );
}
