import { useCallback, useEffect, useState } from 'react';
import type { OpenDesign, SheetFix, SheetSnag, Unit } from '../api/client';
import { Guard } from '../ui/Guard';
import { Header } from '../ui/Header';
import { IconButton } from '../ui/IconButton';
import { Segments } from '../ui/Segments';
import { useKeys } from '../ui/keys';
import { ArrangeDialog } from './ArrangeDialog';
import { BuildSheet } from './BuildSheet';
import { ConflictDialog } from './ConflictDialog';
import { DesignTitle } from './DesignTitle';
import { withDropped } from './dropped';
import { withLetter, withLine, withPieceOut, withTreatmentFix, withWords } from './edits';
import { FilmsColumn } from './films/FilmsColumn';
import { all, type Looking } from './films/looking';
import { useSlip } from './films/SlipPanel';
import { usePressed } from './films/ThicknessPanel';
import { HistoryDialog } from './HistoryDialog';
import { KeysHelp } from './KeysHelp';
import { ProofDialog } from './ProofDialog';
import { SavedNote } from './SavedNote';
import { Stage, type Side } from './Stage';
import type { TakingOut } from './stage/TakeOut';
import type { Gesture } from './stage/useHands';
import { useView } from './stage/useView';
import type { Shown } from './Tidied';
import { Tape } from './Tape';
import { useBenchKeys } from './useBenchKeys';
import { useCarried } from './useCarried';
import { useDesign } from './useDesign';
import { useLosses } from './useLosses';
import { FontArrivals } from '../type/FontArrivals';
import { useFontDrop } from '../type/useFontDrop';

const units: { value: Unit; show: string; name: string }[] = [
    { value: 'mm', show: 'mm', name: 'Millimetres' },
    { value: 'in', show: 'in', name: 'Inches' },
];

export type Asked = 'keys' | 'history' | 'proof' | 'arrange';

/** The screen where one design is made. */
export function Bench({ opened }: { opened: OpenDesign }) {
    const draft = useCarried(useDesign(opened));
    const { design, change, carry } = draft;
    const { sheet, lost } = useLosses(draft);
    const { placement } = design.blank;
    const [asked, setAsked] = useState<Asked | null>(null);
    const [chosen, setChosen] = useState<string | null>(design.lines[0]?.id ?? null);
    const dropped = useFontDrop();
    const [letter, setLetter] = useState<number | null>(null);
    const [edited, setEdited] = useState<string | null>(null);
    const [snagNumber, setSnagNumber] = useState<number | null>(null);
    const [taking, setTaking] = useState<TakingOut | null>(null);
    const [looking, setLooking] = useState<Looking>(all);
    const [pointed, setPointed] = useState<string | null>(null);
    const [tidied, setTidied] = useState<Shown>('not');
    const [side, setSide] = useState<Side>('wear');
    const view = useView({
        area: sheet.area,
        ink: sheet.ink,
        blank: sheet.blank,
        measuredFrom: { x: -placement.across, y: -placement.down },
    });
    const snag = sheet.snags.find(({ number }) => number === snagNumber) ?? null;
    const { lookAt } = view;
    const choose = useCallback(
        (line: string | null) => {
            setChosen(line);
            if (line !== chosen) {
                setLetter(null);
            }
        },
        [chosen],
    );

    useEffect(() => {
        document.title = `${design.name} · ${opened.jobTitle} · Uvret`;
    }, [design.name, opened.jobTitle]);

    /** Shows a snag's place, and what would mend it. */
    const showSnag = useCallback(
        (next: SheetSnag | null) => {
            setSnagNumber(next?.number ?? null);
            if (next?.card) {
                setChosen(next.card);
            }
            if (next && next.x !== null && next.y !== null) {
                lookAt(next.x, next.y);
            }
        },
        [lookAt],
    );

    const drop = useCallback(
        ({ card, cards, handled, pose }: Gesture) => carry(cards, pose, withDropped(card, handled, pose, sheet)),
        [carry, sheet],
    );

    const fix = useCallback(
        (snag: SheetSnag, fix: SheetFix) => {
            const { letterHeight, spacing } = fix;
            if (snag.card && (fix.islands || fix.into)) {
                change(withTreatmentFix(snag.card, fix));
            } else if (snag.card) {
                change(
                    withLine(snag.card, ({ size, lettering }) => {
                        if (letterHeight !== null) {
                            Object.assign(size, { by: 'letter', length: letterHeight });
                        }
                        lettering.spacing = spacing ?? lettering.spacing;
                    }),
                );
            }
        },
        [change],
    );

    const pressed = usePressed(draft, looking.at !== 'all').data;
    const slip = useSlip(draft, looking).data;

    const keys = useBenchKeys({
        draft,
        view,
        chosen,
        letter,
        onChoose: choose,
        onEdit: setEdited,
        onAsk: setAsked,
        onSide: setSide,
    });
    useKeys(keys);

    return (
        <div className="flex h-dvh min-w-[1000px] flex-col overflow-hidden">
            <Header>
                <DesignTitle opened={opened} name={design.name} change={change} />
                <span className="flex items-center">
                    <IconButton name="Undo" onClick={draft.undo} disabled={!draft.canUndo}>
                        <path d="M6 3L2.5 6.5L6 10M3 6.5h6.5a4 4 0 0 1 0 8H7" />
                    </IconButton>
                    <IconButton name="Redo" onClick={draft.redo} disabled={!draft.canRedo}>
                        <path d="M10 3l3.5 3.5L10 10M13 6.5H6.5a4 4 0 0 0 0 8H9" />
                    </IconButton>
                    <IconButton name="History" onClick={() => setAsked('history')}>
                        <path d="M8 4v4.5l3 2M2.5 8a5.5 5.5 0 1 1 1.6 3.9M2.5 8L1 6m1.5 2L4.5 6.5" />
                    </IconButton>
                </span>
                <SavedNote draft={draft} />
                <div className="ml-auto flex shrink-0 items-center gap-3">
                    <button
                        className="rounded-[3px] border border-white/30 px-3 py-1 hover:border-white/70 focus-visible:outline-[#e9a94f]"
                        onClick={() => setAsked('proof')}
                    >
                        Proof
                        {draft.approval && (
                            <span className="ml-1.5 text-[#e9a94f]">
                                {draft.approval.current ? '· approved' : '· changed since approval'}
                            </span>
                        )}
                    </button>
                    <button
                        aria-label="Keys"
                        title="Keys"
                        className="rounded-[3px] border border-white/30 px-2 py-1 hover:border-white/70 focus-visible:outline-[#e9a94f]"
                        onClick={() => setAsked('keys')}
                    >
                        ?
                    </button>
                    <Segments
                        label="Unit of this design"
                        dark
                        value={design.unit}
                        options={units}
                        onChange={(unit) => change((design) => ({ ...design, unit }))}
                    />
                </div>
            </Header>
            <main className="grid min-h-0 flex-1 grid-cols-[304px_minmax(0,1fr)_236px]">
                <BuildSheet
                    draft={draft}
                    snags={sheet.snags}
                    chosen={chosen}
                    onChoose={choose}
                    snag={snag}
                    onSnag={showSnag}
                    onFix={fix}
                    onTakeOut={setTaking}
                    onArrange={() => setAsked('arrange')}
                    tidied={tidied}
                    onTidied={setTidied}
                    onLook={lookAt}
                    letter={letter}
                    onLetter={setLetter}
                />
                <Guard what="The stage" of={sheet}>
                    <Stage
                        design={design}
                        sheet={sheet}
                        view={view}
                        side={side}
                        lost={lost}
                        looking={looking}
                        pressed={pressed}
                        slip={slip}
                        pointed={pointed}
                        tidied={tidied}
                        taking={taking}
                        onTake={(card, piece) => {
                            setTaking(null);
                            change(withPieceOut(card, piece));
                        }}
                        onSide={setSide}
                        chosen={chosen}
                        onChoose={choose}
                        snag={snag}
                        onSnag={showSnag}
                        edited={edited}
                        onEdit={setEdited}
                        onWords={(line, words) => change(withWords(line, words), `words:${line}`)}
                        letter={letter}
                        onLetter={(line, at, next) =>
                            change(
                                withLetter(line, at, (now) => Object.assign(now, next)),
                                `letter:${line}:${at}`,
                            )
                        }
                        onDrop={drop}
                        onFix={fix}
                        onReshape={(next, what) => chosen && change(withLine(chosen, next), `${what}:${chosen}`)}
                    />
                </Guard>
                <Guard what="The films" of={sheet}>
                    <FilmsColumn
                        draft={draft}
                        sheet={sheet}
                        chosen={chosen}
                        looking={looking}
                        onLook={setLooking}
                        onPoint={setPointed}
                    />
                </Guard>
            </main>
            <Tape design={design} sheet={sheet} />
            <KeysHelp keys={keys} open={asked === 'keys'} onClose={() => setAsked(null)} />
            <HistoryDialog draft={draft} open={asked === 'history'} onClose={() => setAsked(null)} />
            <ProofDialog draft={draft} open={asked === 'proof'} onClose={() => setAsked(null)} />
            <ArrangeDialog draft={draft} open={asked === 'arrange'} onClose={() => setAsked(null)} />
            <ConflictDialog draft={draft} />
            <FontArrivals
                over={dropped.over}
                arrived={dropped.arrived}
                onDismiss={dropped.dismiss}
                {...(chosen !== null && {
                    onUse: (font: string) => change(withLine(chosen, ({ lettering }) => (lettering.font = font))),
                })}
            />
        </div>
    );
}
