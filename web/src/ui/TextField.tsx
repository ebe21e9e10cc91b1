import { useState } from 'react';

interface Props {
    label: string;
    value: string;
    wrong?: string | null;
    type?: 'text' | 'date';
    longest?: number;
    /** Words offered while typing. */
    list?: string;
    className?: string;
    /** The label is only said, not shown. */
    unlabelled?: boolean;
    onChange: (value: string) => void;
}

/** A field that is taken when it is left or on Enter; Escape brings back what was there. */
export function TextField({
    label,
    value,
    wrong,
    type = 'text',
    longest = 120,
    list,
    className,
    unlabelled,
    onChange,
}: Props) {
    const [typed, setTyped] = useState<string | null>(null);
    const take = () => {
        const next = typed?.trim();
        if (next !== undefined && next !== value) {
            onChange(next);
        }
        setTyped(null);
    };
    return (
        <label className={`grid gap-1 ${className ?? ''}`}>
            <span className={unlabelled ? 'sr-only' : 'text-xs text-quiet'}>{label}</span>
            <input
                type={type}
                className={`field w-full min-w-0 ${wrong ? 'border-madder!' : ''}`}
                aria-invalid={Boolean(wrong)}
                maxLength={longest}
                list={list}
                autoComplete="off"
                value={typed ?? value}
                onChange={(event) => setTyped(event.target.value)}
                onBlur={take}
                onKeyDown={(event) => {
                    if (event.key === 'Enter') {
                        take();
                    } else if (event.key === 'Escape') {
                        setTyped(null);
                    }
                }}
            />
            {wrong && (
                <span role="alert" className="text-xs text-madder">
                    {wrong}
                </span>
            )}
        </label>
    );
}
