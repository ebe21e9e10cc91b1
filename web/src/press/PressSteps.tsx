import type { PressSheet } from '../api/client';
import { Button } from '../ui/Button';
import type { PressClock, Run } from './usePressClock';

interface Props {
    sheet: PressSheet;
    runs: readonly Run[];
    clock: PressClock;
}

/** The steps in order, the one that is next with its clock, large enough to read from where the press is. */
export function PressSteps({ sheet, runs, clock }: Props) {
    const run = runs[clock.at];
    const over = runs.length > 0 && run === undefined;
    return (
        <ol aria-label="Steps" className="grid grid-cols-[minmax(0,1fr)] gap-2.5">
            {sheet.steps.map((step, number) => {
                const now = run?.step === number;
                const done = over || (run !== undefined && number < run.step);
                return (
                    <li key={number}>
                        <button
                            aria-current={now ? 'step' : undefined}
                            className={`card flex w-full items-center gap-3 px-3 py-2.5 text-left ${now ? 'border-marigold! shadow-[inset_4px_0_0_var(--color-marigold)]' : ''} ${done ? 'text-quiet opacity-70' : ''}`}
                            onClick={() => clock.goTo(runs.findIndex((one) => one.step === number))}
                        >
                            <span
                                className={`grid h-7 w-7 shrink-0 place-items-center rounded-full border font-bold ${now ? 'border-marigold-deep bg-marigold-deep text-white' : 'border-seam'}`}
                            >
                                {done ? '✓' : number + 1}
                            </span>
                            <span className="min-w-0 flex-1">
                                <b className="block text-base">{step.title}</b>
                                <span className="block text-quiet">{step.hint}</span>
                            </span>
                            <b className="shrink-0 text-base tabular-nums">
                                {step.temperature === null ? 'by hand' : secondsOf(step)}
                            </b>
                        </button>
                        {now && step.temperature === null && (
                            <div className="mt-2.5 text-center">
                                <Button look="main" className="px-8! py-2.5! text-lg" onClick={clock.start}>
                                    Done (space)
                                </Button>
                            </div>
                        )}
                        {now && step.temperature !== null && (
                            <div className="card mt-2.5 px-3 py-4 text-center">
                                <p
                                    role="timer"
                                    aria-label="Seconds left"
                                    className="text-[72px] leading-none font-bold tabular-nums"
                                >
                                    {Math.floor(clock.left / 60)}:{String(clock.left % 60).padStart(2, '0')}
                                </p>
                                <p className="mt-2 text-lg font-semibold">
                                    {step.temperature} °C · {step.pressure} pressure
                                </p>
                                {step.sections > 1 && (
                                    <p className="text-quiet">
                                        Section {run.section + 1} of {step.sections}
                                    </p>
                                )}
                                <Button
                                    look="main"
                                    className="mt-3 px-8! py-2.5! text-lg"
                                    onClick={clock.running ? clock.again : clock.start}
                                >
                                    {clock.running ? 'Stop' : 'Start'} (space)
                                </Button>
                            </div>
                        )}
                    </li>
                );
            })}
        </ol>
    );
}

/** Of the first section, and of the others where they are shorter. */
const secondsOf = ({ seconds, later, sections }: PressSheet['steps'][number]) =>
    sections > 1 && later !== seconds ? `${seconds} s, then ${later} s` : `${seconds} s`;
