import { Button } from '../ui/Button';
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { useLocation } from 'wouter';
import { answer, Refusal, server } from '../api/client';
import { blanks } from '../api/queries';
import { Choice } from '../ui/Choice';

/** Opens a job: what it is, for whom, until when, on what. Then on to the Bench. */
export function NewJobDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
    const shop = (useQuery(blanks).data ?? []).map((entry) => entry.blank);
    const [, navigate] = useLocation();
    const [title, setTitle] = useState('');
    const [customer, setCustomer] = useState('');
    const [due, setDue] = useState('');
    const [quantity, setQuantity] = useState('1');
    const [blank, setBlank] = useState<string | null>(null);
    const [wrong, setWrong] = useState<{ path: string; detail: string } | null>(null);
    const chosen = shop.find((entry) => entry.id === blank) ?? shop[0];

    const make = async () => {
        try {
            const body = { title, customer, due, blank: chosen?.id ?? '', quantity: Number(quantity) };
            const job = await answer(server.POST('/api/jobs', { body }));
            navigate(`/designs/${job.designs[0]?.id ?? ''}`);
        } catch (error) {
            setWrong(
                error instanceof Refusal
                    ? error.problem
                    : { path: '', detail: 'The server can’t be reached. What you typed stays here; try again.' },
            );
        }
    };
    const message = (path: string) => (wrong?.path === path ? wrong.detail : null);

    return (
        <Dialog open={open} onClose={onClose} className="relative z-30">
            <div aria-hidden className="fixed inset-0 bg-ink/30" />
            <div className="fixed inset-0 flex items-center justify-center p-6">
                <DialogPanel className="card w-[420px] p-5">
                    <DialogTitle as="h1" className="text-base font-bold">
                        New job
                    </DialogTitle>
                    <form
                        noValidate
                        className="stitch mt-3 grid gap-3 pt-3"
                        onSubmit={(event) => {
                            event.preventDefault();
                            void make();
                        }}
                    >
                        <Row label="Title" wrong={message('title')}>
                            <input
                                className="field"
                                autoFocus
                                maxLength={120}
                                placeholder="Crew shirts"
                                value={title}
                                onChange={(event) => setTitle(event.target.value)}
                            />
                        </Row>
                        <Row label="Customer" wrong={message('customer')}>
                            <input
                                className="field"
                                maxLength={120}
                                placeholder="Tern Point Rowers"
                                value={customer}
                                onChange={(event) => setCustomer(event.target.value)}
                            />
                        </Row>
                        <Row label="Due on" wrong={message('due')}>
                            <input
                                type="date"
                                className="field"
                                value={due}
                                onChange={(event) => setDue(event.target.value)}
                            />
                        </Row>
                        <Row label="Quantity" wrong={message('quantity')}>
                            <input
                                type="number"
                                className="field w-24"
                                min={1}
                                max={9999}
                                value={quantity}
                                onChange={(event) => setQuantity(event.target.value)}
                            />
                        </Row>
                        {chosen && (
                            <div className="grid gap-1">
                                <span className="text-xs text-quiet">Blank</span>
                                <Choice
                                    label="Blank"
                                    value={chosen}
                                    options={shop}
                                    by={(entry) => entry.id}
                                    show={(entry) => entry.name}
                                    onChange={(entry) => setBlank(entry.id)}
                                />
                            </div>
                        )}
                        {message('') && (
                            <p role="alert" className="text-xs text-madder">
                                {message('')}
                            </p>
                        )}
                        <div className="flex justify-end gap-2">
                            <Button type="button" className="px-4" onClick={onClose}>
                                Not now
                            </Button>
                            <Button type="submit" look="main">
                                Hang it on the rail
                            </Button>
                        </div>
                    </form>
                </DialogPanel>
            </div>
        </Dialog>
    );
}

function Row({ label, wrong, children }: { label: string; wrong: string | null; children: ReactNode }) {
    return (
        <label className="grid gap-1">
            <span className="text-xs text-quiet">{label}</span>
            {children}
            {wrong && (
                <span role="alert" className="text-xs text-madder">
                    {wrong}
                </span>
            )}
        </label>
    );
}
