import { useEffect, useRef, useState, type ReactNode } from 'react';
import type { Design, FontCard, Line, Sheet, SheetPart, SheetSnag } from '../api/client';
import { show } from '../measure';
import type { TakingOut } from './stage/TakeOut';
import { CardTreatments } from './CardTreatments';
import { treatmentWords } from './treatments';
import { FilmChoice } from './FilmChoice';
import { CardActions } from './CardActions';
import { CardFrame } from './CardFrame';
import { freeId, withCopy, withFilm, withLine, withoutLine, withWords, type Put } from './edits';
import { edgeWords, isPlainEdge, pathNames } from './follows';
import { faceOf, loadFaces } from './fontFaces';
import { FontChoice } from './FontChoice';
import { pasteInOneLine } from './pasteInOneLine';
import { LetterPanel } from './LetterPanel';
import { LineFills } from './LineFills';
import { LineFollows } from './LineFollows';
import { LineForms } from './LineForms';
import { LineMeasures } from './LineMeasures';
import { TryOutDialog } from './TryOutDialog';
import type { Draft } from './useDesign';
import type { Reorder } from './useReorder';

interface Props {
    line: Line;
    part: SheetPart | undefined;
    design: Design;
    sheet: Sheet;
    typeCase: readonly FontCard[];
    open: boolean;
    onOpen: () => void;
    change: Draft['change'];
    onTakeOut: (taking: TakingOut) => void;
    reorder: Reorder;
    snags: readonly SheetSnag[];
    letter: number | null;
    onLetter: (at: number | null) => void;
}

/** A line of lettering: the words are typed here; the chosen card opens to all its settings. */
export function LineCard({
    line,
    part,
    design,
    sheet,
    typeCase,
    open,
    onOpen,
    change,
    reorder,
    snags,
    letter,
    onLetter,
    onTakeOut,
}: Props) {
    const { unit } = design;
    const { lettering } = line;
    const font = typeCase.find((candidate) => candidate.id === lettering.font);
    const ink = part?.ink ?? null;
    const set: Put<Line> = (next, what = '') => change(withLine(line.id, next), what && `${what}:${line.id}`);
    const setFont = (next: string) => set((now) => (now.lettering.font = next));
    const [trying, setTrying] = useState(false);
    const words = useRef<HTMLInputElement>(null);
    const name = lettering.words.trim() || 'no words yet';

    useEffect(() => loadFaces([{ id: lettering.font }]), [lettering.font]);
    useEffect(() => {
        if (open && lettering.words === '') {
            words.current?.focus();
        }
        // Only when the card opens: an emptied field keeps the caret anyway.
        // eslint-disable-next-line react-hooks/exhaustive-deps
    }, [open]);

    const filmChoice = (
        <FilmChoice
            label="Film"
            value={line.film}
            design={design}
            narrow={!open}
            onChange={(next) => next && change(withFilm(line.id, next))}
        />
    );

    return (
        <>
            <CardFrame
                id={line.id}
                label={`Line: ${name}`}
                name={name}
                open={open}
                onOpen={onOpen}
                locked={line.locked}
                reorder={reorder}
                head={
                    <div className="flex items-center gap-2">
                        <input
                            ref={words}
                            id={`words-${line.id}`}
                            aria-label="Words"
                            className={`w-full min-w-0 border-b border-dashed border-seam bg-transparent py-0.5 text-[21px] leading-8 placeholder:font-sans placeholder:text-sm ${line.hidden ? 'opacity-45' : ''}`}
                            style={{ fontFamily: `'${faceOf(lettering.font)}', var(--font-sans)` }}
                            placeholder="Type the words"
                            maxLength={2000}
                            autoComplete="off"
                            spellCheck={false}
                            value={lettering.words}
                            onFocus={onOpen}
                            onPaste={(event) => pasteInOneLine(event, (text) => change(withWords(line.id, text)))}
                            onChange={(event) => change(withWords(line.id, event.target.value), `words:${line.id}`)}
                        />
                        {!open && filmChoice}
                    </div>
                }
                foot={
                    open ? (
                        <CardActions
                            hidden={line.hidden}
                            locked={line.locked}
                            onHide={() => set((now) => (now.hidden = !now.hidden))}
                            onLock={() => set((now) => (now.locked = !now.locked))}
                            onDuplicate={() => change(withCopy(line.id, freeId(design)))}
                            onRemove={() => change(withoutLine(line.id))}
                        />
                    ) : (
                        <p className="mt-1 truncate text-xs text-quiet">
                            {line.hidden && <b>hidden · </b>}
                            {line.locked && <b>locked · </b>}
                            {font?.name ?? lettering.font}
                            {part && ink && ` · ${show(part.width, unit)} × ${show(part.height, unit)} ${unit}`}
                            {treatmentWords(line.treatments) && ` · ${treatmentWords(line.treatments)}`}
                            {line.size.by === 'area' && ' · fitted to the area'}
                            {line.follows.path !== 'straight' && ` · on ${pathNames[line.follows.path]}`}
                            {!(isPlainEdge(line.fills.top) && isPlainEdge(line.fills.bottom)) &&
                                ` · ${edgeWords(line)}`}
                        </p>
                    )
                }
            >
                <span className="text-xs text-quiet">Font</span>
                <FontChoice words={lettering.words} value={lettering.font} typeCase={typeCase} onChange={setFont} />
                <span className="text-xs text-quiet">Film</span>
                <span className="flex gap-1.5">
                    {filmChoice}
                    <button
                        className="field text-xs font-semibold text-indigo hover:border-indigo"
                        title="The words in several fonts side by side"
                        onClick={() => setTrying(true)}
                    >
                        Try-out
                    </button>
                </span>
                <LineMeasures line={line} part={part} design={design} set={set} />
                <LineFollows line={line} part={part} design={design} set={set} change={change} />
                <LineFills line={line} design={design} set={set} />
                <CardTreatments
                    id={line.id}
                    film={line.film}
                    treatments={line.treatments}
                    design={design}
                    sheet={sheet}
                    change={change}
                    onTakeOut={onTakeOut}
                />
                <LineMore
                    parts={{
                        forms: (
                            <LineForms
                                line={line}
                                design={design}
                                font={font}
                                snags={snags}
                                width={part?.width ?? 0}
                                change={change}
                            />
                        ),
                        letters: (
                            <LetterPanel line={line} design={design} at={letter} onChoose={onLetter} change={change} />
                        ),
                    }}
                />
            </CardFrame>
            {trying && (
                <TryOutDialog
                    line={line}
                    design={design}
                    typeCase={typeCase}
                    open
                    onClose={() => setTrying(false)}
                    onChoose={(font) => {
                        setFont(font);
                        setTrying(false);
                    }}
                />
            )}
        </>
    );
}

/** What is needed less often, folded up. */
function LineMore({ parts }: { parts: { forms: ReactNode; letters: ReactNode } }) {
    const [open, setOpen] = useState<'forms' | 'letters' | null>(null);
    const end = useRef<HTMLDivElement>(null);
    useEffect(() => {
        if (open) {
            end.current?.scrollIntoView({ block: 'nearest' });
        }
    }, [open]);
    const button = (name: 'forms' | 'letters', label: string) => (
        <button
            aria-expanded={open === name}
            className={`flex-1 rounded-[3px] border py-0.5 text-xs font-semibold ${open === name ? 'border-ink bg-ink text-white' : 'border-seam text-indigo hover:border-indigo'}`}
            onClick={() => setOpen(open === name ? null : name)}
        >
            {label}
        </button>
    );
    return (
        <div className="col-span-2">
            <span className="flex gap-1.5">
                {button('letters', 'Single letters')}
                {button('forms', 'Forms and joins')}
            </span>
            {open && parts[open]}
            {/* As much as the letters' forms take, so that they come into sight too. */}
            <div
                ref={end}
                className={open ? 'mt-[-120px] h-[120px]' : ''}
                aria-hidden
                style={{ pointerEvents: 'none' }}
            />
        </div>
    );
}
