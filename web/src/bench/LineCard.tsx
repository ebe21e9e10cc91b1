import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import type { Design, FontCard, Line, SheetPart } from '../api/client';
import { films } from '../api/queries';
import { show } from '../measure';
import { Choice } from '../ui/Choice';
import { LengthField } from '../ui/LengthField';
import { Segments } from '../ui/Segments';
import { Swatch } from '../ui/Swatch';
import { freeId, withCopy, withFilm, withLine, withoutLine } from './edits';
import { faceOf, loadFaces } from './fontFaces';
import { FontChoice } from './FontChoice';
import type { Draft } from './useDesign';

interface Props {
    line: Line;
    part: SheetPart | undefined;
    design: Design;
    typeCase: readonly FontCard[];
    open: boolean;
    onOpen: () => void;
    change: Draft['change'];
}

/** A line of lettering: the words are typed here; the chosen card opens to all its settings. */
export function LineCard({ line, part, design, typeCase, open, onOpen, change }: Props) {
    const rack = useQuery(films).data ?? design.films;
    const { unit } = design;
    const film = design.films.find((candidate) => candidate.id === line.film);
    const font = typeCase.find((candidate) => candidate.id === line.font);
    const ink = part?.ink ?? null;
    const set = (next: Partial<Line>, what = '') => change(withLine(line.id, next), what && `${what}:${line.id}`);
    const gap = gapWords(design, line);
    const words = useRef<HTMLInputElement>(null);

    useEffect(() => loadFaces([{ id: line.font }]), [line.font]);
    useEffect(() => {
        if (open && line.words === '') {
            words.current?.focus();
        }
        // Only when the card opens: an emptied field keeps the caret anyway.
        // eslint-disable-next-line react-hooks/exhaustive-deps
    }, [open]);

    const filmChoice = (
        <Choice
            label="Film"
            className={open ? 'min-w-0 flex-1 text-xs' : 'w-30 shrink-0 text-xs'}
            value={film ?? rack[0]}
            options={rack}
            by={(option) => option?.id ?? ''}
            show={(option) =>
                option && (
                    <>
                        <Swatch colour={option.colour} />
                        <span className="truncate">{option.name}</span>
                    </>
                )
            }
            onChange={(next) => next && change(withFilm(line.id, next))}
        />
    );

    return (
        <section
            aria-label={`Line: ${line.words || 'no words yet'}`}
            className={`card px-2.5 py-2 ${open ? 'border-marigold! shadow-[inset_3px_0_0_var(--color-marigold)]' : 'hover:border-quiet'}`}
            onPointerDown={open ? undefined : onOpen}
        >
            <div className="flex items-center gap-2">
                <input
                    ref={words}
                    id={`words-${line.id}`}
                    aria-label="Words"
                    className="w-full min-w-0 border-b border-dashed border-seam bg-transparent py-0.5 text-[21px] leading-8 placeholder:font-sans placeholder:text-sm"
                    style={{ fontFamily: `'${faceOf(line.font)}', var(--font-sans)` }}
                    placeholder="Type the words"
                    maxLength={400}
                    autoComplete="off"
                    spellCheck={false}
                    value={line.words}
                    onFocus={onOpen}
                    onChange={(event) => set({ words: event.target.value }, 'words')}
                />
                {!open && filmChoice}
            </div>
            {open ? (
                <div className="mt-2 grid grid-cols-[56px_minmax(0,1fr)] items-center gap-x-2 gap-y-1.5">
                    <span className="text-xs text-quiet">Font</span>
                    <FontChoice
                        words={line.words}
                        value={line.font}
                        typeCase={typeCase}
                        onChange={(next) => set({ font: next })}
                    />
                    <span className="text-xs text-quiet">Ink size</span>
                    <span className="flex gap-1.5">
                        <LengthField
                            label="Ink width"
                            note="wide"
                            unit={unit}
                            least={500}
                            rules={line.size.by === 'width'}
                            value={ink?.width ?? (line.size.by === 'width' ? line.size.length : null)}
                            onChange={(length) => set({ size: { by: 'width', length } })}
                        />
                        <LengthField
                            label="Ink height"
                            note="high"
                            atRight
                            unit={unit}
                            least={500}
                            rules={line.size.by === 'height'}
                            value={ink?.height ?? (line.size.by === 'height' ? line.size.length : null)}
                            onChange={(length) => set({ size: { by: 'height', length } })}
                        />
                    </span>
                    <span className="text-xs text-quiet">Letter H</span>
                    <span className="flex gap-1.5">
                        <LengthField
                            label="Letter height"
                            note="high"
                            unit={unit}
                            least={500}
                            rules={line.size.by === 'letter'}
                            value={part?.letterHeight || (line.size.by === 'letter' ? line.size.length : null)}
                            onChange={(length) => set({ size: { by: 'letter', length } })}
                        />
                        {line.size.by === 'area' ? (
                            <LengthField
                                label="Margin inside the area"
                                note="margin"
                                atRight
                                unit={unit}
                                least={0}
                                rules
                                value={line.size.length}
                                onChange={(length) => set({ size: { by: 'area', length } })}
                            />
                        ) : (
                            <button
                                className="field flex-1 font-semibold text-indigo hover:border-indigo"
                                onClick={() => set({ size: { by: 'area', length: 5000 } })}
                            >
                                Fit to area
                            </button>
                        )}
                    </span>
                    <span className="text-xs text-quiet">Spacing</span>
                    <span className="flex items-center gap-1.5">
                        <label className="field inline-flex items-baseline gap-1.5 focus-within:outline-2 focus-within:outline-indigo">
                            <span className="sr-only">Letter spacing in thousandths of the em</span>
                            <input
                                type="number"
                                className="w-10 bg-transparent outline-none"
                                min={-500}
                                max={2000}
                                step={5}
                                value={line.spacing}
                                onChange={(event) => {
                                    const spacing = Math.round(event.target.valueAsNumber);
                                    if (Number.isFinite(spacing)) {
                                        set({ spacing: Math.max(-500, Math.min(2000, spacing)) }, 'spacing');
                                    }
                                }}
                            />
                            <span aria-hidden className="text-2xs whitespace-nowrap text-quiet">
                                ‰ em
                            </span>
                        </label>
                        {filmChoice}
                    </span>
                    <span className="text-xs text-quiet">Stands</span>
                    <span className="flex items-center gap-1.5">
                        <Segments
                            label="Alignment"
                            value={line.align}
                            options={[
                                { value: 'left', show: <AlignIcon at="left" />, name: 'Left' },
                                { value: 'centre', show: <AlignIcon at="centre" />, name: 'Centre' },
                                { value: 'right', show: <AlignIcon at="right" />, name: 'Right' },
                            ]}
                            onChange={(align) => set({ align })}
                        />
                        {gap && (
                            <LengthField
                                label={`Gap ${gap}`}
                                atRight
                                unit={unit}
                                value={line.gap}
                                onChange={(gap) => set({ gap })}
                            />
                        )}
                    </span>
                    <span className="col-span-2 flex justify-between gap-3 pt-0.5 text-xs">
                        <span className="whitespace-nowrap text-quiet">{gap ?? 'in the area’s middle'}</span>
                        <button
                            className="ml-auto font-semibold text-indigo hover:underline"
                            onClick={() => change(withCopy(line.id, freeId(design)))}
                        >
                            Duplicate
                        </button>
                        <button
                            className="font-semibold text-madder hover:underline"
                            onClick={() => change(withoutLine(line.id))}
                        >
                            Remove
                        </button>
                    </span>
                </div>
            ) : (
                <p className="mt-1 truncate text-xs text-quiet">
                    {font?.name ?? line.font}
                    {ink && ` · ${show(ink.width, unit)} × ${show(ink.height, unit)} ${unit}`}
                    {line.size.by === 'area' && ' · fitted to the area'}
                </p>
            )}
        </section>
    );
}

/** What a line's gap is measured from; null where it says nothing. */
function gapWords(design: Design, line: Line): string | null {
    if (design.lines[0]?.id !== line.id) {
        return 'below the ink above';
    }
    return { top: 'below the area’s edge', middle: null, bottom: 'above the area’s edge' }[design.stack];
}

function AlignIcon({ at }: { at: Line['align'] }) {
    const short = { left: 'M2 8h7', centre: 'M4 8h8', right: 'M7 8h7' }[at];
    return (
        <svg aria-hidden viewBox="0 0 16 12" className="h-3 w-4 fill-none stroke-current stroke-[1.6]">
            <path d={`M2 4h12 ${short}`} />
        </svg>
    );
}
