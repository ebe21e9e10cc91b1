import { showWithUnit } from '../../measure';
import type { Measuring, Step } from './useMeasuring';

/** The way through measuring: what is done, what is asked now, what comes; each step can be gone back to. */
export function MeasureWay({ measuring }: { measuring: Measuring }) {
    const { asked, measures, step, unit, work, goTo } = measuring;
    const steps: { at: Step; name: string; said: string; open: boolean }[] = [
        { at: 'start', name: 'Kind and name', said: measuring.name || measuring.size, open: true },
        ...asked.map(({ name, title }, at) => {
            const length = measures[name];
            return {
                at,
                name: title,
                said: length === undefined ? '' : showWithUnit(length, unit),
                open: at === 0 || measures[asked[at - 1]?.name ?? ''] !== undefined,
            };
        }),
        { at: 'result', name: 'Areas and places to keep off', said: '', open: work.data !== undefined },
    ];
    return (
        <section aria-label="Steps" className="min-h-0 overflow-y-auto border-r border-seam p-3">
            <h1 className="heading mb-2">Measure a blank</h1>
            <ol className="grid gap-1.5">
                {steps.map(({ at, name, said, open }) => (
                    <li key={at}>
                        <button
                            aria-current={at === step ? 'step' : undefined}
                            disabled={!open}
                            className={`card flex w-full items-baseline justify-between gap-2 px-3 py-2 text-left enabled:hover:border-quiet disabled:opacity-50 ${at === step ? 'border-marigold! shadow-[inset_3px_0_0_var(--color-marigold)]' : ''}`}
                            onClick={() => goTo(at)}
                        >
                            <b>{name}</b>
                            <span className="shrink-0 text-xs text-quiet">{said}</span>
                        </button>
                    </li>
                ))}
            </ol>
        </section>
    );
}
