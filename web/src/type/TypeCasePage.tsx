import { Button } from '../ui/Button';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import type { FontCard } from '../api/client';
import { films, fonts } from '../api/queries';
import { faceOf, loadFaces } from './fontFaces';
import { Header } from '../ui/Header';
import { LengthField } from '../ui/LengthField';
import { Message } from '../ui/Message';
import { Segments } from '../ui/Segments';
import { alternatesOf, find, pairsOf, type Kind } from './find';
import { FontArrivals } from './FontArrivals';
import { useFavourites } from './useFavourites';
import { useFontDrop } from './useFontDrop';

/** The least stroke that films of each finish take, in µm. */
const leastStroke: Record<string, number> = { smooth: 1000, glitter: 2000, flock: 2000, puff: 2000 };

/** The shop's fonts, each with the words that matter; fonts are dropped here and are usable at once. */
export function TypeCasePage() {
    const all = useQuery(fonts);
    const rack = useQuery(films).data ?? [];
    const { over, arrived, take, dismiss } = useFontDrop();
    const { favourites, toggle } = useFavourites();
    const file = useRef<HTMLInputElement>(null);
    const [words, setWords] = useState('Tern Point');
    const [search, setSearch] = useState('');
    const [kind, setKind] = useState<Kind>('all');
    const [height, setHeight] = useState(30000);
    const [film, setFilm] = useState('');
    const [only, setOnly] = useState({ thick: false, alternates: false, own: false, favourites: false });
    const finish = rack.find((candidate) => candidate.id === film)?.finish ?? rack[0]?.finish ?? 'smooth';
    const stroke = leastStroke[finish] ?? 1000;
    const found = find(all.data ?? [], {
        search,
        kind,
        thick: only.thick ? { stroke, height } : null,
        alternates: only.alternates,
        own: only.own,
        favourites: only.favourites ? favourites : null,
    });

    useEffect(() => {
        document.title = 'Type case · Uvret';
    }, []);
    useEffect(() => loadFaces(all.data ?? []), [all.data]);

    return (
        <div className="flex min-h-dvh flex-col">
            <Header />
            <main className="flex flex-1 flex-col px-7 py-5">
                <div className="flex items-center justify-between gap-6">
                    <div className="min-w-0">
                        <h1 className="text-2xl font-bold">Type case</h1>
                        <p className="mt-0.5 text-xs text-quiet">
                            Drop font files anywhere on this page or on the Bench; they are usable at once.
                        </p>
                    </div>
                    <div className="flex items-center gap-2">
                        <input
                            aria-label="Sample text"
                            className="field w-56"
                            maxLength={60}
                            value={words}
                            onChange={(event) => setWords(event.target.value)}
                        />
                        <input
                            type="search"
                            aria-label="Find a font"
                            className="field w-44"
                            placeholder="Find a font"
                            value={search}
                            onChange={(event) => setSearch(event.target.value)}
                        />
                        <Button look="main" onClick={() => file.current?.click()}>
                            Add fonts
                        </Button>
                        <input
                            ref={file}
                            type="file"
                            multiple
                            aria-label="Font files"
                            accept=".ttf,.otf,.woff"
                            className="hidden"
                            onChange={(event) => {
                                void take(Array.from(event.target.files ?? []));
                                event.target.value = '';
                            }}
                        />
                    </div>
                </div>
                <div className="mt-4 flex flex-wrap items-center gap-x-3 gap-y-2">
                    <Segments
                        label="Kind"
                        value={kind}
                        options={(['all', 'block', 'script', 'stencil', 'condensed', 'slab'] as const).map((value) => ({
                            value,
                            show: value,
                        }))}
                        onChange={setKind}
                    />
                    <Only on={only.alternates} onChange={(alternates) => setOnly({ ...only, alternates })}>
                        has alternates
                    </Only>
                    <Only on={only.own} onChange={(own) => setOnly({ ...only, own })}>
                        the shop’s own
                    </Only>
                    <Only on={only.favourites} onChange={(favourites) => setOnly({ ...only, favourites })}>
                        favourites
                    </Only>
                    <span className="ml-auto flex items-center gap-2">
                        <Only on={only.thick} onChange={(thick) => setOnly({ ...only, thick })}>
                            thick enough
                        </Only>
                        <span className="text-xs text-quiet">for</span>
                        <select
                            aria-label="Film"
                            className="field"
                            value={film}
                            onChange={(event) => setFilm(event.target.value)}
                        >
                            {rack.map(({ id, name }) => (
                                <option key={id} value={id}>
                                    {name}
                                </option>
                            ))}
                        </select>
                        <span className="text-xs text-quiet">at letters</span>
                        <LengthField
                            label="Height of the letters"
                            note="high"
                            unit="mm"
                            least={1000}
                            value={height}
                            onChange={setHeight}
                        />
                    </span>
                </div>
                {found.length > 0 ? (
                    <ul className="mt-5 grid grid-cols-[repeat(auto-fill,minmax(290px,1fr))] gap-3">
                        {found.map((font) => (
                            <Card
                                key={font.id}
                                font={font}
                                words={words}
                                least={{ height, stroke }}
                                pairs={pairsOf(font, all.data ?? [])}
                                favourite={favourites.has(font.id)}
                                onFavourite={() => toggle(font.id)}
                            />
                        ))}
                    </ul>
                ) : (
                    <Message within title={all.isPending ? 'Opening the type case…' : 'No font matches'}>
                        {all.isError
                            ? 'The server does not answer. Start it with bin/start, then reload the page.'
                            : all.data && 'Clear a filter, or add a font.'}
                    </Message>
                )}
            </main>
            <FontArrivals over={over} arrived={arrived} onDismiss={dismiss} />
        </div>
    );
}

interface CardProps {
    font: FontCard;
    words: string;
    least: { height: number; stroke: number };
    pairs: readonly FontCard[];
    favourite: boolean;
    onFavourite: () => void;
}

function Card({ font, words, least, pairs, favourite, onFavourite }: CardProps) {
    const thin = font.thin * least.height;
    const enough = thin >= least.stroke;
    return (
        <li className="card flex min-w-0 flex-col p-3">
            <span
                className="truncate text-[34px] leading-[54px]"
                style={{ fontFamily: `'${faceOf(font.id)}', var(--font-sans)` }}
            >
                {words.trim() || font.name}
            </span>
            <span className="stitch flex items-baseline justify-between gap-2 pt-1.5">
                <b className="truncate">{font.name}</b>
                <button
                    aria-label={`${font.name} is a favourite`}
                    aria-pressed={favourite}
                    className={`text-xs font-semibold ${favourite ? 'text-marigold-deep' : 'text-indigo hover:underline'}`}
                    onClick={onFavourite}
                >
                    {favourite ? '★ favourite' : '☆ favourite'}
                </button>
            </span>
            <span className="text-xs text-quiet">
                {font.own ? 'the shop’s own' : font.use}
                {font.joins && ' · letters join'}
                {font.variable && ' · variable: its default instance'}
            </span>
            <span className={`mt-1 text-xs font-semibold ${enough ? 'text-sage-deep' : 'text-madder'}`}>
                Thinnest strokes {(thin / 1000).toFixed(1)} mm
                {enough ? '' : `, the film needs ${(least.stroke / 1000).toFixed(1)} mm`}
            </span>
            <span className="truncate text-xs text-quiet" title={alternatesOf(font).join(', ')}>
                {font.accents} accented letters
                {alternatesOf(font).length > 0 && ` · other forms: ${alternatesOf(font).join(', ')}`}
            </span>
            {pairs.length > 0 && (
                <span className="truncate text-xs text-quiet">
                    Goes with{' '}
                    {pairs.map((pair) => (
                        <span
                            key={pair.id}
                            className="mr-2 text-[15px] text-ink"
                            style={{ fontFamily: `'${faceOf(pair.id)}'` }}
                        >
                            {pair.name}
                        </span>
                    ))}
                </span>
            )}
            <span className="mt-auto truncate pt-1 text-2xs text-quiet" title={font.licence}>
                {font.licence}
                {!font.embeddable && ' · may not be taken along in files'}
            </span>
        </li>
    );
}

function Only({ on, onChange, children }: { on: boolean; onChange: (on: boolean) => void; children: string }) {
    return (
        <label className="flex items-center gap-1.5">
            <input type="checkbox" checked={on} onChange={(event) => onChange(event.target.checked)} />
            {children}
        </label>
    );
}
