import { useState } from 'react';
import { Link } from 'wouter';
import type { ReadTable, Roster } from '../api/client';
import { Segments } from '../ui/Segments';
import { Contacts } from './Contacts';
import { NamesGrid } from './NamesGrid';
import { SentAgain } from './SentAgain';
import { NamesTape } from './NamesTape';
import { TableDialog } from './TableDialog';
import { TakeList } from './TakeList';
import { withTable } from './people';
import { useFits } from './useFits';
import { usePeopleAtWork } from './usePeopleAtWork';
import { useNames } from './useNames';

/** The list on the left, every piece as it will be on the right, what comes of it on the tape. */
export function NamesView({ job, title, roster }: { job: string; title: string; roster: Roster }) {
    const { value: names, change, note } = useNames(job, roster);
    const [design, setDesign] = useState<string | null>(null);
    const [chosen, setChosen] = useState<string | null>(null);
    const [table, setTable] = useState<ReadTable | null>(null);
    const work = usePeopleAtWork(job);
    const shown = roster.designs.find(({ id }) => id === design) ?? roster.designs[0];
    const fits = useFits(shown?.id ?? null);
    return (
        <>
            <main className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_minmax(0,1.12fr)]">
                <section aria-label="The list" className="flex min-h-0 flex-col border-r border-seam">
                    <div className="flex items-center justify-between gap-3 px-4 pt-3.5 pb-2.5">
                        <h1 className="heading truncate" title={title}>
                            <Link to={`/jobs/${job}`} className="hover:underline">
                                {title}
                            </Link>{' '}
                            · names
                        </h1>
                        <TakeList job={job} empty={names.people.length === 0} onRead={setTable} />
                    </div>
                    {(note ?? work.wrong) && (
                        <p role="alert" className="mx-4 mb-2 text-madder">
                            {note?.text ?? work.wrong}
                        </p>
                    )}
                    <SentAgain names={names} sent={work.sent} design={shown?.id} />
                    <NamesGrid
                        names={names}
                        rows={roster.people}
                        doubts={roster.doubts}
                        sizes={roster.sizes}
                        fits={fits}
                        work={work}
                        chosen={chosen}
                        onChoose={setChosen}
                        onChange={change}
                        onPaste={setTable}
                    />
                </section>
                <section aria-label="Contact sheet" className="flex min-h-0 flex-col">
                    <div className="flex items-center justify-between gap-3 px-4 pt-3.5">
                        <h2 className="heading">Contact sheet</h2>
                        {roster.designs.length > 1 && shown && (
                            <Segments
                                label="Design"
                                small
                                value={shown.id}
                                options={roster.designs.map(({ id, name }) => ({ value: id, show: name }))}
                                onChange={setDesign}
                            />
                        )}
                    </div>
                    {shown ? (
                        <Contacts key={shown.id} design={shown.id} names={names} chosen={chosen} onChoose={setChosen} />
                    ) : (
                        <p className="m-auto max-w-sm p-8 text-center text-quiet">
                            No design of this job uses names yet. Open one on the Bench and press <b>Alt+N</b> in a
                            line’s words, or choose <b>Insert name from the list</b> in its card’s menu.
                        </p>
                    )}
                </section>
            </main>
            <NamesTape names={names} rows={roster.people} doubts={roster.doubts.length} design={shown?.id ?? null} />
            {table && (
                <TableDialog
                    table={table}
                    names={names}
                    onClose={() => setTable(null)}
                    onTake={(columns, replace) => {
                        change((now) => withTable(now, columns, table.rows, replace));
                        setTable(null);
                    }}
                />
            )}
        </>
    );
}
