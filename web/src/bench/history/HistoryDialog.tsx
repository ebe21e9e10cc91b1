import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useState } from 'react';
import { answer, server, type HistoryStep } from '../../api/client';
import { Button } from '../../ui/Button';
import { useBench, useBenchStore } from '../state/store';

/** Steps per row, and their height including the gap, in pixels. */
const COLUMNS = 5;
const ROW = 216;

/** The design's history as thumbnails: go to a step, name it, compare two. */
export function HistoryDialog({ onClose }: { onClose: () => void }) {
    const id = useBench((bench) => bench.id);
    const version = useBench((bench) => bench.version);
    const { goTo } = useBenchStore().getState();
    const [seen, setSeen] = useState<number[]>([]);
    const steps = useQuery({
        queryKey: ['history', id, version],
        queryFn: () => answer(server.GET('/api/designs/{id}/history', { params: { path: { id } } })),
    });
    const all = steps.data ?? [];
    const pictureOf = (number: number) => all.find((step) => step.number === number)?.picture;
    // The list exists only while the dialog is open, and only visible rows are drawn.
    const [list, setList] = useState<HTMLElement | null>(null);
    // eslint-disable-next-line react-hooks/incompatible-library
    const rows = useVirtualizer({
        count: Math.ceil(all.length / COLUMNS),
        getScrollElement: () => list,
        estimateSize: () => ROW,
        overscan: 2,
    });
    const toggle = (number: number) =>
        setSeen((now) => (now.includes(number) ? now.filter((other) => other !== number) : [...now.slice(-1), number]));

    return (
        <Dialog open onClose={onClose} className="relative z-30">
            <div aria-hidden className="fixed inset-0 bg-ink/30" />
            <div className="fixed inset-0 flex items-center justify-center p-6">
                <DialogPanel className="card flex max-h-full w-[1000px] max-w-full flex-col overflow-hidden">
                    <div className="flex items-center justify-between px-5 py-3">
                        <DialogTitle as="h1" className="text-base font-bold">
                            History
                        </DialogTitle>
                        <p className="text-xs text-quiet">Nothing is lost: undone steps are here too.</p>
                        <Button className="px-3" onClick={onClose}>
                            Close
                        </Button>
                    </div>
                    {seen.length === 2 && (
                        <div className="stitch grid grid-cols-2 gap-4 bg-muslin p-4">
                            {[...seen]
                                .sort((a, b) => a - b)
                                .map((number) => (
                                    <figure key={number} className="text-center">
                                        <img
                                            src={pictureOf(number)}
                                            alt=""
                                            className="mx-auto h-64 max-w-full object-contain"
                                        />
                                        <figcaption className="mt-1 text-xs">
                                            {steps.data?.find((step) => step.number === number)?.name ??
                                                `Step ${number}`}
                                        </figcaption>
                                    </figure>
                                ))}
                        </div>
                    )}
                    <div ref={setList} className="stitch min-h-40 overflow-y-auto p-4">
                        {steps.isPending && <p>Fetching the history…</p>}
                        {steps.isError && <p>The history can’t be fetched now. Close this and try again.</p>}
                        <div role="list" className="relative" style={{ height: rows.getTotalSize() }}>
                            {rows.getVirtualItems().map((row) => (
                                <div
                                    key={row.key}
                                    role="presentation"
                                    className="absolute inset-x-0 grid grid-cols-5 gap-3 pb-3"
                                    style={{ top: row.start, height: row.size }}
                                >
                                    {all.slice(row.index * COLUMNS, (row.index + 1) * COLUMNS).map((step) => (
                                        <Step
                                            key={step.number}
                                            id={id}
                                            step={step}
                                            compared={seen.includes(step.number)}
                                            onCompare={() => toggle(step.number)}
                                            onGo={() => {
                                                goTo(step.number);
                                                onClose();
                                            }}
                                        />
                                    ))}
                                </div>
                            ))}
                        </div>
                    </div>
                </DialogPanel>
            </div>
        </Dialog>
    );
}

interface StepProps {
    id: string;
    step: HistoryStep;
    compared: boolean;
    onCompare: () => void;
    onGo: () => void;
}

function Step({ id, step, compared, onCompare, onGo }: StepProps) {
    const client = useQueryClient();
    const [name, setName] = useState(step.name ?? '');
    const save = async () => {
        if (name.trim() !== (step.name ?? '')) {
            const path = { id, number: step.number };
            await server.PUT('/api/designs/{id}/history/{number}/name', {
                params: { path },
                body: name,
                bodySerializer: (text) => text,
                headers: { 'Content-Type': 'text/plain' },
            });
            await client.invalidateQueries({ queryKey: ['history', id] });
        }
    };
    return (
        <div role="listitem" className={`card flex flex-col p-2 ${step.current ? 'border-marigold!' : ''}`}>
            <img src={step.picture} alt="" decoding="async" className="mx-auto h-24 max-w-full object-contain" />
            <input
                aria-label={`Name of step ${step.number}`}
                className="mt-1.5 w-full border-b border-dashed border-seam bg-transparent text-center placeholder:text-quiet"
                placeholder={`Step ${step.number}`}
                maxLength={80}
                value={name}
                onChange={(event) => setName(event.target.value)}
                onBlur={() => void save()}
                onKeyDown={(event) => event.key === 'Enter' && void save()}
            />
            <p className="my-1 text-center text-xs text-quiet">
                {new Date(step.madeAt).toLocaleString('en-GB', {
                    day: 'numeric',
                    month: 'short',
                    hour: '2-digit',
                    minute: '2-digit',
                })}
            </p>
            <div className="mt-auto flex justify-between text-xs">
                <label className="flex items-center gap-1">
                    <input type="checkbox" checked={compared} onChange={onCompare} />
                    Compare
                </label>
                {step.current ? (
                    <b className="text-marigold-deep">Now</b>
                ) : (
                    <Button look="words" onClick={onGo}>
                        Go to this
                    </Button>
                )}
            </div>
        </div>
    );
}
