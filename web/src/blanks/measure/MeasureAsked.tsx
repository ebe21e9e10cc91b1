import { useState } from 'react';
import { Refusal } from '../../api/client';
import { readLength } from '../../length';
import { show, showRound } from '../../measure';
import { Button } from '../../ui/Button';
import type { BlankMeasure } from '../../api/client';
import type { Measuring } from './useMeasuring';

/** One measure, asked for while the drawing shows it. */
export function MeasureAsked({ measure, measuring }: { measure: BlankMeasure; measuring: Measuring }) {
    const { asked, measures, unit, work, take, goTo } = measuring;
    const at = asked.indexOf(measure);
    const before = measures[measure.name];
    const [typed, setTyped] = useState(before === undefined ? '' : show(before, unit));
    const [wrong, setWrong] = useState<string | null>(null);
    const refused =
        work.error instanceof Refusal && work.error.problem.path === measure.name
            ? work.error.problem.detail
            : work.error && !(work.error instanceof Refusal)
              ? 'The server can’t be reached. What you measured stays here; try again.'
              : null;
    return (
        <form
            noValidate
            className="grid gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                const read = readLength(typed, unit);
                if ('wrong' in read) {
                    setWrong(read.wrong);
                } else {
                    work.reset();
                    take(measure.name, read.micrometres);
                }
            }}
        >
            <p className="text-xs text-quiet">
                Measure {at + 1} of {asked.length}
            </p>
            <h2 className="text-xl font-bold">{measure.title}</h2>
            <p className="text-base">{measure.hint}</p>
            <span className="flex items-baseline gap-2 text-2xl">
                <input
                    aria-label={measure.title}
                    autoFocus
                    className="field w-40 text-2xl font-bold tabular-nums"
                    aria-invalid={wrong !== null || refused !== null}
                    autoComplete="off"
                    value={typed}
                    onFocus={(event) => event.target.select()}
                    onChange={(event) => {
                        setTyped(event.target.value);
                        setWrong(null);
                    }}
                />
                {unit}
            </span>
            {(wrong ?? refused) !== null && (
                <p role="alert" className="text-madder">
                    {wrong ?? refused}
                </p>
            )}
            <p className="text-xs text-quiet">
                Usually about {showRound(measure.usual, unit)} {unit}.
            </p>
            <span className="flex gap-2">
                <Button type="submit" look="main" disabled={work.isPending}>
                    {at + 1 < asked.length ? 'Next' : 'Work out the areas'}
                </Button>
                <Button onClick={() => goTo(at === 0 ? 'start' : at - 1)}>Back</Button>
            </span>
        </form>
    );
}
