import { Button } from '../../ui/Button';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useLocation } from 'wouter';
import { answer, Refusal, server, type FewerFilmsProposal } from '../../api/client';
import { showFilm } from '../../measure';
import { Modal } from '../../ui/Modal';
import { fillOf } from '../../film/finishes';
import { FinishPatterns } from '../../film/FinishPatterns';
import { useBench } from '../state/store';
import { useRested } from '../state/useRested';

/** The same design for a smaller budget: what each proposal saves, side by side; one click makes it a design of its own. */
export function FewerFilmsDialog({ onClose }: { onClose: () => void }) {
    const id = useBench((bench) => bench.id);
    const unit = useBench((bench) => bench.design.unit);
    const client = useQueryClient();
    const [, navigate] = useLocation();
    const found = useRested(['fewer films'], true, () =>
        answer(server.GET('/api/designs/{id}/fewer-films', { params: { path: { id } } })),
    );
    const make = useMutation({
        mutationFn: (proposal: FewerFilmsProposal) =>
            answer(
                server.POST('/api/designs/{id}/variants', {
                    params: { path: { id } },
                    body: { document: proposal.document },
                }),
            ),
        onSuccess: async (made) => {
            await client.invalidateQueries({ queryKey: ['jobs'] });
            onClose();
            navigate(`/designs/${made.id}`);
        },
    });
    const [own, ...proposals] = found.data ?? [];
    return (
        <Modal open title="Fewer films" onClose={onClose} widest>
            {!own ? (
                <p role={found.isError ? 'alert' : undefined}>
                    {found.isError ? 'They can’t be worked out now. Close this and try again.' : 'Working them out…'}
                </p>
            ) : (
                <>
                    <p className="mb-3 text-quiet">
                        {proposals.length === 0
                            ? 'No version with fewer films keeps all shapes apart.'
                            : 'Each becomes a design of its own; this one stays as it is.'}
                    </p>
                    <ul className="grid grid-cols-3 gap-3">
                        {[own, ...proposals].map((proposal) => (
                            <li
                                key={proposal.say}
                                aria-label={proposal.say || 'As it is'}
                                className="card flex flex-col gap-2 p-2.5"
                            >
                                <Picture proposal={proposal} />
                                <b className="leading-snug">{proposal.say || 'As it is'}</b>
                                <dl className="grid grid-cols-[1fr_auto_auto] gap-x-2 text-xs">
                                    <Measure name="Films" now={proposal.films} was={own.films} />
                                    <Measure name="Presses" now={proposal.presses} was={own.presses} />
                                    <Measure
                                        name="Film"
                                        now={proposal.filmLength}
                                        was={own.filmLength}
                                        show={(length) => showFilm(length, unit)}
                                    />
                                    {proposal.cost !== null && own.cost !== null && (
                                        <Measure
                                            name="Film costs"
                                            now={proposal.cost}
                                            was={own.cost}
                                            show={(cost) => cost.toFixed(2)}
                                        />
                                    )}
                                    <Measure name="To weed" now={proposal.toWeed} was={own.toWeed} />
                                </dl>
                                {proposal !== own && (
                                    <Button
                                        className="mt-auto"
                                        disabled={make.isPending}
                                        onClick={() => make.mutate(proposal)}
                                    >
                                        Save as a design
                                    </Button>
                                )}
                            </li>
                        ))}
                    </ul>
                    {make.isError && (
                        <p role="alert" className="mt-3 text-madder">
                            {make.error instanceof Refusal
                                ? make.error.message
                                : 'The server can’t be reached; nothing was made. Try again.'}
                        </p>
                    )}
                </>
            )}
        </Modal>
    );
}

interface MeasureProps {
    name: string;
    now: number;
    was: number;
    show?: (value: number) => string;
}

function Measure({ name, now, was, show = String }: MeasureProps) {
    return (
        <>
            <dt className="text-quiet">{name}</dt>
            <dd className="text-right">{show(now)}</dd>
            <dd className="w-14 text-right font-semibold text-sage-deep">
                {now < was && `−${show(Number((was - now).toFixed(2)))}`}
            </dd>
        </>
    );
}

function Picture({ proposal: { sheet, document: design } }: { proposal: FewerFilmsProposal }) {
    const ink = sheet.ink ?? sheet.area;
    const pad = 0.06 * Math.max(ink.width, ink.height);
    return (
        <svg
            aria-hidden
            className="h-32 w-full rounded-[2px]"
            style={{ background: design.blank.fabric.colour }}
            viewBox={`${ink.left - pad} ${ink.top - pad} ${ink.width + 2 * pad} ${ink.height + 2 * pad}`}
        >
            <FinishPatterns films={design.films} />
            {design.films.flatMap((film) =>
                sheet.parts
                    .filter((part) => part.film === film.id && !part.guide)
                    .map((part, at) => (
                        <path key={`${film.id} ${at}`} d={part.path} fill={fillOf(film)} fillRule="evenodd" />
                    )),
            )}
        </svg>
    );
}
