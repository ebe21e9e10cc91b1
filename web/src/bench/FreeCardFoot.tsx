import type { Form, Motif, Unit } from '../api/client';
import { show } from '../measure';
import { CardActions } from './CardActions';
import { withCard, withFreeCopy, withoutFree } from './edits';
import { treatmentWords } from './treatments';
import type { Draft } from './useDesign';

interface Props {
    card: Form | Motif;
    open: boolean;
    unit: Unit;
    /** Said of it before its measures. */
    note?: string;
    change: Draft['change'];
}

/** What ends the card of a form or motif: what can be done with it, or on a closed one its measures. */
export function FreeCardFoot({ card, open, unit, note = '', change }: Props) {
    if (open) {
        return (
            <CardActions
                hidden={card.hidden}
                locked={card.locked}
                onHide={() => change(withCard(card.id, (now) => (now.hidden = !now.hidden)))}
                onLock={() => change(withCard(card.id, (now) => (now.locked = !now.locked)))}
                onDuplicate={() => change(withFreeCopy(card.id))}
                onRemove={() => change(withoutFree(card.id))}
            />
        );
    }
    const treated = treatmentWords(card.treatments);
    return (
        <p className="mt-1 truncate text-xs text-quiet">
            {card.hidden && <b>hidden · </b>}
            {card.locked && <b>locked · </b>}
            {note}
            {`${show(card.size.width, unit)} × ${show(card.size.height, unit)} ${unit}`}
            {treated && ` · ${treated}`}
        </p>
    );
}
