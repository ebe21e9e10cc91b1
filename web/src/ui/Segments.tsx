import { Radio, RadioGroup } from '@headlessui/react';
import type { ReactNode } from 'react';

interface Props<T extends string> {
    label: string;
    value: T;
    options: readonly { value: T; show: ReactNode; name?: string }[];
    onChange: (value: T) => void;
    dark?: boolean;
    small?: boolean;
}

/** A few choices side by side, one of them taken. */
export function Segments<T extends string>({ label, value, options, onChange, dark, small }: Props<T>) {
    return (
        <RadioGroup
            aria-label={label}
            value={value}
            onChange={onChange}
            className={`inline-flex shrink-0 overflow-hidden rounded-[3px] border ${dark ? 'border-white/30' : 'border-seam bg-white'}`}
        >
            {options.map((option) => (
                <Radio
                    key={option.value}
                    value={option.value}
                    aria-label={option.name}
                    className={[
                        'cursor-pointer py-1 whitespace-nowrap not-last:border-r',
                        'focus-visible:-outline-offset-2 focus-visible:outline-[#e9a94f]',
                        small ? 'px-1.5 text-xs' : 'px-2.5',
                        dark
                            ? 'not-last:border-white/30 data-checked:bg-muslin data-checked:text-ink'
                            : 'not-last:border-seam data-checked:bg-ink data-checked:text-white',
                    ].join(' ')}
                >
                    {option.show}
                </Radio>
            ))}
        </RadioGroup>
    );
}
