import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link } from 'wouter';
import { answer, Refusal, server, type PressDesignName, type PressSheet } from '../api/client';
import { layouts, pressSheet, shop } from '../api/queries';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/keys';
import { TapeEntry } from '../ui/TapeEntry';
import { isPressed, PressQueue } from './PressQueue';
import { PressSteps } from './PressSteps';
import { isMuted, mute, ring } from './sound';
import { usePressClock, type Run } from './usePressClock';
import type { usePressed } from './usePressed';

interface Props {
    sheet: PressSheet;
    designs: readonly PressDesignName[];
    pressed: ReturnType<typeof usePressed>;
    onDesign: (design: string) => void;
    onRow: (row: string) => void;
    /** The id of the press that was chosen; empty for the one that suits best. */
    chosen: string;
    onPress: (press: string) => void;
}

/** One piece at the press: who is next on the left, where it goes in the middle, what is done on the right. */
export function PressView({ sheet, designs, pressed, onDesign, onRow, chosen, onPress }: Props) {
    const client = useQueryClient();
    // Shops that measure in inches print on letter.
    const letter = useQuery(shop).data?.unit === 'in';
    const [quiet, setQuiet] = useState(isMuted);
    const runs = useMemo<Run[]>(
        () =>
            sheet.steps.flatMap(({ seconds, later, sections }, step) =>
                Array.from({ length: sections }, (_, section) => ({
                    step,
                    section,
                    seconds: section === 0 ? seconds : later,
                })),
            ),
        [sheet.steps],
    );
    const done = new Set(pressed.waiting.filter(({ design }) => design === sheet.design).map(({ row }) => row));
    const waiting = sheet.rows.filter((row) => !isPressed(row, done));
    const next = waiting.find(({ id }) => id !== sheet.row);
    // The next one is fetched while this one is pressed, so that it is there whatever the line does.
    useQuery({ ...pressSheet(sheet.design, next?.id ?? '', chosen), enabled: next !== undefined });
    const finish = () => {
        pressed.note(sheet.design, sheet.row);
        if (next) {
            onRow(next.id);
        }
    };
    const clock = usePressClock(runs, ring, finish);
    useKeys([
        {
            press: ' ',
            show: 'Space',
            does: 'Start or stop the clock',
            group: 'At the press',
            act: () => (clock.running ? clock.again() : clock.start()),
            always: true,
        },
    ]);
    const again = useMutation({
        mutationFn: (row: string) =>
            answer(
                server.POST('/api/jobs/{id}/people/again', {
                    params: { path: { id: sheet.job } },
                    body: { people: [row] },
                }),
            ),
        onSuccess: () => {
            void client.invalidateQueries({ queryKey: layouts.queryKey });
            void client.invalidateQueries({ queryKey: ['press', sheet.design] });
        },
    });
    const count = sheet.rows.length;
    const step = sheet.steps[runs[clock.at]?.step ?? sheet.steps.length - 1];
    const minutes = Math.max(1, Math.round((waiting.length * sheet.seconds) / 60));
    return (
        <>
            <main className="press-panes grid min-h-0 flex-1">
                <section aria-label="Queue" className="flex min-h-0 flex-col border-r border-seam p-3">
                    <label className="mb-2 block">
                        <span className="sr-only">Design</span>
                        <select
                            className="field w-full font-semibold"
                            value={sheet.design}
                            onChange={(event) => onDesign(event.target.value)}
                        >
                            {!designs.some(({ id }) => id === sheet.design) && (
                                <option value={sheet.design}>{sheet.title}</option>
                            )}
                            {designs.map(({ id, name, title }) => (
                                <option key={id} value={id}>
                                    {title}: {name}
                                </option>
                            ))}
                        </select>
                    </label>
                    <div className="mb-2 flex items-baseline justify-between gap-2">
                        <h1 className="heading truncate" title={sheet.title}>
                            {sheet.title}
                        </h1>
                        <span className="shrink-0 text-xs font-semibold">
                            {count - waiting.length} of {count}
                        </span>
                    </div>
                    <PressQueue sheet={sheet} done={done} onChoose={onRow} onAgain={(row) => again.mutate(row)} />
                    <p role="status" className="text-sm">
                        {again.isSuccess && (
                            <>
                                Laid out again.{' '}
                                <Link
                                    to={`/cut-room/${sheet.design}`}
                                    className="font-semibold text-indigo hover:underline"
                                >
                                    To the Cut room
                                </Link>
                            </>
                        )}
                        {again.error && (
                            <span className="text-madder">
                                {again.error instanceof Refusal ? again.error.message : 'The server can’t be reached.'}
                            </span>
                        )}
                        {pressed.waiting.length > 0 && (
                            <span className="text-madder">
                                {pressed.waiting.length} not saved yet: the server does not answer. Go on; it is told
                                later.
                            </span>
                        )}
                    </p>
                    <a
                        className="field mt-2 block text-center font-semibold text-indigo hover:border-indigo"
                        href={`/api/designs/${sheet.design}/press-card.pdf${letter ? '?paper=letter' : ''}`}
                        target="_blank"
                        rel="noreferrer"
                    >
                        Print the press card
                    </a>
                    {count > 1 && sheet.rows.some(({ id }) => !id.includes('/')) && (
                        <a
                            className="mt-1.5 text-center text-sm font-semibold text-indigo hover:underline"
                            href={`/api/designs/${sheet.design}/press-card.pdf?each=1${letter ? '&paper=letter' : ''}`}
                            target="_blank"
                            rel="noreferrer"
                        >
                            Print a page for each
                        </a>
                    )}
                    <a
                        className="mt-1.5 text-center text-sm font-semibold text-indigo hover:underline"
                        href={`/api/designs/${sheet.design}/template.pdf?row=${encodeURIComponent(sheet.row)}${letter ? '&paper=letter' : ''}`}
                        target="_blank"
                        rel="noreferrer"
                    >
                        Print a template at true size
                    </a>
                </section>
                <section aria-label="Placement on the blank" className="flex min-h-0 flex-col items-center p-4">
                    <img
                        src={`data:image/svg+xml,${encodeURIComponent(sheet.picture)}`}
                        alt={`${sheet.name}: ${sheet.platen}, measured ${sheet.measure}`}
                        className="min-h-0 w-full flex-1 object-contain"
                    />
                    <p className="mt-2 flex flex-wrap items-baseline justify-center gap-x-3 text-base">
                        <span>
                            {sheet.platen}
                            {sheet.measure && ` · ${sheet.measure}, to 2 mm`}
                        </span>
                        {sheet.presses.length > 1 && (
                            <select
                                aria-label="Press"
                                className="field text-sm"
                                value={sheet.press}
                                onChange={({ target }) => onPress(target.value)}
                            >
                                {sheet.presses.map(({ id, name }) => (
                                    <option key={id} value={id}>
                                        on the {name}
                                    </option>
                                ))}
                            </select>
                        )}
                    </p>
                </section>
                <section aria-label="What to do" className="min-h-0 overflow-y-auto border-l border-seam p-3.5">
                    <div className="mb-2 flex items-baseline justify-between">
                        <h2 className="heading">
                            {sheet.steps.length} steps · {Math.floor(sheet.seconds / 60)} min {sheet.seconds % 60} s
                        </h2>
                        <Button
                            look="words"
                            small
                            aria-pressed={quiet}
                            onClick={() => {
                                mute(!quiet);
                                setQuiet(!quiet);
                            }}
                        >
                            {quiet ? 'Sound is off' : 'Sound is on'}
                        </Button>
                    </div>
                    {sheet.problem !== null && (
                        <p role="alert" className="text-base font-semibold text-madder">
                            {sheet.problem}
                        </p>
                    )}
                    <PressSteps sheet={sheet} runs={runs} clock={clock} />
                    <p className="stitch mt-4 pt-3 text-quiet">{sheet.notes.join(' ')}</p>
                </section>
            </main>
            <footer
                aria-label="Tape"
                className="flex min-h-9.5 flex-wrap items-stretch border-t border-tape-edge bg-tape"
            >
                <TapeEntry name="Pressed">
                    {count - waiting.length} of {count}
                </TapeEntry>
                {waiting.length > 0 && sheet.steps.length > 0 && <TapeEntry name="Left">about {minutes} min</TapeEntry>}
                {step && (
                    <TapeEntry name="Platen">
                        {step.temperature === null
                            ? 'not used: laid on cold'
                            : `${step.temperature} °C, ${step.pressure}`}
                    </TapeEntry>
                )}
            </footer>
        </>
    );
}
