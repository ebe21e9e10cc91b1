import { Button } from '../ui/Button';
import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'wouter';
import { answer, server, type JobSheet } from '../api/client';
import { bandText } from '../blanks/areaText';
import { Worn } from '../blanks/Worn';
import { showRound } from '../measure';
import type { Sheet } from './useJobSheet';

type Design = JobSheet['designs'][number];

/** The designs of a job, hung side by side; removed ones can be restored. */
export function JobDesigns({ sheet, act }: { sheet: JobSheet; act: Sheet['act'] }) {
    return (
        <>
            <ul className="grid grid-cols-[repeat(auto-fill,minmax(250px,1fr))] gap-x-5 gap-y-7">
                {sheet.designs.map((design) => (
                    <HangingDesign key={design.card.id} sheet={sheet} design={design} act={act} />
                ))}
            </ul>
            {sheet.designs.length === 0 && (
                <p className="mt-10 text-center text-quiet">
                    This job has no design. Add one, or restore a removed one.
                </p>
            )}
            {sheet.removed.length > 0 && (
                <section aria-label="Removed" className="mt-8">
                    <h2 className="heading mb-1.5">Removed</h2>
                    <ul className="flex flex-wrap gap-2">
                        {sheet.removed.map(({ id, name }) => (
                            <li key={id} className="card flex max-w-full gap-3 px-3 py-1.5">
                                <span className="truncate">{name}</span>
                                <button
                                    className="font-semibold whitespace-nowrap text-indigo hover:underline"
                                    onClick={() =>
                                        void act(() =>
                                            answer(
                                                server.POST('/api/designs/{id}/restore', { params: { path: { id } } }),
                                            ),
                                        )
                                    }
                                >
                                    Restore
                                </button>
                            </li>
                        ))}
                    </ul>
                </section>
            )}
        </>
    );
}

function HangingDesign({ sheet, design, act }: { sheet: JobSheet; design: Design; act: Sheet['act'] }) {
    const client = useQueryClient();
    const { card, approval } = design;
    const { snags, unit } = card;
    const path = { id: card.id };
    return (
        <li className="flex min-w-0 flex-col items-center">
            <svg aria-hidden viewBox="0 0 20 20" className="h-5 w-5 shrink-0 fill-none stroke-rod stroke-2">
                <path d="M8 0v9m0 0c7-1 7 7 0 7" />
            </svg>
            <Link
                to={`/designs/${card.id}`}
                aria-label={`${card.name}, on the Bench`}
                className="flex h-52 w-full justify-center transition-transform hover:-rotate-1"
            >
                <Worn design={card} className="h-full max-w-full" />
            </Link>
            <div className="card mt-2 w-full px-3 py-2.5">
                <Link to={`/designs/${card.id}`} className="block truncate text-[15px] font-bold hover:underline">
                    {card.name}
                </Link>
                {card.unreadable === null ? (
                    <p className="truncate text-xs text-quiet">
                        {card.blank}, {card.size} · {card.placement},{' '}
                        {card.across === 0
                            ? bandText(card.down, unit)
                            : `${showRound(card.across, unit)} × ${showRound(card.down, unit)} ${unit}`}
                    </p>
                ) : (
                    <Unreadable design={design} sheet={sheet} act={act} />
                )}
                <p className={`mt-1 text-xs font-semibold ${toneOf(design)}`}>
                    {approval
                        ? approval.current
                            ? `Approved by ${approval.by}`
                            : 'Changed since it was approved'
                        : 'Not approved yet'}
                    {snags > 0 && (
                        <span className="text-madder">
                            {' · '}
                            {snags === 1 ? '1 snag' : `${snags} snags`}
                        </span>
                    )}
                </p>
                <div className="stitch mt-2 flex justify-between gap-2 pt-1.5 text-xs">
                    <a
                        hidden={card.unreadable !== null}
                        className="font-semibold text-indigo hover:underline"
                        href={`/api/designs/${card.id}/design-file`}
                        download
                        title="The design with its fonts as one file, to be opened on another machine"
                    >
                        Download
                    </a>
                    <Button
                        hidden={card.unreadable !== null}
                        look="words"
                        onClick={() =>
                            void act(async () => {
                                await answer(server.POST('/api/designs/{id}/duplicate', { params: { path } }));
                                return answer(server.GET('/api/jobs/{id}', { params: { path: { id: sheet.id } } }));
                            })
                        }
                    >
                        Duplicate
                    </Button>
                    <Button
                        look="away"
                        onClick={() =>
                            void act(async () => {
                                const next = await answer(server.DELETE('/api/designs/{id}', { params: { path } }));
                                client.removeQueries({ queryKey: ['design', card.id] });
                                return next;
                            })
                        }
                    >
                        Remove
                    </Button>
                </div>
            </div>
        </li>
    );
}

/** Why a design can't be read, and what there is of it: the document as it was kept, and the latest step that can be read. */
function Unreadable({ design, sheet, act }: { design: Design; sheet: JobSheet; act: Sheet['act'] }) {
    const { card, version, backup } = design;
    const goBack = async (number: number) => {
        const params = { path: { id: card.id, number }, query: { version } };
        await answer(server.POST('/api/designs/{id}/history/{number}', { params }));
        return answer(server.GET('/api/jobs/{id}', { params: { path: { id: sheet.id } } }));
    };
    return (
        <div role="alert" className="mt-1 grid gap-1 text-xs text-madder">
            <p>This design can’t be read. {card.unreadable}</p>
            <p className="flex justify-between gap-2 font-semibold">
                <a href={card.picture.replace(/\/picture\.svg.*/, '.json')} download className="underline">
                    Save the document
                </a>
                {backup !== null && (
                    <button className="underline" onClick={() => void act(() => goBack(backup))}>
                        Go back to step {backup}
                    </button>
                )}
            </p>
        </div>
    );
}

function toneOf({ approval }: Design): string {
    return approval ? (approval.current ? 'text-sage-deep' : 'text-madder') : 'text-quiet';
}
