import { useId, type ReactNode } from 'react';

interface Props<T extends string> {
    label: string;
    /** By which it can be gone to. */
    field?: string;
    value: T;
    options: readonly { value: T; show: ReactNode; name?: string }[];
    onChange: (value: T) => void;
    dark?: boolean;
    small?: boolean;
}

/** A few choices side by side, one of them taken. */
export function Segments<T extends string>({ label, field, value, options, onChange, dark, small }: Props<T>) {
    const group = useId();
    return (
        <span
            role="radiogroup"
            aria-label={label}
            data-field={field}
            className={`inline-flex shrink-0 justify-self-start overflow-hidden rounded-[3px] border ${dark ? 'border-white/30' : 'border-seam bg-white'}`}
        >
            {options.map((option) => (
                <label
                    key={option.value}
                    className={[
                        'relative cursor-pointer py-1 whitespace-nowrap not-last:border-r',
                        'has-focus-visible:outline-2 has-focus-visible:-outline-offset-2 has-focus-visible:outline-lamp',
                        'has-disabled:cursor-default has-disabled:opacity-60',
                        small ? 'px-1.5 text-xs' : 'px-2.5',
                        dark
                            ? 'not-last:border-white/30 has-checked:bg-muslin has-checked:text-ink'
                            : 'not-last:border-seam has-checked:bg-ink has-checked:text-white',
                    ].join(' ')}
                >
                    <input
                        type="radio"
                        name={group}
                        aria-label={option.name}
                        className="absolute inset-0 cursor-[inherit] opacity-0"
                        checked={option.value === value}
                        onChange={() => onChange(option.value)}
                    />
                    {option.show}
                </label>
            ))}
        </span>
    );
}
