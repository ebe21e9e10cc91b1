import { useState } from 'react';
import type { OpenDesign, Unit } from '../api/client';
import { Header } from '../ui/Header';
import { Segments } from '../ui/Segments';
import { BuildSheet } from './BuildSheet';
import { FilmsColumn } from './FilmsColumn';
import { SavedNote } from './SavedNote';
import { Stage } from './Stage';
import { Tape } from './Tape';
import { useDesign } from './useDesign';

const units: { value: Unit; show: string; name: string }[] = [
    { value: 'mm', show: 'mm', name: 'Millimetres' },
    { value: 'in', show: 'in', name: 'Inches' },
];

/** The screen where one design is made. */
export function Bench({ opened }: { opened: OpenDesign }) {
    const draft = useDesign(opened);
    const { design, sheet, change } = draft;
    const [chosen, setChosen] = useState<string | null>(design.lines[0]?.id ?? null);

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
                <SavedNote saving={draft.saving} />
                <div className="ml-auto">
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
                <Stage design={design} sheet={sheet} chosen={chosen} onChoose={setChosen} />
                <FilmsColumn
                    id={opened.id}
                    design={design}
                    sheet={sheet}
                    chosen={chosen}
                    unsaved={draft.saving.state !== 'saved'}
                />
            </main>
            <Tape design={design} sheet={sheet} />
        </div>
    );
}
