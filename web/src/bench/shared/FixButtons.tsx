import type { SheetFix, SheetSnag } from '../../api/client';
import { Button } from '../../ui/Button';
import { useBenchStore } from '../state/store';

/** Changes that mend a snag at once, a button each. */
export function FixButtons({ snag }: { snag: SheetSnag }) {
    const store = useBenchStore();
    const mend = async (card: string, fix: SheetFix) => {
        const { withFix } = await import('../model/edits/fixes');
        const { change, sheet } = store.getState();
        change(withFix(card, fix, sheet));
    };
    return snag.fixes.length === 0 ? null : (
        <span className="mt-1.5 flex flex-wrap gap-1.5">
            {snag.fixes.map((fix) => (
                <Button key={fix.say} small onClick={() => snag.card && void mend(snag.card, fix)}>
                    {fix.say}
                </Button>
            ))}
        </span>
    );
}
