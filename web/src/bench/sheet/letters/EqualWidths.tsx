import type { Line } from '../../../api/client';
import { Button } from '../../../ui/Button';
import { withEqualWidths } from '../../model/edits';
import { partOf } from '../../state/select';
import { useBench, useBenchStore } from '../../state/store';

/** Makes all lines as wide as this one. */
export function EqualWidths({ line }: { line: Line }) {
    const several = useBench((bench) => bench.design.lines.length > 1);
    const width = useBench((bench) => partOf(bench, line.id)?.width ?? 0);
    const { change } = useBenchStore().getState();
    return several && width > 0 ? (
        <Button
            look="words"
            small
            aria-label="Make all lines as wide as this one"
            title="Make all lines as wide as this one"
            onClick={() => change(withEqualWidths(width))}
        >
            all this wide
        </Button>
    ) : null;
}
