import type { ComponentProps } from 'react';

interface Props extends ComponentProps<'button'> {
    /** The main action of a page, one among others, words to click, or a step that takes something away. */
    look?: 'main' | 'plain' | 'words' | 'away' | 'dark';
    small?: boolean;
    /** Pressed in: a switch that is on. */
    on?: boolean;
}

const looks = {
    main: 'rounded-[3px] bg-marigold-deep px-4 py-1.5 font-bold whitespace-nowrap text-white enabled:hover:bg-marigold-dark',
    plain: 'field font-semibold whitespace-nowrap text-indigo enabled:hover:border-indigo',
    words: 'font-semibold text-indigo enabled:hover:underline',
    away: 'font-semibold text-madder enabled:hover:underline',
    dark: 'rounded-[3px] border border-white/30 px-2.5 py-1 hover:border-white/70 focus-visible:outline-lamp',
};

/** A button. */
export function Button({ look = 'plain', small, on, className = '', ...button }: Props) {
    return (
        <button
            type="button"
            aria-pressed={on}
            {...button}
            className={`disabled:opacity-40 ${looks[look]} ${small ? 'text-xs' : ''} ${on ? 'border-ink! bg-ink! text-white!' : ''} ${className}`}
        />
    );
}
