import { useState } from 'react';
import type { Line, PersonRow } from '../../api/client';
import { LengthField } from '../../ui/LengthField';
import { TextField } from '../../ui/TextField';
import { lettersOf, nudged, ownOf, withOwn, wordsOf } from '../model/own';
import { useBench } from '../state/store';
import { OwnLetter } from './OwnLetter';

interface Props {
    person: PersonRow;
    lines: readonly Line[];
    wrong: string | null;
    onChange: (change: (person: PersonRow) => PersonRow) => void;
}

/** Settings for one person only. */
export function OnlyPanel({ person, lines, wrong, onChange }: Props) {
    const name = person.values.name || person.values.number || 'this one';
    return (
        <section
            aria-label={`Only for ${name}`}
            className="card absolute top-full left-0 mt-1 max-h-96 w-76 overflow-y-auto p-3"
        >
            <h2 className="heading">Only for {name}</h2>
            {lines.map((line) => (
                <OwnLineFields key={line.id} person={person} line={line} onChange={onChange} />
            ))}
            {wrong && (
                <p role="alert" className="mt-2 text-madder">
                    {wrong}
                </p>
            )}
            {Object.keys(person.own).length > 0 && (
                <button
                    className="mt-2 font-semibold text-indigo hover:underline"
                    onClick={() => onChange((now) => ({ ...now, own: {} }))}
                >
                    Same as everyone again
                </button>
            )}
        </section>
    );
}

function OwnLineFields({ person, line, onChange }: Pick<Props, 'person' | 'onChange'> & { line: Line }) {
    const unit = useBench((bench) => bench.design.unit);
    const made = useBench((bench) => bench.sheet.parts.find((part) => part.card === line.id));
    const [letter, setLetter] = useState<number | null>(null);
    const own = ownOf(person, line.id);
    const words = wordsOf(person, line);
    const letters = lettersOf(person, line);
    return (
        <fieldset className="stitch mt-2 grid gap-2 pt-2">
            <legend className="text-xs text-quiet">Line “{line.lettering.words}”</legend>
            <TextField
                label="Words"
                value={words}
                onChange={(typed) =>
                    onChange((now) => withOwn(now, line.id, { lettering: { words: typed, letters: undefined } }))
                }
            />
            <span className="flex items-center justify-between gap-2">
                <span className="text-xs text-quiet">Letter height</span>
                <LengthField
                    label="Letter height of this one"
                    value={own.size?.length ?? made?.letterHeight ?? null}
                    unit={unit}
                    least={2_000}
                    most={1_500_000}
                    rules={own.size !== undefined}
                    atRight
                    onChange={(length) => onChange((now) => withOwn(now, line.id, { size: { by: 'letter', length } }))}
                />
            </span>
            <div role="group" aria-label="Letters of this one" className="flex flex-wrap gap-0.5">
                {Array.from(words).map((character, at) =>
                    character.trim() === '' ? (
                        <span key={at} className="w-2" />
                    ) : (
                        <button
                            key={at}
                            aria-label={`Letter ${at + 1}: ${character}`}
                            aria-pressed={at === letter}
                            className={`min-w-5.5 rounded-[2px] border px-1 text-[15px] leading-6 ${at === letter ? 'border-marigold bg-held' : letters.some((one) => one.at === at) ? 'border-seam bg-tape' : 'border-transparent hover:border-seam'}`}
                            onClick={() => setLetter(at === letter ? null : at)}
                        >
                            {character}
                        </button>
                    ),
                )}
            </div>
            {letter !== null && letter < Array.from(words).length && (
                <OwnLetter
                    line={line}
                    words={words}
                    letters={letters}
                    at={letter}
                    onChange={(to) => onChange((now) => nudged(now, line, letter, to))}
                />
            )}
        </fieldset>
    );
}
