import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useLocation, useParams } from 'wouter';
import type { CutLayerCard, CutRunCard, FilmLayoutCard } from '../api/client';
import { cutLayers, cutRoom } from '../api/queries';
import { useFreshJobs } from '../jobs/useFreshJobs';
import { Button } from '../ui/Button';
import { Header } from '../ui/Header';
import { KeyList } from '../ui/KeyList';
import { Message } from '../ui/Message';
import { Modal } from '../ui/Modal';
import { NumberField } from '../ui/NumberField';
import { Segments } from '../ui/Segments';
import { TapeEntry } from '../ui/TapeEntry';
import { groups, keys, stepped, useCutKeys } from './cutKeys';
import { CutterCard } from './CutterCard';
import { FilmStrip } from './FilmStrip';
import { isOnMat, itemsIn } from './laid/chosen';
import { LaidFilms } from './laid/LaidFilms';
import { LaidPanel } from './laid/LaidPanel';
import { useDesk, useLayouts } from './laid/useLayouts';
import { LayerPanel } from './LayerPanel';
import { about, metres, showTime } from './times';
import { ToCut } from './ToCut';

/** Layers on their films, on their way to the cutter. */
export function CutRoomPage() {
    const { design } = useParams<{ design?: string }>();
    const room = useQuery(cutRoom).data;
    const [copies, setCopies] = useCopies(design ?? '');
    const layers = useQuery({ ...cutLayers(design ?? '', copies), enabled: Boolean(design) });
    const [film, setFilm] = useState<string | null>(null);
    const [piece, setPiece] = useState<Chosen | null>(null);
    const chosen = layers.data?.find((layer) => layer.film.id === film) ?? layers.data?.[0];
    const run = room?.runs[0];
    const again = piece?.design === design && piece?.film === chosen?.film.id ? piece?.number : undefined;
    const [listed, setListed] = useState(false);
    const step = (by: number) => {
        const films = design ? (layers.data?.map((layer) => layer.film.id) ?? []) : laid.map((one) => one.film);
        setFilm(films[stepped(films.indexOf(chosen?.film.id ?? laidFilm?.film ?? ''), by, films.length)] ?? null);
    };
    const all = allOf(chosen?.wanted ?? 1);
    const laid = useLayouts();
    const desk = useDesk();
    const laidFilm = design ? undefined : (laid.find((one) => one.film === film) ?? laid[0]);
    const [laidPiece, setLaidPiece] = useState<number | null>(null);
    const [, navigate] = useLocation();
    useCutKeys({
        l: () => navigate('/cut-room'),
        s: () => laid.forEach((one) => one.state !== 'done' && desk.steer.mutate({ film: one.film, act: 'stop' })),
        f: () => step(1),
        'Shift+f': () => step(-1),
        a: all > 1 && (() => setCopies(copies === all ? 1 : all)),
        '?': () => setListed(true),
    });
    useFreshJobs();
    useWhenOver(run);
    useEffect(() => {
        document.title = 'Cut room · Uvret';
    }, []);

    return (
        <div className="flex h-dvh flex-col">
            <Header />
            <main className="grid min-h-0 flex-1 grid-cols-[250px_minmax(0,1fr)_270px]">
                <ToCut chosen={design ?? null} />
                <section aria-label="Film, blade side up" className="min-h-0 overflow-auto border-x border-seam p-4">
                    <div className="flex items-center justify-between gap-3">
                        <h1 className="heading">Film, blade side up</h1>
                        {design && chosen && <HowMany copies={copies} wanted={chosen.wanted} onChange={setCopies} />}
                        {!design && laid.length > 0 && (
                            <Segments
                                label="Lay out"
                                small
                                value={isOnMat(laid) ? 'mat' : 'film'}
                                options={[
                                    { value: 'film', show: 'By film' },
                                    { value: 'mat', show: 'One carrier mat' },
                                ]}
                                onChange={(how) => desk.choose.mutate({ items: itemsIn(laid), onMat: how === 'mat' })}
                            />
                        )}
                    </div>
                    {layers.data ? (
                        <Strips
                            layers={layers.data}
                            chosen={chosen}
                            run={run}
                            last={room?.over[0]}
                            design={design ?? ''}
                            piece={again}
                            onChoose={setFilm}
                            onPiece={(film, number) => {
                                setFilm(film);
                                setPiece({ design: design ?? '', film, number });
                            }}
                        />
                    ) : layers.error ? (
                        <Message within title="This design can’t be cut">
                            {layers.error.message}
                        </Message>
                    ) : (
                        !design && (
                            <LaidFilms
                                films={laid}
                                desk={desk}
                                chosen={laidFilm}
                                piece={laidPiece}
                                run={run}
                                onChoose={setFilm}
                                onPiece={setLaidPiece}
                            />
                        )
                    )}
                </section>
                <aside
                    aria-label="The layer and the cutter"
                    className="grid min-h-0 content-start gap-4 overflow-y-auto p-3"
                >
                    {design && chosen && (
                        <LayerPanel
                            key={`${design} ${chosen.film.id}`}
                            design={design}
                            layer={chosen}
                            busy={run !== undefined}
                            piece={again}
                            onPiece={(number) => setPiece({ design, film: chosen.film.id, number })}
                        />
                    )}
                    {laidFilm && (
                        <LaidPanel
                            key={laidFilm.film}
                            film={laidFilm}
                            piece={laidPiece}
                            busy={run !== undefined}
                            desk={desk}
                        />
                    )}
                    {room && <CutterCard cutter={room.cutter} panel={room.panel} run={run} last={room.over[0]} />}
                </aside>
            </main>
            <Tape layers={layers.data ?? []} laid={design ? [] : laid} run={run} onKeys={() => setListed(true)} />
            <Modal open={listed} title="Keys" onClose={() => setListed(false)} widest>
                <KeyList keys={keys} groups={groups} />
                <Button className="mt-3 w-full" onClick={() => setListed(false)}>
                    Close
                </Button>
            </Modal>
        </div>
    );
}

/** A piece of a layer that is to be cut again. */
interface Chosen {
    design: string;
    film: string;
    number: number;
}

/** How many of a design are laid out; each design begins with one. */
function useCopies(design: string) {
    const [set, setSet] = useState({ design, copies: 1 });
    return [set.design === design ? set.copies : 1, (copies: number) => setSet({ design, copies })] as const;
}

/** As many as can be laid out of those that are wanted. */
const allOf = (wanted: number) => Math.min(wanted, 200);

function HowMany({ copies, wanted, onChange }: { copies: number; wanted: number; onChange: (copies: number) => void }) {
    const all = allOf(wanted);
    return (
        <span className="flex items-center gap-1.5 text-xs text-quiet">
            Copies
            <NumberField label="Copies" unit={`of ${wanted}`} value={copies} least={1} most={200} onChange={onChange} />
            {all > 1 && (
                <Button small on={copies === all} onClick={() => onChange(copies === all ? 1 : all)}>
                    All {all}
                </Button>
            )}
        </span>
    );
}

interface StripsProps {
    layers: readonly CutLayerCard[];
    chosen: CutLayerCard | undefined;
    run: CutRunCard | undefined;
    last: CutRunCard | undefined;
    design: string;
    piece: number | undefined;
    onChoose: (film: string) => void;
    onPiece: (film: string, number: number) => void;
}

/** All at one scale, so large that the longest fits in; what would be too small to judge is scrolled along. */
function Strips({ layers, chosen, run, last, design, piece, onChoose, onPiece }: StripsProps) {
    const of = (one: CutRunCard | undefined, film: string) =>
        one?.design === design && one.film === film ? one : undefined;
    const length = Math.max(1, ...layers.map((layer) => layer.length));
    const across = Math.max(1, ...layers.map((layer) => layer.across));
    const whole = Math.min(620 / (length + 60_000), (layers.length > 2 ? 240 : 420) / (across + 25_000));
    const scale = Math.max(whole, 130 / (across + 25_000));
    return (
        <div className="mt-2 flex flex-wrap items-start gap-2">
            {layers.map((layer) => (
                <FilmStrip
                    key={layer.film.id}
                    layer={layer}
                    scale={scale}
                    chosen={layer === chosen}
                    run={of(run, layer.film.id)}
                    off={of(run ?? last, layer.film.id)?.offPath ?? ''}
                    piece={layer === chosen ? piece : undefined}
                    onChoose={() => onChoose(layer.film.id)}
                    onPiece={layer.cutAt === null ? undefined : (number) => onPiece(layer.film.id, number)}
                />
            ))}
            {layers.length === 0 && <p className="text-sm text-quiet">Nothing of this design is cut.</p>}
        </div>
    );
}

interface TapeProps {
    layers: readonly CutLayerCard[];
    laid: readonly FilmLayoutCard[];
    run: CutRunCard | undefined;
    onKeys: () => void;
}

function Tape({ layers, laid, run, onKeys }: TapeProps) {
    const sum = (of: (layer: CutLayerCard) => number) => layers.reduce((all, layer) => all + of(layer), 0);
    const short = layers.filter(({ stock, length }) => stock < length);
    return (
        <footer aria-label="Totals" className="flex h-9 shrink-0 bg-tape text-sm">
            {layers.length > 0 && (
                <>
                    <TapeEntry name="Film">{metres(sum(({ length }) => length))}</TapeEntry>
                    <TapeEntry name="Cutting">{showTime(sum(({ seconds, passes }) => seconds * passes))}</TapeEntry>
                    <TapeEntry name="To weed">
                        {sum(({ toWeed }) => toWeed)} pieces, about {about(sum(({ weeding }) => weeding))}
                    </TapeEntry>
                </>
            )}
            <LaidEntries films={laid} />
            {short.map(({ film, stock, length }) => (
                <TapeEntry key={film.id} tone="bad">
                    {film.name}: {metres(length - stock)} short
                </TapeEntry>
            ))}
            {run && <TapeEntry name="Being cut">{run.title}</TapeEntry>}
            <button className="ml-auto px-4 text-xs font-semibold text-indigo hover:underline" onClick={onKeys}>
                Keys
            </button>
        </footer>
    );
}

/** The day's film, its cost, and films that run short. */
function LaidEntries({ films }: { films: readonly FilmLayoutCard[] }) {
    if (films.length === 0) {
        return null;
    }
    const length = films.reduce((all, film) => all + film.length, 0);
    const cost = films.reduce((all, film) => all + (film.price * film.length) / 1e6, 0);
    return (
        <>
            <TapeEntry name="Chosen">{films.reduce((all, { pieces }) => all + pieces.length, 0)} pieces</TapeEntry>
            <TapeEntry name="Film">
                {metres(length)}
                {cost > 0 && ` · ${cost.toFixed(2)}`}
            </TapeEntry>
            {films
                .filter((film) => film.stock < film.length)
                .map((film) => (
                    <TapeEntry key={film.film} tone="bad">
                        {film.name}: {metres(film.length - film.stock)} short
                    </TapeEntry>
                ))}
        </>
    );
}

/** What a cut changes of layers and rack is asked for again when it is over. */
function useWhenOver(run: CutRunCard | undefined): void {
    const client = useQueryClient();
    const before = useRef(run?.id);
    useEffect(() => {
        if (before.current !== undefined && before.current !== run?.id) {
            void client.invalidateQueries({ queryKey: ['cut-layers'] });
            void client.invalidateQueries({ queryKey: ['rack'] });
            void client.invalidateQueries({ queryKey: ['layouts'] });
            void client.invalidateQueries({ queryKey: ['scraps'] });
        }
        before.current = run?.id;
    }, [client, run?.id]);
}
