import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, server, type Design, type Letter, type Line } from '../api/client';
import { NumberField } from '../ui/NumberField';
import { films } from '../api/queries';
import { Choice } from '../ui/Choice';
import { Swatch } from '../ui/Swatch';
import { FilmChoice } from './FilmChoice';
import { plainLetter, withAlternateFilm, withLetter, withLetterFilm, withOrnament } from './edits';
import { faceOf } from './fontFaces';
import { GlyphPicker } from './GlyphPicker';
import type { Draft } from './useDesign';

interface Props {
    line: Line;
    design: Design;
    /** The chosen letter's place in the words. */
    at: number | null;
    onChoose: (at: number | null) => void;
    change: Draft['change'];
}

/** The letters of a line one by one: nudged, turned, in another size or another form. */
export function LetterPanel({ line, design, at, onChoose, change }: Props) {
    const [picking, setPicking] = useState<'letter' | 'before' | 'after' | null>(null);
    const rack = useQuery(films).data ?? design.films;
    const characters = Array.from(line.lettering.words);
    const letter = line.lettering.letters.find((candidate) => candidate.at === at) ?? plainLetter(at ?? 0);
    const chosen = at !== null && at < characters.length ? at : null;
    const set = (next: Partial<Letter>, what: string) =>
        chosen !== null &&
        change(
            withLetter(line.id, chosen, (now) => Object.assign(now, next)),
            `${what}:${line.id}:${chosen}`,
        );
    return (
        <section aria-label="Single letters" className="stitch mt-2 pt-2">
            <div className="flex flex-wrap gap-0.5" role="group" aria-label="Letters of the line">
                {characters.map((character, place) =>
                    character.trim() === '' ? (
                        <span key={place} className="w-2" />
                    ) : (
                        <button
                            key={place}
                            aria-label={`Letter ${place + 1}: ${character}`}
                            aria-pressed={place === chosen}
                            className={`min-w-6 rounded-[2px] border px-1 text-[19px] leading-7 ${place === chosen ? 'border-marigold bg-[#fff8ea]' : line.lettering.letters.some((other) => other.at === place) ? 'border-seam bg-muslin' : 'border-transparent hover:border-seam'}`}
                            style={{ fontFamily: `'${faceOf(line.lettering.font)}', var(--font-sans)` }}
                            onClick={() => onChoose(place === chosen ? null : place)}
                        >
                            {character}
                        </button>
                    ),
                )}
            </div>
            {chosen === null ? (
                <p className="mt-1 text-xs text-quiet">Choose a letter to nudge it or to see its other forms.</p>
            ) : (
                <div className="mt-2 grid gap-1.5">
                    <span className="flex flex-wrap gap-1.5">
                        <NumberField
                            label="Room before the letter"
                            unit="‰ before"
                            least={-5000}
                            most={5000}
                            digits={1}
                            value={letter.kern}
                            onChange={(kern) => set({ kern }, 'kern')}
                        />
                        <NumberField
                            label="Letter to the right"
                            unit="‰ right"
                            least={-5000}
                            most={5000}
                            digits={1}
                            value={letter.along}
                            onChange={(along) => set({ along }, 'along')}
                        />
                        <NumberField
                            label="Letter up"
                            unit="‰ up"
                            least={-5000}
                            most={5000}
                            digits={1}
                            value={letter.across}
                            onChange={(across) => set({ across }, 'across')}
                        />
                        <NumberField
                            label="Letter turned, in degrees"
                            unit="°"
                            least={-180}
                            most={180}
                            digits={1}
                            value={letter.turn}
                            onChange={(turn) => set({ turn }, 'turn')}
                        />
                        <NumberField
                            label="Letter size in percent"
                            unit="% size"
                            least={10}
                            most={500}
                            digits={1}
                            value={letter.scale}
                            onChange={(scale) => set({ scale }, 'scale')}
                        />
                    </span>
                    <span className="flex items-center gap-2 text-xs text-quiet">
                        Film
                        <Choice
                            label="Film of the letter"
                            className="min-w-0 flex-1 text-xs"
                            value={rack.find(({ id }) => id === (letter.film || line.film)) ?? rack[0]}
                            options={rack}
                            by={(film) => film?.id ?? ''}
                            show={(film) =>
                                film && (
                                    <>
                                        <Swatch colour={film.colour} />
                                        <span className="truncate">{film.name}</span>
                                    </>
                                )
                            }
                            onChange={(film) => film && change(withLetterFilm(line.id, chosen, film))}
                        />
                    </span>
                    <Forms
                        line={line}
                        design={design}
                        at={chosen}
                        letter={letter}
                        onChoose={(features) => set({ features }, 'form')}
                    />
                    <span className="flex justify-between text-xs">
                        <button
                            className="font-semibold text-indigo hover:underline"
                            onClick={() => setPicking('letter')}
                        >
                            Any glyph…
                        </button>
                        <button
                            className="font-semibold text-indigo hover:underline"
                            onClick={() =>
                                change(withLetter(line.id, chosen, (now) => Object.assign(now, plainLetter(chosen))))
                            }
                        >
                            As the font has it
                        </button>
                    </span>
                </div>
            )}
            <span className="mt-1.5 flex items-center gap-2 text-xs text-quiet">
                Every other in
                <FilmChoice
                    label="Film of every other letter"
                    value={alternate(line)}
                    design={design}
                    onChange={(film) => film && change(withAlternateFilm(line.id, film))}
                />
            </span>
            <span className="mt-1.5 flex items-center gap-3 text-xs text-quiet">
                Ornament
                {(
                    [
                        { where: 'before', show: chosen === null ? 'before the words' : 'before the letter' },
                        { where: 'after', show: chosen === null ? 'after the words' : 'after the letter' },
                    ] as const
                ).map(({ where, show }) => (
                    <button
                        key={where}
                        className="font-semibold text-indigo hover:underline"
                        onClick={() => setPicking(where)}
                    >
                        {show}
                    </button>
                ))}
            </span>
            <GlyphPicker
                font={line.lettering.font}
                title={picking === 'letter' ? 'Another glyph for the letter' : 'An ornament'}
                open={picking !== null}
                onClose={() => setPicking(null)}
                onChoose={(glyph) => {
                    if (picking === 'letter') {
                        set({ glyph, features: [] }, 'glyph');
                    } else {
                        const place =
                            picking === 'before' ? (chosen ?? 0) : chosen === null ? characters.length : chosen + 1;
                        change(withOrnament(line.id, place, glyph));
                        onChoose(place);
                    }
                    setPicking(null);
                }}
            />
        </section>
    );
}

interface FormsProps {
    line: Line;
    design: Design;
    at: number;
    letter: Letter;
    onChoose: (features: string[]) => void;
}

/** The letter's word drawn with each form that the font has for the letter. */
function Forms({ line, design, at, letter, onChoose }: FormsProps) {
    const { lettering } = line;
    const letters = lettering.letters.map((other) => (other.at === at ? { ...other, features: [] } : other));
    const others = { ...line, lettering: { ...lettering, letters } };
    const forms = useQuery({
        queryKey: ['forms', others, at],
        queryFn: () =>
            answer(
                server.POST('/api/letter-forms', {
                    body: { document: { ...design, lines: [others] }, line: line.id, at },
                }),
            ),
        staleTime: Infinity,
    });
    if (!forms.data) {
        return (
            <p className="text-xs text-quiet">
                {forms.isError ? 'The forms can’t be fetched now.' : 'Looking for other forms…'}
            </p>
        );
    }
    if (forms.data.length < 2) {
        return <p className="text-xs text-quiet">The font draws this letter in one way only.</p>;
    }
    return (
        <div role="group" aria-label="Forms of the letter" className="grid max-h-44 grid-cols-3 gap-1 overflow-y-auto">
            {forms.data.map((form) => {
                const taken = form.features.join() === letter.features.join();
                const name = form.features.join(', ') || 'as set';
                return (
                    <button
                        key={name}
                        aria-label={`Form ${name}`}
                        aria-pressed={taken}
                        title={name}
                        className={`card flex flex-col items-center p-1 hover:border-quiet ${taken ? 'border-marigold! bg-[#fff8ea]!' : ''}`}
                        onClick={() => onChoose(form.features)}
                    >
                        <svg
                            aria-hidden
                            viewBox={`${form.left} ${form.top} ${form.width} ${form.height}`}
                            className="h-8 w-full"
                        >
                            <path d={form.path} fill="#22243a" fillRule="evenodd" />
                        </svg>
                        <span className="text-2xs text-quiet">{name}</span>
                    </button>
                );
            })}
        </div>
    );
}

/** The film of every other letter, which is the line's own where they all have that. */
function alternate(line: Line): string {
    const seen = Array.from(line.lettering.words).flatMap((character, at) => (character.trim() === '' ? [] : [at]));
    const films = seen.map((at) => line.lettering.letters.find((letter) => letter.at === at)?.film ?? '');
    const other = films[1] ?? '';
    return other !== '' && films.every((film, at) => film === (at % 2 === 1 ? other : '')) ? other : line.film;
}
