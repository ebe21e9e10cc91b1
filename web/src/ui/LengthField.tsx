import { useState } from 'react';
import { answer, server, type Unit } from '../api/client';
import { show } from '../measure';

interface Props {
    label: string;
    /** In µm; null shows an empty field. */
    value: number | null;
    unit: Unit;
    onChange: (micrometres: number) => void;
    /** A small word behind the number. */
    note?: string;
    /** The least that makes sense, in µm. */
    least?: number;
    /** Marks the measure that rules the others. */
    rules?: boolean;
    /** Stands at the right of its card, so that a message opens to the left. */
    atRight?: boolean;
}

/** A field for a length: takes 90, 90mm, 3.5in, 3 1/2" and says so when it is given something else. */
export function LengthField({ label, value, unit, onChange, note, least, rules, atRight }: Props) {
    const [typed, setTyped] = useState<string | null>(null);
    const [wrong, setWrong] = useState<string | null>(null);
    // What stands in the field when it is entered stays selected there, even if the measure changes meanwhile.
    const [entered, setEntered] = useState<string | null>(null);
    const measure = value === null ? '' : show(value, unit);

    const take = async () => {
        setEntered(null);
        if (typed === null) {
            return;
        }
        try {
            const length = await answer(server.GET('/api/length', { params: { query: { text: typed, unit } } }));
            if (least !== undefined && length.micrometres < least) {
                setWrong(`This must be at least ${show(least, unit)} ${unit}.`);
                return;
            }
            setTyped(null);
            setWrong(null);
            if (length.micrometres !== value) {
                onChange(length.micrometres);
            }
        } catch (error) {
            setWrong(
                error instanceof TypeError
                    ? 'The server can’t be reached, so the length was not read. It stays here; press Enter to try again.'
                    : (error as Error).message,
            );
        }
    };

    return (
        <span className="relative inline-flex">
            <label
                className={`field inline-flex items-baseline gap-1.5 focus-within:outline-2 focus-within:outline-offset-1 focus-within:outline-indigo ${wrong ? 'border-madder!' : ''} ${rules ? 'border-marigold! bg-[#fff8ea]!' : ''}`}
            >
                <span className="sr-only">{label}</span>
                <input
                    className="w-10 bg-transparent outline-none"
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
                    onBlur={() => void take()}
                    onKeyDown={(event) => {
                        if (event.key === 'Enter') {
                            void take();
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
