import { Choice } from '../../ui/Choice';
import { cardName } from '../model/edits';
import { useBench } from '../state/store';

interface Props {
    label: string;
    /** Text while nothing is chosen. */
    none?: string;
    value?: string;
    cards: readonly string[];
    onChange: (card: string) => void;
}

/** Another card, chosen by its name. */
export function CardChoice({ label, none, value = '', cards, onChange }: Props) {
    const design = useBench((bench) => bench.design);
    const name = (card: string) => <span className="truncate">{cardName(design, card)}</span>;
    return (
        <Choice
            label={label}
            className={`min-w-0 flex-1 text-xs ${value === '' ? 'font-semibold text-indigo' : ''}`}
            value={value}
            options={cards}
            by={(card) => card}
            show={name}
            showChosen={(card) => (card === '' ? (none ?? label) : name(card))}
            onChange={onChange}
        />
    );
}
