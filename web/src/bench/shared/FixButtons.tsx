import type { SheetSnag } from '../../api/client';
import { Button } from '../../ui/Button';
import { withFix } from '../model/edits';
import { useBenchStore } from '../state/store';

/** Changes that mend a snag at once, a button each. */
export function FixButtons({ snag }: { snag: SheetSnag }) {
    const { change } = useBenchStore().getState();
    return snag.fixes.length === 0 ? null : (
        <span className="mt-1.5 flex flex-wrap gap-1.5">
            {snag.fixes.map((fix) => (
                <Button key={fix.say} small onClick={() => snag.card && change(withFix(snag.card, fix))}>
                    {fix.say}
                </Button>
            ))}
        </span>
    );
}
