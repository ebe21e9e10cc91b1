import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { answer, Refusal, server } from '../api/client';
import { films } from '../api/queries';
import { freeId, withNewMotif } from './edits';
import type { Draft } from './useDesign';

interface Props {
    draft: Draft;
    className: string;
    onChoose: (card: string) => void;
}

/** Takes an SVG file in as a motif, and says what of it was left out. */
export function AddMotif({ draft, className, onChoose }: Props) {
    const { design, change } = draft;
    const rack = useQuery(films).data ?? design.films;
    const input = useRef<HTMLInputElement>(null);
    const [said, setSaid] = useState<readonly string[]>([]);
    const take = async (file: File) => {
        try {
            const artwork = await answer(
                server.POST('/api/artwork', {
                    body: file as unknown as string,
                    bodySerializer: (body) => body as unknown as Blob,
                    headers: { 'Content-Type': 'image/svg+xml' },
                }),
            );
            const id = freeId(design, 'motif');
            change(withNewMotif(id, file.name.replace(/\.svg$/i, ''), artwork, rack));
            onChoose(id);
            setSaid(artwork.notes);
        } catch (error) {
            setSaid([error instanceof Refusal ? error.message : 'The server can’t be reached. Try again.']);
        }
    };
    return (
        <>
            <button aria-label="Add a motif" className={className} onClick={() => input.current?.click()}>
                Motif
            </button>
            <input
                ref={input}
                type="file"
                aria-label="SVG file of the motif"
                accept=".svg,image/svg+xml"
                className="sr-only"
                tabIndex={-1}
                onChange={(event) => {
                    const file = event.target.files?.[0];
                    event.target.value = '';
                    if (file) {
                        void take(file);
                    }
                }}
            />
            {said.length > 0 && (
                <div role="alert" className="card absolute inset-x-3 bottom-3 z-20 border-marigold! p-3 text-xs">
                    {said.map((sentence) => (
                        <p key={sentence}>{sentence}</p>
                    ))}
                    <button className="mt-1.5 font-semibold text-indigo hover:underline" onClick={() => setSaid([])}>
                        Good
                    </button>
                </div>
            )}
        </>
    );
}
