import { useEffect, useRef } from 'react';
import type { PressQueueRow, PressSheet } from '../api/client';

interface Props {
    sheet: PressSheet;
    /** Rows that are pressed although the server does not know of it yet. */
    done: ReadonlySet<string>;
    onChoose: (row: string) => void;
    onAgain: (row: string) => void;
}

/** Who or what comes one after another. */
export function PressQueue({ sheet, done, onChoose, onAgain }: Props) {
    const list = useRef<HTMLUListElement>(null);
    useEffect(() => {
        list.current?.querySelector('[aria-current=true]')?.scrollIntoView({ block: 'nearest' });
    }, [sheet.row]);
    return (
        <ul ref={list} aria-label="To press" className="min-h-0 flex-1 overflow-y-auto">
            {sheet.rows.map((row) => (
                <li key={row.id} className="relative mb-2">
                    <button
                        aria-current={row.id === sheet.row}
                        className={`card flex w-full items-baseline justify-between gap-2 px-2.5 py-2 text-left hover:border-quiet ${row.id === sheet.row ? 'border-marigold! bg-held shadow-[inset_4px_0_0_var(--color-marigold)]' : isPressed(row, done) ? 'bg-muslin! text-quiet' : ''}`}
                        onClick={() => onChoose(row.id)}
                    >
                        <span className="truncate">
                            {isPressed(row, done) && '✓ '}
                            <b className={isPressed(row, done) ? 'font-normal' : ''}>{row.name}</b>
                            {row.about && ` · ${row.about}`}
                            {row.count > 1 && ` · ${row.count} times`}
                        </span>
                        <span className="shrink-0 text-xs text-quiet">{stateOf(row, done, row.id === sheet.row)}</span>
                    </button>
                    {row.id === sheet.row && !row.id.includes('/') && (
                        <button
                            className="mt-0.5 ml-2.5 text-xs font-semibold text-madder hover:underline"
                            onClick={() => onAgain(row.id)}
                        >
                            Spoiled: cut again
                        </button>
                    )}
                </li>
            ))}
        </ul>
    );
}

export const isPressed = (row: PressQueueRow, done: ReadonlySet<string>): boolean =>
    row.state === 'pressed' || done.has(row.id);

function stateOf(row: PressQueueRow, done: ReadonlySet<string>, now: boolean): string {
    if (row.state === 'pressed' && row.at) {
        return `pressed ${new Date(row.at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}`;
    }
    return isPressed(row, done)
        ? 'pressed'
        : now
          ? 'now'
          : row.state === 'to cut' && !row.id.includes('/')
            ? 'to cut'
            : '';
}
