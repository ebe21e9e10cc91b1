import { useEffect, useRef } from 'react';
import type { Line } from '../../../api/client';
import { showRound } from '../../../measure';
import { isLine, withCardFilm, withWords, type Card } from '../../model/edits';
import { faceOf, loadFaces } from '../../../type/fontFaces';
import { mended, pieces, put } from '../../shared/fields';
import { FilmChoice } from '../../shared/FilmChoice';
import { cleaned, pasted, rowsOf } from '../../shared/rows';
import { partOf } from '../../state/select';
import { useBench, useBenchStore } from '../../state/store';
import { filmOf } from './films';

interface Props {
    card: Card;
    open: boolean;
    name: string;
}

/** A card's head: a line's editable words, or the form's or motif's name; when closed, size and film too. */
export function CardHead({ card, open, name }: Props) {
    const { change, choose } = useBenchStore().getState();
    const film = filmOf(card);
    return (
        <div className={`flex min-h-7 items-center gap-2 ${open ? 'pr-8' : ''}`}>
            {isLine(card) ? (
                <Words line={card} open={open} />
            ) : (
                <button
                    className={`min-w-0 flex-1 truncate py-0.5 text-left text-[15px] font-semibold ${card.hidden ? 'opacity-45' : ''}`}
                    aria-expanded={open}
                    onClick={(event) => !event.shiftKey && choose(card.id)}
                >
                    {name}
                </button>
            )}
            <Marks card={card} />
            {!open && (
                <>
                    <InkSize id={card.id} />
                    {film !== null && (
                        <FilmChoice
                            label="Film"
                            className="w-24 shrink-0 px-1.5!"
                            value={film}
                            onChange={(next) => next && change(withCardFilm(card.id, next))}
                        />
                    )}
                </>
            )}
        </div>
    );
}

function Words({ line, open }: { line: Line; open: boolean }) {
    const { change, choose, chosen } = useBenchStore().getState();
    const input = useRef<HTMLTextAreaElement>(null);
    const { words, font } = line.lettering;
    useEffect(() => loadFaces([{ id: font }]), [font]);
    useEffect(() => {
        if (open && words === '') {
            input.current?.focus();
        }
        // Only when the card opens: an emptied field is focused already.
        // eslint-disable-next-line react-hooks/exhaustive-deps
    }, [open]);
    const rows = rowsOf(words);
    const shown = open ? words : words.replaceAll('\n', ' / ');
    const parts = pieces(shown);
    const look = `block w-full min-w-0 ${open ? 'py-0.5 text-[21px] leading-8' : 'text-[16px] leading-6 whitespace-nowrap'} ${rows > 1 && open ? 'text-[17px]! leading-6!' : ''} ${line.hidden ? 'opacity-45' : ''}`;
    const fontFamily = `'${faceOf(font)}', var(--font-sans)`;
    const set = (next: string) => change(withWords(line.id, cleaned(next)), `words:${line.id}`);
    return (
        <span className="relative block w-full min-w-0 overflow-hidden">
            {parts.some(({ isField }) => isField) && (
                <span
                    aria-hidden
                    className={`absolute inset-0 text-transparent ${open ? 'whitespace-pre-wrap' : ''} ${look}`}
                    style={{ fontFamily }}
                >
                    {parts.map(({ text, isField }, at) =>
                        isField ? (
                            <mark key={at} className="rounded-[3px] bg-tape text-transparent ring-1 ring-tape-edge">
                                {text}
                            </mark>
                        ) : (
                            text
                        ),
                    )}
                </span>
            )}
            <textarea
                ref={input}
                id={`words-${line.id}`}
                aria-label="Words"
                className={`relative resize-none bg-transparent placeholder:font-sans placeholder:text-sm ${open ? 'stitch-below' : 'overflow-hidden'} ${look}`}
                style={{ fontFamily }}
                placeholder="Type the words"
                title={
                    open
                        ? 'Enter begins another row; Alt+N inserts the name from the list, Alt+M the number'
                        : undefined
                }
                rows={open ? Math.min(rows, 4) : 1}
                maxLength={2000}
                autoComplete="off"
                spellCheck={false}
                value={shown}
                onFocus={() => chosen.join() !== line.id && choose(line.id)}
                onPaste={(event) => {
                    event.preventDefault();
                    change(withWords(line.id, pasted(event.clipboardData.getData('text'), event.currentTarget, line)));
                }}
                onChange={(event) => set(mended(words, event.target.value))}
                onKeyDown={(event) => {
                    const column = event.altKey ? { KeyN: 'name', KeyM: 'number' }[event.code] : undefined;
                    if (column) {
                        event.preventDefault();
                        const { selectionStart, selectionEnd } = event.currentTarget;
                        set(put(words, selectionStart, selectionEnd, column));
                    }
                }}
            />
        </span>
    );
}

/** Badges: hidden, locked, grouped. */
function Marks({ card }: { card: Card }) {
    const marks = [card.hidden && 'hidden', card.locked && 'locked', card.treatments.group && 'kept together'];
    const words = marks.filter(Boolean).join(', ');
    return words === '' ? null : (
        <span className="shrink-0 rounded-[2px] bg-tape px-1 text-2xs text-ink" title={words}>
            {words.replace('kept together', 'group')}
        </span>
    );
}

/** A closed card's size. */
function InkSize({ id }: { id: string }) {
    const size = useBench((bench) => {
        const part = partOf(bench, id);
        const { unit } = bench.design;
        return part?.ink ? `${showRound(part.width, unit)} × ${showRound(part.height, unit)}` : '';
    });
    return <span className="shrink-0 text-2xs whitespace-nowrap text-quiet">{size}</span>;
}
