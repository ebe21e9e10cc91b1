import type { Design } from '../../api/client';
import { Choice } from '../../ui/Choice';
import { cardName } from '../edits';

interface Props {
    label: string;
    cards: readonly string[];
    design: Design;
    onChange: (card: string) => void;
}

/** Another card to set into or cut from. */
export function CardChoice({ label, cards, design, onChange }: Props) {
    return cards.length === 0 ? null : (
        <Choice
            label={label}
            className="min-w-0 flex-1 text-xs font-semibold text-indigo"
            value=""
            options={cards}
            by={(card) => card}
            show={(card) => <span className="truncate">{cardName(design, card)}</span>}
            showChosen={() => label}
            onChange={onChange}
        />
    );
}
