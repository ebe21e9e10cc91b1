import { Button } from '../ui/Button';
import { useQuery } from '@tanstack/react-query';
import { useRef, useState, type ReactNode } from 'react';
import { useLocation } from 'wouter';
import { answer, Refusal, server } from '../api/client';
import { blanks } from '../api/queries';
import { Choice } from '../ui/Choice';
import { Modal } from '../ui/Modal';

/** Another design for the job: an empty one on a placement, or one that comes as a file. */
export function AddDesign({ id }: { id: string }) {
    const shop = (useQuery(blanks).data ?? []).map((entry) => entry.blank);
    const [, navigate] = useLocation();
    const file = useRef<HTMLInputElement>(null);
    const [asking, setAsking] = useState(false);
    const [blankId, setBlankId] = useState<string | null>(null);
    const [placementId, setPlacementId] = useState<string | null>(null);
    const [wrong, setWrong] = useState<string | null>(null);
    const blank = shop.find((entry) => entry.id === blankId) ?? shop[0];
    const placements = blank?.sizes[Math.floor(blank.sizes.length / 2)]?.placements ?? [];
    const placement = placements.find((entry) => entry.id === placementId) ?? placements[0];

    const add = async (made: Promise<{ id: string }>) => {
        try {
            navigate(`/designs/${(await made).id}`);
        } catch (error) {
            setWrong(error instanceof Refusal ? error.message : 'The server can’t be reached. Try again.');
        }
    };
    return (
        <>
            <Button
                look="main"
                onClick={() => {
                    setWrong(null);
                    setAsking(true);
                }}
            >
                Add a design
            </Button>
            <Modal open={asking} title="Add a design" onClose={() => setAsking(false)}>
                {blank && placement && (
                    <div className="grid gap-3">
                        <Row label="Blank">
                            <Choice
                                label="Blank"
                                value={blank}
                                options={shop}
                                by={(entry) => entry.id}
                                show={(entry) => entry.name}
                                onChange={(entry) => setBlankId(entry.id)}
                            />
                        </Row>
                        <Row label="Placement">
                            <Choice
                                label="Placement"
                                value={placement}
                                options={placements}
                                by={(entry) => entry.id}
                                show={(entry) => entry.name}
                                onChange={(entry) => setPlacementId(entry.id)}
                            />
                        </Row>
                    </div>
                )}
                {wrong && (
                    <p role="alert" className="mt-3 text-madder">
                        {wrong}
                    </p>
                )}
                <div className="mt-4 flex justify-end gap-2">
                    <button
                        className="mr-auto font-semibold text-indigo hover:underline"
                        onClick={() => file.current?.click()}
                    >
                        Open a design file…
                    </button>
                    <input
                        ref={file}
                        type="file"
                        aria-label="Design file"
                        accept=".zip,application/zip"
                        className="hidden"
                        onChange={(event) => {
                            const chosen = event.target.files?.[0];
                            event.target.value = '';
                            if (chosen) {
                                void add(
                                    answer(
                                        server.POST('/api/jobs/{id}/design-file', {
                                            params: { path: { id } },
                                            body: chosen as unknown as string,
                                            bodySerializer: (body) => body as unknown as Blob,
                                            headers: { 'Content-Type': 'application/zip' },
                                        }),
                                    ),
                                );
                            }
                        }}
                    />
                    <Button className="px-4" onClick={() => setAsking(false)}>
                        Not now
                    </Button>
                    <Button
                        look="main"
                        onClick={() =>
                            void add(
                                answer(
                                    server.POST('/api/jobs/{id}/designs', {
                                        params: { path: { id } },
                                        body: { blank: blank?.id ?? '', placement: placement?.id ?? '' },
                                    }),
                                ),
                            )
                        }
                    >
                        Add it
                    </Button>
                </div>
            </Modal>
        </>
    );
}

function Row({ label, children }: { label: string; children: ReactNode }) {
    return (
        <div className="grid gap-1">
            <span className="text-xs text-quiet">{label}</span>
            {children}
        </div>
    );
}
