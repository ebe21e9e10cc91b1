import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, Refusal, server, type CutLayerCard } from '../api/client';
import { Button } from '../ui/Button';
import { stepped, useCutKeys } from './cutKeys';
import { formats } from './formats';
import { about, metres, showTime } from './times';

/** The chosen layer: how its film is cut, what it takes, and the way to the cutter. */
interface Props {
    design: string;
    layer: CutLayerCard;
    busy: boolean;
    /** The piece that is to be cut again. */
    piece: number | undefined;
    onPiece: (number: number) => void;
}

export function LayerPanel({ design, layer, busy, piece, onPiece }: Props) {
    const client = useQueryClient();
    const send = useMutation({
        mutationFn: (pieces: number[]) =>
            answer(server.POST('/api/cuts', { body: { design, film: layer.film.id, copies: layer.copies, pieces } })),
        onSettled: () => client.invalidateQueries({ queryKey: ['cut-room'] }),
    });
    const test = useMutation({
        mutationFn: () => answer(server.POST('/api/test-cuts/{film}', { params: { path: { film: layer.film.id } } })),
        onSettled: () => client.invalidateQueries({ queryKey: ['cut-room'] }),
    });
    const { film } = layer;
    const idle = !busy && !send.isPending;
    const step = (by: number) => onPiece(stepped(piece ?? -1, by, layer.ink.length));
    useCutKeys({
        'Ctrl+Enter': idle && layer.fits && (() => send.mutate([])),
        'Shift+Enter': idle && layer.cutAt !== null && piece !== undefined && (() => send.mutate([piece])),
        t: idle && !test.isPending && (() => test.mutate()),
        n: layer.cutAt !== null && (() => step(1)),
        b: layer.cutAt !== null && (() => step(-1)),
    });
    const cost = (layer.price * layer.length) / 1e6;
    return (
        <section aria-label={`How ${film.name} is cut`}>
            <h2 className="heading">{film.name}</h2>
            <div className="card mt-2 px-3 py-2">
                <b>{film.bladeSide === 'mirrored' ? 'Mirrored, carrier down' : 'As worn, carrier up'}</b>
                <p className="text-xs text-quiet">
                    Roll of {film.width / 1000} mm, {metres(layer.stock)} left on the rack.
                </p>
            </div>
            <dl className="mt-2 grid grid-cols-[6rem_1fr] gap-y-1 text-sm">
                <Figure name="Blade">{layer.blade}°</Figure>
                <Figure name="Force">{layer.force} g</Figure>
                <Figure name="Speed">{layer.speed} mm/s</Figure>
                <Figure name="Passes">{layer.passes}</Figure>
                {layer.mat !== 'none' && <Figure name="Mat">{layer.mat}</Figure>}
                <Figure name="Cutting">{showTime(layer.seconds * layer.passes)}</Figure>
                <Figure name="To weed">
                    {layer.toWeed} {layer.toWeed === 1 ? 'piece' : 'pieces'}, about {about(layer.weeding)}
                </Figure>
                <Figure name="Film">
                    {metres(layer.length)}
                    {cost > 0 && ` · ${cost.toFixed(2)}`}
                </Figure>
            </dl>
            <p className="mt-1 text-xs text-quiet">
                {layer.hardPlaces > 0 &&
                    `${layer.hardPlaces} hard ${layer.hardPlaces === 1 ? 'place' : 'places'} to weed (small holes, narrow waste, thin strokes), marked on the film. `}
                {layer.narrowest > 0 &&
                    `Narrowest waste ${(layer.narrowest / 1000).toFixed(1)} mm, smallest piece ${(layer.smallest / 1000).toFixed(1)} mm long. `}
                Blade, force, speed, passes and mat are from the film rack. The order of the cuts saves{' '}
                {metres(layer.saved)} of travel.
            </p>
            <p className={`mt-2 text-xs font-semibold ${layer.testedGood ? 'text-sage-deep' : 'text-madder'}`}>
                {layer.testedOn === ''
                    ? 'This film was never tested. Make a test cut first.'
                    : `A test cut was ${layer.testedGood ? 'good' : 'not good'} on ${day(layer.testedOn)}.`}
            </p>
            {layer.cutAt && <p className="mt-2 text-sm font-semibold text-sage-deep">Cut on {day(layer.cutAt)}</p>}
            <div className="mt-3 flex gap-2">
                <Button disabled={busy || test.isPending} onClick={() => test.mutate()}>
                    Test cut
                </Button>
                <Button
                    look="main"
                    className="flex-1 px-2!"
                    disabled={busy || send.isPending || !layer.fits}
                    onClick={() => send.mutate([])}
                >
                    {layer.cutAt ? 'Cut it again' : 'Send to the cutter'}
                </Button>
            </div>
            <p role="status" className="mt-1 text-xs font-semibold text-madder">
                {!layer.fits && 'It is wider than the film. Make the lettering smaller, or choose a wider film.'}
                {[send.error, test.error].map((error) => error instanceof Refusal && error.problem.detail)}
            </p>
            {layer.cutAt && (
                <PieceAgain
                    count={layer.ink.length}
                    piece={piece}
                    busy={!idle}
                    onStep={step}
                    onCut={(number) => send.mutate([number])}
                />
            )}
            <h3 className="heading mt-4">Files</h3>
            <div className="mt-2 flex gap-1.5">
                {formats.map(([format, name]) => (
                    <a
                        key={format}
                        className="field flex-1 text-center text-xs font-semibold text-indigo hover:border-indigo"
                        href={`/api/designs/${design}/blade-side/${film.id}.${format}${layer.copies > 1 ? `?copies=${layer.copies}` : ''}`}
                        download
                    >
                        {name}
                    </a>
                ))}
            </div>
        </section>
    );
}

interface PieceProps {
    count: number;
    piece: number | undefined;
    busy: boolean;
    onStep: (by: number) => void;
    onCut: (number: number) => void;
}

/** One piece of a layer that was cut, once more: chosen on the film or stepped to. */
function PieceAgain({ count, piece, busy, onStep, onCut }: PieceProps) {
    return (
        <div role="group" aria-label="Cut one piece again" className="mt-3 flex items-center gap-1.5 text-xs">
            <Button small aria-label="Previous piece" onClick={() => onStep(-1)}>
                ‹
            </Button>
            <span className="text-quiet">{piece === undefined ? `${count} pieces` : `${piece + 1} of ${count}`}</span>
            <Button small aria-label="Next piece" onClick={() => onStep(1)}>
                ›
            </Button>
            <Button
                small
                className="ml-auto"
                disabled={busy || piece === undefined}
                onClick={() => piece !== undefined && onCut(piece)}
            >
                Cut this piece again
            </Button>
        </div>
    );
}

const day = (date: string) => new Date(date).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });

function Figure({ name, children }: { name: string; children: React.ReactNode }) {
    return (
        <>
            <dt className="text-quiet">{name}</dt>
            <dd className="font-semibold">{children}</dd>
        </>
    );
}
