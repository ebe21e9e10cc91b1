import { useState } from 'react';
import type { Unit } from '../api/client';
import { readLength } from '../length';
import { show } from '../measure';

interface Props {
    label: string;
    /** By which it can be gone to. */
    field?: string;
    /** In µm; null shows an empty field. */
    value: number | null;
    unit: Unit;
    onChange: (micrometres: number) => void;
    /** A small word behind the number. */
    note?: string;
    /** The least that makes sense, in µm. */
    least?: number;
    /** The most, in µm. */
    most?: number;
    /** Highlights the driving dimension. */
    rules?: boolean;
    /** At the right of its card, so that a message opens to the left. */
    atRight?: boolean;
    /** Only as wide as a short number. */
    slim?: boolean;
}

/** A field for a length: takes 90, 90mm, 3.5in, 3 1/2" and says so when it is given something else. */
export function LengthField({ label, field, value, unit, onChange, note, least, most, rules, atRight, slim }: Props) {
    const [typed, setTyped] = useState<string | null>(null);
    const [wrong, setWrong] = useState<string | null>(null);
    // What stands in the field when it is entered stays selected there, even if the measure changes meanwhile.
    const [entered, setEntered] = useState<string | null>(null);
    const measure = value === null ? '' : show(value, unit);

    const take = () => {
        setEntered(null);
        if (typed === null) {
            return;
        }
        const read = readLength(typed, unit);
        const said = 'wrong' in read ? read.wrong : outside(read.micrometres, unit, least, most);
        setWrong(said);
        if (said === null && 'micrometres' in read) {
            setTyped(null);
            if (read.micrometres !== value) {
                onChange(read.micrometres);
            }
        }
    };

    return (
        <span className="relative inline-flex" data-field={field}>
            <label
                className={`field inline-flex ${slim ? 'px-1.25!' : ''} items-baseline gap-1.5 focus-within:outline-2 focus-within:outline-offset-1 focus-within:outline-indigo ${wrong ? 'border-madder!' : ''} ${rules ? 'border-marigold! bg-held!' : ''}`}
            >
                <span className="sr-only">{label}</span>
                <input
                    className={`bg-transparent outline-none ${slim ? 'w-8.5' : 'w-9.5'}`}
                    value={typed ?? entered ?? measure}
                    aria-invalid={wrong !== null}
                    autoComplete="off"
                    spellCheck={false}
                    onChange={(event) => {
                        setTyped(event.target.value);
                        setWrong(null);
                    }}
                    onFocus={(event) => {
                        setEntered(measure);
                        event.target.select();
                    }}
                    onBlur={() => take()}
                    onKeyDown={(event) => {
                        if (event.key === 'Enter') {
                            take();
                        } else if (event.key === 'Escape') {
                            setTyped(null);
                            setWrong(null);
                        }
                    }}
                />
                {note && (
                    <span aria-hidden className="text-2xs whitespace-nowrap text-quiet">
                        {note}
                    </span>
                )}
            </label>
            {wrong && (
                <span
                    role="alert"
                    className={`absolute top-full z-10 mt-1 w-48 rounded-[3px] border border-madder bg-paper p-2 text-xs text-madder ${atRight ? 'right-0' : 'left-0'}`}
                >
                    {wrong}
                </span>
            )}
        </span>
    );
}

/** What is wrong with a length that is too small or too large for its field. */
function outside(length: number, unit: Unit, least = -Infinity, most = Infinity): string | null {
    if (length < least) {
        return `This must be at least ${show(least, unit)} ${unit}.`;
    }
    return length > most ? `This must be at most ${show(most, unit)} ${unit}.` : null;
}
