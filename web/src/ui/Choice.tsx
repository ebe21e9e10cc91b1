import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/react';
import type { ReactNode } from 'react';

interface Props<T> {
    label: string;
    /** By which it can be gone to. */
    field?: string;
    value: T;
    options: readonly T[];
    onChange: (value: T) => void;
    /** What tells options apart. */
    by: (option: T) => string;
    show: (option: T) => ReactNode;
    /** How the chosen one is shown on the closed list; the same way if left out. */
    showChosen?: (option: T) => ReactNode;
    onOpen?: () => void;
    className?: string;
    wide?: boolean;
}

/** A list to choose one thing from. */
export function Choice<T>({
    label,
    field,
    value,
    options,
    onChange,
    by,
    show,
    showChosen,
    onOpen,
    className,
    wide,
}: Props<T>) {
    return (
        <Listbox
            value={by(value)}
            onChange={(key) => {
                const option = options.find((candidate) => by(candidate) === key);
                if (option !== undefined) {
                    onChange(option);
                }
            }}
        >
            <ListboxButton
                aria-label={label}
                data-field={field}
                onPointerDown={onOpen}
                onFocus={onOpen}
                className={`field flex min-w-0 items-center justify-between gap-2 text-left hover:border-quiet ${className ?? ''}`}
            >
                <span className="flex min-w-0 flex-1 items-center gap-2 truncate">{(showChosen ?? show)(value)}</span>
                <svg aria-hidden viewBox="0 0 8 5" className="w-2 shrink-0 fill-none stroke-quiet stroke-[1.4]">
                    <path d="M1 1l3 3 3-3" />
                </svg>
            </ListboxButton>
            <ListboxOptions
                modal={false}
                anchor={{ to: 'bottom start', gap: 4, padding: 8 }}
                className={`card z-20 max-h-[420px]! overflow-y-auto py-1 outline-none ${wide ? 'w-80' : 'min-w-(--button-width)'}`}
            >
                {options.map((option) => (
                    <ListboxOption
                        key={by(option)}
                        value={by(option)}
                        className="flex cursor-pointer items-center gap-2 px-3 py-1 data-focus:bg-tape data-selected:font-semibold"
                    >
                        {show(option)}
                    </ListboxOption>
                ))}
            </ListboxOptions>
        </Listbox>
    );
}
