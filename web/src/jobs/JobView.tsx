import { Button } from '../ui/Button';
import { useEffect, useState } from 'react';
import { Link, useLocation } from 'wouter';
import { answer, server, type JobSheet } from '../api/client';
import { AddDesign } from './AddDesign';
import { DueDialog } from './DueDialog';
import { JobDesigns } from './JobDesigns';
import { JobItems } from './JobItems';
import { JobSum } from './JobSum';
import { progress } from './progress';
import { StateThread } from './StateThread';
import { TextField } from '../ui/TextField';
import { useJobSheet } from './useJobSheet';

/** A job's designs as they will be worn, and beside them its ticket: for whom, until when, how far, what. */
export function JobView({ sheet: saved }: { sheet: JobSheet }) {
    const { sheet, act, change, note } = useJobSheet(saved);
    const [, navigate] = useLocation();
    const [again, setAgain] = useState(false);
    const path = { id: sheet.id };
    const wrong = (field: string) => (note?.path === field ? note.text : null);

    useEffect(() => {
        document.title = `${sheet.title} · Uvret`;
    }, [sheet.title]);

    return (
        <div className="grid flex-1 grid-cols-[minmax(0,1fr)_380px] gap-6 px-7 py-6">
            <section aria-label="Designs" className="min-w-0">
                <div className="flex items-baseline justify-between gap-4">
                    <h1 className="truncate text-2xl font-bold" title={sheet.title}>
                        {sheet.title}
                    </h1>
                    <span className="flex shrink-0 items-baseline gap-4">
                        <Link to={`/jobs/${sheet.id}/names`} className="font-semibold text-indigo hover:underline">
                            Names
                            {sheet.people && ` (${progress(sheet.people)})`}
                        </Link>
                        {sheet.designs[0] && (
                            <Link
                                to={`/cut-room/${sheet.designs[0].card.id}`}
                                className="font-semibold text-indigo hover:underline"
                            >
                                To the Cut room
                            </Link>
                        )}
                        <AddDesign id={sheet.id} />
                    </span>
                </div>
                <span aria-hidden className="mt-4 -ml-7 block h-[5px] bg-linear-to-b from-rod-light to-rod" />
                <JobDesigns sheet={sheet} act={act} />
            </section>
            <aside aria-label="Ticket" className="card self-start border-dashed! p-5">
                {sheet.archived && (
                    <p className="mb-3 rounded-[3px] bg-tape px-3 py-2 font-semibold">
                        Archived: off the rail, nothing is lost.
                    </p>
                )}
                <div className="grid gap-3">
                    <TextField
                        label="Title"
                        value={sheet.title}
                        wrong={wrong('title')}
                        onChange={(title) => change({ title })}
                    />
                    <TextField
                        label="Customer"
                        value={sheet.customer}
                        wrong={wrong('customer')}
                        onChange={(customer) => change({ customer })}
                    />
                    <TextField
                        label="Due on"
                        type="date"
                        value={sheet.due}
                        wrong={wrong('due')}
                        onChange={(due) => change({ due })}
                    />
                </div>
                <StateThread value={sheet.state} onChange={(state) => change({ state })} />
                <JobItems items={sheet.items} note={note} onChange={(items) => change({ items })} />
                <JobSum sheet={sheet} onPrice={(price) => change({ price })} />
                {note && !/^(title|customer|due|items)/.test(note.path) && (
                    <p role="alert" className="mt-3 text-madder">
                        {note.text}
                    </p>
                )}
                <div className="stitch mt-4 flex justify-between pt-3">
                    <Button look="words" onClick={() => setAgain(true)}>
                        Repeat job
                    </Button>
                    <Button
                        look="words"
                        onClick={() =>
                            void act(() =>
                                answer(
                                    sheet.archived
                                        ? server.POST('/api/jobs/{id}/reopen', { params: { path } })
                                        : server.POST('/api/jobs/{id}/archive', { params: { path } }),
                                ),
                            )
                        }
                    >
                        {sheet.archived ? 'Back on the rail' : 'Archive'}
                    </Button>
                </div>
            </aside>
            <DueDialog
                open={again}
                title={`${sheet.title}, the same again`}
                onClose={() => setAgain(false)}
                onDue={async (due) => {
                    const copy = await answer(
                        server.POST('/api/jobs/{id}/duplicate', { params: { path }, body: { due } }),
                    );
                    setAgain(false);
                    navigate(`/jobs/${copy.id}`);
                }}
            />
        </div>
    );
}
