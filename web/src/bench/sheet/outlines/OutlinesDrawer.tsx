import { Button } from '../../../ui/Button';
import type { Card } from '../../model/edits';
import { newRim } from '../../model/treatments';
import { Rows } from '../../shared/Row';
import { useTreatments } from '../card/useTreatments';
import { InlineRow } from './InlineRow';
import { OutlineRows } from './OutlineRows';
import { ShadowRows } from './ShadowRows';

/** Outlines, shadow and inline of a card. */
export function OutlinesDrawer({ card }: { card: Card }) {
    const treating = useTreatments(card);
    const { treatments, put, under } = treating;
    const { outlines, shadow, inline } = treatments;
    // Only the last one's details start unfolded.
    const alone = shadow.kind === 'none';
    return (
        <>
            <Rows>
                {outlines.map((_, at) => (
                    <OutlineRows key={at} at={at} detailed={alone && at === outlines.length - 1} {...treating} />
                ))}
                {shadow.kind !== 'none' && <ShadowRows {...treating} />}
                {inline.width > 0 && <InlineRow {...treating} />}
            </Rows>
            <div className="mt-1.5 flex flex-wrap gap-x-3 gap-y-1">
                <Button
                    look="words"
                    small
                    onClick={() => under && put((now) => now.outlines.push(newRim(under.id)), under)}
                >
                    {outlines.length === 0 ? '+ Outline' : '+ Another outline'}
                </Button>
                {shadow.kind === 'none' && (
                    <Button
                        look="words"
                        small
                        onClick={() =>
                            under &&
                            put((now) => {
                                now.shadow.kind = 'all round';
                                now.shadow.film ||= under.id;
                            }, under)
                        }
                    >
                        + Shadow
                    </Button>
                )}
                {inline.width === 0 && (
                    <Button look="words" small onClick={() => put((now) => (now.inline.width = 1000))}>
                        + Inline
                    </Button>
                )}
            </div>
        </>
    );
}
