import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, server } from '../../api/client';
import { Button } from '../../ui/Button';
import { Modal } from '../../ui/Modal';

interface Props {
    font: string;
    title: string;
    open: boolean;
    onClose: () => void;
    onChoose: (glyph: number) => void;
}

/** How many glyphs the server gives at once. */
const PAGE = 120;

/** All glyphs of a font, ornaments and alternates first, to be chosen by sight. */
export function GlyphPicker({ font, title, open, onClose, onChoose }: Props) {
    const [search, setSearch] = useState('');
    const glyphs = useInfiniteQuery({
        queryKey: ['glyphs', font, search],
        queryFn: ({ pageParam }) =>
            answer(
                server.GET('/api/fonts/{id}/glyphs', {
                    params: { path: { id: font }, query: { search, after: pageParam } },
                }),
            ),
        initialPageParam: 0,
        getNextPageParam: (last, pages) => (last.length < PAGE ? null : pages.length * PAGE),
        enabled: open,
        placeholderData: keepPreviousData,
        staleTime: Infinity,
    });
    const found = glyphs.data?.pages.flat();
    return (
        <Modal open={open} title={title} onClose={onClose} widest>
            <div className="flex items-center justify-between gap-3">
                <input
                    type="search"
                    autoFocus
                    aria-label="Find a glyph"
                    className="field w-72"
                    placeholder="A letter, or a name like heart or swash"
                    value={search}
                    onChange={(event) => setSearch(event.target.value)}
                />
                <Button className="px-3" onClick={onClose}>
                    Close
                </Button>
            </div>
            {found?.length === 0 && <p className="mt-4 text-quiet">The font has no glyph of that name.</p>}
            {glyphs.isError && <p className="mt-4 text-madder">The glyphs can’t be fetched now. Try again.</p>}
            <ul className="mt-4 grid max-h-[420px] grid-cols-[repeat(auto-fill,minmax(74px,1fr))] gap-1.5 overflow-y-auto">
                {found?.map(({ glyph, name, path, left, top, width, height }) => (
                    <li key={glyph}>
                        <button
                            aria-label={name}
                            title={name}
                            className="card flex w-full flex-col items-center p-1.5 hover:border-quiet"
                            onClick={() => onChoose(glyph)}
                        >
                            <svg aria-hidden viewBox={`${left} ${top} ${width} ${height}`} className="h-11 w-full">
                                <path d={path} className="fill-ink" fillRule="evenodd" />
                            </svg>
                            <span className="w-full truncate text-center text-2xs text-quiet">{name}</span>
                        </button>
                    </li>
                ))}
                {glyphs.hasNextPage && (
                    <li>
                        <button
                            className="h-full w-full rounded-[3px] border border-dashed border-seam p-2 text-xs font-semibold text-indigo hover:border-indigo"
                            onClick={() => void glyphs.fetchNextPage()}
                        >
                            More glyphs
                        </button>
                    </li>
                )}
            </ul>
        </Modal>
    );
}
