import type { Follows, Line } from '../../../api/client';
import { withLine, type Put } from '../../model/edits';
import { useBench, useBenchStore } from '../../state/store';

/** Unit and setter for a line's path. */
export function useFollows(line: Line) {
    const unit = useBench((bench) => bench.design.unit);
    const { change } = useBenchStore().getState();
    const put: Put<Follows> = (next, what = '') =>
        change(
            withLine(line.id, ({ follows }) => next(follows)),
            what && `${what}:${line.id}`,
        );
    return { unit, put };
}
