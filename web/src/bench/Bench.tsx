import { useCallback, useMemo, useState, type ReactNode } from 'react';
import type { OpenDesign, Unit } from '../api/client';
import { Header } from '../ui/Header';
import { Segments } from '../ui/Segments';
import { BuildSheet } from './BuildSheet';
import { withMove } from './edits';
import { FilmsColumn } from './FilmsColumn';
import { HistoryDialog } from './HistoryDialog';
import { useKeys, type Key } from './keys';
import { KeysHelp } from './KeysHelp';
import { SavedNote } from './SavedNote';
import { Stage } from './Stage';
import { Tape } from './Tape';
import { useDesign } from './useDesign';

const units: { value: Unit; show: string; name: string }[] = [
    { value: 'mm', show: 'mm', name: 'Millimetres' },
    { value: 'in', show: 'in', name: 'Inches' },
];

const arrows = [
    { arrow: 'ArrowLeft', x: -1, y: 0, to: 'left' },
    { arrow: 'ArrowRight', x: 1, y: 0, to: 'right' },
    { arrow: 'ArrowUp', x: 0, y: -1, to: 'up' },
    { arrow: 'ArrowDown', x: 0, y: 1, to: 'down' },
];

/** The screen where one design is made. */
export function Bench({ opened }: { opened: OpenDesign }) {
    const draft = useDesign(opened);
    const { design, sheet, change } = draft;
    const [asked, setAsked] = useState<'keys' | 'history' | null>(null);
    const [chosen, setChosen] = useState<string | null>(design.lines[0]?.id ?? null);

    const { undo, redo } = draft;
    // Every drag is a step of the history; presses of arrow keys in a row are one.
    const moveLine = useCallback(
        (line: string, dx: number, dy: number, what = '') => change(withMove(line, dx, dy, sheet), what),
        [change, sheet],
    );
    const keys = useMemo(
        (): Key[] => [
            { press: 'Ctrl+z', does: 'Undo', act: undo, always: true },
            { press: 'Ctrl+Shift+z', does: 'Redo', act: redo, always: true },
            ...arrows.flatMap(({ arrow, x, y, to }) => [
                {
                    press: arrow,
                    does: `Move the chosen line ${to} by 1 mm`,
                    act: () => chosen && moveLine(chosen, x * 1000, y * 1000, `move:${chosen}`),
                },
                {
                    press: `Shift+${arrow}`,
                    does: `Move it ${to} by 0.1 mm`,
                    act: () => chosen && moveLine(chosen, x * 100, y * 100, `move:${chosen}`),
                },
            ]),
            { press: 'h', does: 'Show the history', act: () => setAsked('history') },
            { press: '?', does: 'Show these keys', act: () => setAsked('keys') },
        ],
        [undo, redo, chosen, moveLine],
    );
    useKeys(keys);

    return (
        <div className="flex h-dvh min-w-[1024px] flex-col overflow-hidden">
            <Header>
                <h1 className="flex min-w-0 items-baseline gap-2 truncate">
                    <span className="truncate opacity-75">{opened.jobTitle}</span>
                    <span aria-hidden className="opacity-50">
                        /
                    </span>
                    <span className="truncate font-semibold">{design.name}</span>
                </h1>
                <span className="flex items-center">
                    <HeaderButton name="Undo" onClick={undo} disabled={!draft.canUndo}>
                        <path d="M6 3L2.5 6.5L6 10M3 6.5h6.5a4 4 0 0 1 0 8H7" />
                    </HeaderButton>
                    <HeaderButton name="Redo" onClick={redo} disabled={!draft.canRedo}>
                        <path d="M10 3l3.5 3.5L10 10M13 6.5H6.5a4 4 0 0 0 0 8H9" />
                    </HeaderButton>
                    <HeaderButton name="History" onClick={() => setAsked('history')}>
                        <path d="M8 4v4.5l3 2M2.5 8a5.5 5.5 0 1 1 1.6 3.9M2.5 8L1 6m1.5 2L4.500 6.5" />
                    </HeaderButton>
                </span>
                <SavedNote saving={draft.saving} />
                <div className="ml-auto flex items-center gap-3">
                    <button
                        aria-label="Keys"
                        title="Keys"
                        className="rounded-[3px] border border-white/30 px-2 py-0.5 hover:border-white/70 focus-visible:outline-[#e9a94f]"
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
                <BuildSheet draft={draft} chosen={chosen} onChoose={setChosen} />
                <Stage design={design} sheet={sheet} chosen={chosen} onChoose={setChosen} onMove={moveLine} />
                <FilmsColumn
                    id={opened.id}
                    design={design}
                    sheet={sheet}
                    chosen={chosen}
                    unsaved={draft.saving.state !== 'saved'}
                />
            </main>
            <Tape design={design} sheet={sheet} />
            <KeysHelp keys={keys} open={asked === 'keys'} onClose={() => setAsked(null)} />
            <HistoryDialog draft={draft} open={asked === 'history'} onClose={() => setAsked(null)} />
        </div>
    );
}

interface HeaderButtonProps {
    name: string;
    onClick: () => void;
    disabled?: boolean;
    children: ReactNode;
}

function HeaderButton({ name, onClick, disabled = false, children }: HeaderButtonProps) {
    return (
        <button
            aria-label={name}
            title={name}
            disabled={disabled}
            onClick={onClick}
            className="rounded-[3px] p-1.5 hover:bg-white/15 focus-visible:outline-[#e9a94f] disabled:opacity-35"
        >
            <svg aria-hidden viewBox="0 0 16 16" className="size-4 fill-none stroke-current stroke-[1.5]">
                {children}
            </svg>
        </button>
    );
}
