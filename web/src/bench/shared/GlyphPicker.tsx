import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useState } from 'react';
import { answer, server, type GlyphCard } from '../../api/client';
import { Button } from '../../ui/Button';
import { Modal } from '../../ui/Modal';

interface Props {
    font: string;
    title: string;
    onClose: () => void;
    onChoose: (glyph: number) => void;
}

/** Glyphs per request. */
const PAGE = 120;

/** Minimum width of a glyph button and height of a row, gaps included, in pixels. */
const CELL = 80;
const ROW = 84;

/** All glyphs of a font, ornaments and alternates first; more are fetched while scrolling. */
export function GlyphPicker({ font, title, onClose, onChoose }: Props) {
    const [search, setSearch] = useState('');
    const [list, setList] = useState<HTMLElement | null>(null);
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
        placeholderData: keepPreviousData,
        staleTime: Infinity,
    });
    const found = glyphs.data?.pages.flat() ?? [];
    const columns = Math.max(1, Math.floor((list?.clientWidth ?? 10 * CELL) / CELL));
    const last = Math.ceil(found.length / columns) - 1;
    // eslint-disable-next-line react-hooks/incompatible-library
    const rows = useVirtualizer({
        count: last + 1,
        getScrollElement: () => list,
        estimateSize: () => ROW,
        overscan: 2,
        onChange: (seen) => {
            if ((seen.range?.endIndex ?? 0) >= last && glyphs.hasNextPage && !glyphs.isFetching) {
                void glyphs.fetchNextPage();
            }
        },
    });
    return (
        <Modal open title={title} onClose={onClose} widest>
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
            {glyphs.data && found.length === 0 && (
                <p className="mt-4 text-quiet">The font has no glyph of that name.</p>
            )}
            {glyphs.isError && <p className="mt-4 text-madder">The glyphs can’t be fetched now. Try again.</p>}
            <div ref={setList} className="mt-4 h-[420px] overflow-y-auto">
                <div role="list" className="relative" style={{ height: rows.getTotalSize() }}>
                    {rows.getVirtualItems().map(({ key, index, start }) => (
                        <div
                            key={key}
                            role="presentation"
                            className="absolute inset-x-0 grid gap-1.5"
                            style={{ top: start, gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }}
                        >
                            {found.slice(index * columns, (index + 1) * columns).map((card) => (
                                <Glyph key={card.glyph} card={card} onChoose={onChoose} />
                            ))}
                        </div>
                    ))}
                </div>
            </div>
        </Modal>
    );
}

function Glyph({ card, onChoose }: { card: GlyphCard; onChoose: Props['onChoose'] }) {
    const { glyph, name, path, left, top, width, height } = card;
    return (
        <div role="listitem">
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
        </div>
    );
}
