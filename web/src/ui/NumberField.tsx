import { useState } from 'react';

interface Props {
    label: string;
    /** By which it can be gone to. */
    field?: string;
    value: number;
    unit: string;
    least: number;
    most: number;
    step?: number;
    /** How many digits are kept behind the point. */
    digits?: number;
    onChange: (value: number) => void;
}

/** A field for a number with its unit; arrow keys step it, and what makes no sense is said. */
export function NumberField({ label, field, value, unit, least, most, step = 1, digits = 0, onChange }: Props) {
    const [typed, setTyped] = useState<string | null>(null);
    // As in a length field: what is selected on entering stays until it is left or taken.
    const [entered, setEntered] = useState<string | null>(null);
    const number = typed === null ? value : Number(typed.replace(',', '.').replace(/[^\d.+-]*$/, ''));
    const wrong = typed !== null && typed.trim() !== '' && !(number >= least && number <= most);
    const take = (next: number) => {
        const rounded = Number(next.toFixed(digits));
        if (rounded !== value && rounded >= least && rounded <= most) {
            onChange(rounded);
        }
    };
    return (
        <span className="relative inline-flex" data-field={field}>
            <label
                className={`field inline-flex items-baseline gap-1.5 focus-within:outline-2 focus-within:outline-offset-1 focus-within:outline-indigo ${wrong ? 'border-madder!' : ''}`}
            >
                <span className="sr-only">{label}</span>
                <input
                    className="w-7.5 bg-transparent outline-none"
                    inputMode="decimal"
                    aria-invalid={wrong}
                    autoComplete="off"
                    value={typed ?? entered ?? String(value)}
                    onFocus={(event) => {
                        setEntered(String(value));
                        event.target.select();
                    }}
                    onChange={(event) => setTyped(event.target.value)}
                    onBlur={() => {
                        if (typed !== null && typed.trim() !== '' && !wrong) {
                            take(number);
                        }
                        setTyped(null);
                        setEntered(null);
                    }}
                    onKeyDown={(event) => {
                        if (['Enter', 'Escape', 'ArrowUp', 'ArrowDown'].includes(event.key)) {
                            setEntered(null);
                        }
                        if (event.key === 'Enter' && typed !== null && typed.trim() !== '' && !wrong) {
                            take(number);
                            setTyped(null);
                        } else if (event.key === 'Escape') {
                            setTyped(null);
                        } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
                            event.preventDefault();
                            take(Math.min(most, Math.max(least, value + (event.key === 'ArrowUp' ? step : -step))));
                            setTyped(null);
                        }
                    }}
                />
                <span aria-hidden className="text-2xs whitespace-nowrap text-quiet">
                    {unit}
                </span>
            </label>
            {wrong && (
                <span
                    role="alert"
                    className="absolute top-full left-0 z-10 mt-1 w-40 rounded-[3px] border border-madder bg-paper p-2 text-xs text-madder"
                >
                    Type a number from {least} to {most} {unit}.
                </span>
            )}
        </span>
    );
}
