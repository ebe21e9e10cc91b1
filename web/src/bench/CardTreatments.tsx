import type { Design, Sheet, Treatments } from '../api/client';
import { withTreatmentsIn } from './edits';
import type { TakingOut } from './stage/TakeOut';
import { AddTreatments } from './treatments/AddTreatments';
import { CopiesRow } from './treatments/CopiesRow';
import { CutFromRow } from './treatments/CutFromRow';
import { InlineRow } from './treatments/InlineRow';
import { OutlineRows } from './treatments/OutlineRows';
import { SetIntoRow } from './treatments/SetIntoRow';
import { ShadowRow } from './treatments/ShadowRow';
import { TakenOutRows } from './treatments/TakenOutRows';
import type { Treating } from './treatments/Treating';
import type { Draft } from './useDesign';

interface Props {
    id: string;
    film: string;
    treatments: Treatments;
    design: Design;
    sheet: Sheet;
    change: Draft['change'];
    onTakeOut: (taking: TakingOut) => void;
}

/** What is done to a card, each a live setting: rows of the open card. */
export function CardTreatments({ id, film, treatments, design, sheet, change, onTakeOut }: Props) {
    const put: Treating['put'] = (next, also) => change(withTreatmentsIn(id, next, also));
    const treating: Treating = { treatments, design, put };
    return (
        <div className="stitch col-span-2 grid grid-cols-[52px_minmax(0,1fr)] items-center gap-x-2 gap-y-1.5 pt-2">
            <OutlineRows {...treating} />
            {treatments.shadow.kind !== 'none' && <ShadowRow {...treating} />}
            {treatments.inline.width > 0 && <InlineRow {...treating} />}
            {treatments.setInto.card && <SetIntoRow {...treating} />}
            {treatments.cutFrom.card && <CutFromRow {...treating} />}
            {treatments.copies.kind !== 'none' && <CopiesRow {...treating} />}
            <TakenOutRows {...treating} />
            <AddTreatments {...treating} id={id} film={film} sheet={sheet} change={change} onTakeOut={onTakeOut} />
        </div>
    );
}
