import { useState } from 'react';
import { answer, Refusal, server, type Design, type FontCard, type Line, type SheetSnag } from '../api/client';
import { Segments } from '../ui/Segments';
import { withEqualWidths, withLine, type Change } from './edits';
import type { Draft } from './useDesign';

/** What decorators call the features of fonts. */
const names: Record<string, string> = {
    salt: 'Alternates',
    swsh: 'Swashes',
    titl: 'Titling',
    hist: 'Historic',
    dlig: 'More ligatures',
    smcp: 'Small caps',
    c2sc: 'Caps to small caps',
    onum: 'Old figures',
    lnum: 'Lining figures',
    tnum: 'Even figures',
    pnum: 'Fitted figures',
    zero: 'Slashed zero',
    frac: 'Fractions',
    ordn: 'Ordinals',
    sups: 'Raised',
    case: 'Caps punctuation',
};

/** On by themselves, until they are switched off. */
const usual = [
    { tag: 'kern', name: 'Kerning' },
    { tag: 'liga', name: 'Ligatures' },
    { tag: 'calt', name: 'Forms by neighbours' },
];

/** Languages that some fonts draw letters for in a way of their own. */
const languages = [
    { id: '', name: 'no special language' },
    { id: 'ca', name: 'Catalan' },
    { id: 'cs', name: 'Czech' },
    { id: 'nl', name: 'Dutch' },
    { id: 'de', name: 'German' },
    { id: 'pl', name: 'Polish' },
    { id: 'ro', name: 'Romanian' },
    { id: 'sr', name: 'Serbian' },
    { id: 'tr', name: 'Turkish' },
    { id: 'vi', name: 'Vietnamese' },
];

interface Props {
    line: Line;
    design: Design;
    font: FontCard | undefined;
    snags: readonly SheetSnag[];
    /** Of the line's ink, in µm. */
    width: number;
    change: Draft['change'];
}

/** The forms of a whole line: what the font offers, and whether its letters join. */
export function LineForms({ line, design, font, snags, width, change }: Props) {
    const [said, setSaid] = useState<string[] | null>(null);
    const { lettering } = line;
    const set = (next: Change<Line['lettering']>) => change(withLine(line.id, (now) => next(now.lettering)));
    const feature = (tag: string, on: boolean) =>
        set((now) => (now.features = [...now.features.filter((other) => other !== tag), ...(on ? [tag] : [])]));
    const offered = (font?.alternates ?? []).filter((tag) => names[tag] || /^(ss|cv)\d\d$/.test(tag));
    const positions = (font?.alternates ?? []).some((tag) => /^(init|medi|fina|isol)$/.test(tag));
    const joints = snags.filter((snag) => snag.card === line.id && /join|filled hole/.test(snag.kind));

    const mend = async () => {
        try {
            const mended = await answer(
                server.POST('/api/mended-joins', { body: { document: design, line: line.id } }),
            );
            set((now) => (now.letters = mended.letters));
            setSaid(mended.said.length > 0 ? mended.said : ['All letters join as they ought to.']);
        } catch (error) {
            setSaid([error instanceof Refusal ? error.message : 'The server can’t be reached. Try again.']);
        }
    };

    return (
        <section aria-label="Forms of the line" className="stitch mt-2 grid gap-2 pt-2">
            <div className="flex flex-wrap gap-1" role="group" aria-label="What the font offers">
                {usual.map(({ tag, name }) => (
                    <Toggle
                        key={tag}
                        on={!lettering.features.includes(`-${tag}`)}
                        name={name}
                        onToggle={(on) => feature(`-${tag}`, !on)}
                    />
                ))}
                {offered.map((tag) => (
                    <Toggle
                        key={tag}
                        on={lettering.features.includes(tag)}
                        name={names[tag] ?? tag.replace(/^ss0?/, 'Set ').replace(/^cv0?/, 'Variant ')}
                        onToggle={(on) => feature(tag, on)}
                    />
                ))}
                {positions && (
                    <Toggle
                        on={lettering.wordForms}
                        name="Word ends"
                        onToggle={(on) => set((now) => (now.wordForms = on))}
                    />
                )}
            </div>
            <label className="flex items-center justify-between gap-2 text-xs text-quiet">
                Language
                <select
                    className="field"
                    value={lettering.language}
                    onChange={(event) => set((now) => (now.language = event.target.value))}
                >
                    {languages.map(({ id, name }) => (
                        <option key={id} value={id}>
                            {name}
                        </option>
                    ))}
                </select>
            </label>
            <div className="flex items-center justify-between gap-2 text-xs text-quiet">
                Letters join
                <Segments
                    label="Whether the letters join"
                    small
                    value={lettering.joins}
                    options={[
                        { value: 'auto', show: font?.joins ? 'as the font: yes' : 'as the font: no' },
                        { value: 'join', show: 'yes' },
                        { value: 'apart', show: 'no' },
                    ]}
                    onChange={(joins) => set((now) => (now.joins = joins))}
                />
            </div>
            {design.lines.length > 1 && width > 0 && (
                <button
                    className="field font-semibold text-indigo hover:border-indigo"
                    onClick={() => change(withEqualWidths(width))}
                >
                    All lines as wide as this one
                </button>
            )}
            {joints.length > 0 && (
                <button className="field font-semibold text-indigo hover:border-indigo" onClick={() => void mend()}>
                    Mend joins ({joints.length})
                </button>
            )}
            {said && (
                <ul role="status" className="text-xs text-quiet">
                    {said.map((sentence) => (
                        <li key={sentence}>{sentence}</li>
                    ))}
                </ul>
            )}
        </section>
    );
}

function Toggle({ on, name, onToggle }: { on: boolean; name: string; onToggle: (on: boolean) => void }) {
    return (
        <button
            aria-pressed={on}
            className={`rounded-[3px] border px-1.5 py-0.5 text-xs ${on ? 'border-ink bg-ink text-white' : 'border-seam bg-white hover:border-quiet'}`}
            onClick={() => onToggle(!on)}
        >
            {name}
        </button>
    );
}
