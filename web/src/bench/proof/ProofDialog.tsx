import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, Refusal, server } from '../../api/client';
import { Modal } from '../../ui/Modal';
import { Button } from '../../ui/Button';
import { hasFields } from '../model/own';
import { useBench, useBenchStore } from '../state/store';

/** The customer's proof: the page to send, and recording the approval of this exact version. */
export function ProofDialog({ onClose }: { onClose: () => void }) {
    const id = useBench((bench) => bench.id);
    const version = useBench((bench) => bench.version);
    const step = useBench((bench) => bench.step);
    const approval = useBench((bench) => bench.approval);
    const names = useBench((bench) => bench.design.lines.some(hasFields));
    const ready = useBench((bench) => bench.saving.state === 'saved');
    const { setApproval, goTo } = useBenchStore().getState();
    const client = useQueryClient();
    const [by, setBy] = useState('');
    const [wrong, setWrong] = useState<string | null>(null);
    const proof = `/api/designs/${id}/proof`;

    const attempt = async (work: () => Promise<void>) => {
        try {
            await work();
            setWrong(null);
            await client.invalidateQueries({ queryKey: ['jobs'] });
        } catch (error) {
            setWrong(error instanceof Refusal ? error.message : 'The server can’t be reached. Try again.');
        }
    };
    const approve = () =>
        attempt(async () => {
            const body = { version, by };
            setApproval(await answer(server.POST('/api/designs/{id}/approval', { params: { path: { id } }, body })));
        });
    const withdraw = () =>
        attempt(async () => {
            await answer(server.DELETE('/api/designs/{id}/approval', { params: { path: { id } } }));
            setApproval(null);
        });

    return (
        <Modal open title="Proof for the customer" onClose={onClose} wide>
            <div className="grid grid-cols-[280px_1fr] gap-5">
                {ready ? (
                    <img
                        src={`${proof}.png?width=560&version=${version}`}
                        alt="The proof’s page: the design as worn, close up, and its sizes"
                        className="aspect-[210/297] w-full border border-seam bg-white"
                    />
                ) : (
                    <p className="aspect-[210/297] w-full border border-seam p-6 text-quiet">
                        The proof appears as soon as everything is saved.
                    </p>
                )}
                <div className="flex flex-col gap-3">
                    <p className="text-quiet">
                        One page with the design on its blank, its colours and its sizes. It is marked as version {step}
                        , so that everyone knows what was approved.
                    </p>
                    <a className={link(ready)} aria-disabled={!ready} href={`${proof}.pdf`} download>
                        Download as PDF
                    </a>
                    <a className={link(ready)} aria-disabled={!ready} href={`${proof}.png`} download>
                        Download as picture (PNG)
                    </a>
                    {names && (
                        <p>
                            The list of names is approved with it.{' '}
                            <a
                                className="font-semibold text-indigo hover:underline"
                                href={`/api/designs/${id}/names.pdf`}
                                download
                            >
                                Download all names as PDF
                            </a>
                        </p>
                    )}
                    {approval ? (
                        <div className="stitch grid gap-2 pt-3">
                            <p className={`font-semibold ${approval.current ? 'text-sage-deep' : 'text-madder'}`}>
                                Version {approval.step} was approved by {approval.by} on{' '}
                                {new Date(approval.at).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })}.
                            </p>
                            {!approval.current && (
                                <>
                                    <p>The design has changed since. Go back to what was approved, or ask again.</p>
                                    <Button
                                        onClick={() => {
                                            goTo(approval.step);
                                            onClose();
                                        }}
                                    >
                                        Go back to version {approval.step}
                                    </Button>
                                </>
                            )}
                            <Button look="away" className="justify-self-start" onClick={() => void withdraw()}>
                                Withdraw the approval
                            </Button>
                        </div>
                    ) : (
                        <form
                            className="stitch grid gap-2 pt-3"
                            onSubmit={(event) => {
                                event.preventDefault();
                                void approve();
                            }}
                        >
                            <label className="grid gap-1">
                                <span className="text-xs text-quiet">Approved by</span>
                                <input
                                    className="field"
                                    maxLength={80}
                                    placeholder="The customer’s name"
                                    value={by}
                                    onChange={(event) => setBy(event.target.value)}
                                />
                            </label>
                            <Button look="main" type="submit" disabled={!ready}>
                                Record the approval
                            </Button>
                        </form>
                    )}
                    {wrong && (
                        <p role="alert" className="text-madder">
                            {wrong}
                        </p>
                    )}
                    <Button className="mt-auto" onClick={onClose}>
                        Close
                    </Button>
                </div>
            </div>
        </Modal>
    );
}

const link = (ready: boolean) =>
    `field flex items-center justify-center font-semibold text-indigo hover:border-indigo ${ready ? '' : 'pointer-events-none opacity-50'}`;
