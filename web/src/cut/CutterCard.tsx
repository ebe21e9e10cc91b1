import type { CutRunCard, LoadedCutter } from '../api/client';
import { answer, server } from '../api/client';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button } from '../ui/Button';
import { useCutKeys } from './cutKeys';
import { metres, showTime } from './times';

interface Props {
    cutter: LoadedCutter | null;
    /** The address of its front panel. */
    panel: string;
    run: CutRunCard | undefined;
    /** Last cut. */
    last: CutRunCard | undefined;
}

/** The cutter: what is loaded, and what it is at. */
export function CutterCard({ cutter, panel, run, last }: Props) {
    return (
        <section aria-label="Cutter" className="card px-3 py-2">
            <p className="flex justify-between">
                <b>Cutter</b>
                <b
                    className={
                        cutter
                            ? cutter.state === 'ready' || cutter.state === 'cutting'
                                ? 'text-sage-deep'
                                : 'text-madder'
                            : 'text-madder'
                    }
                >
                    {cutter?.state ?? 'doesn’t answer'}
                </b>
            </p>
            <p className="text-xs text-quiet">
                {cutter
                    ? `${cutter.filmName} loaded, ${cutter.width / 1000} mm wide, ${metres(cutter.left)} left, ${cutter.side}; blade ${cutter.blade}°`
                    : 'Switch it on and check its line.'}
            </p>
            <a
                href={panel}
                target="_blank"
                rel="noreferrer"
                className="text-xs font-semibold text-indigo hover:underline"
            >
                Its front panel
            </a>
            {run ? <Run run={run} /> : last?.state === 'cut' && <Last run={last} />}
        </section>
    );
}

function Run({ run }: { run: CutRunCard }) {
    const client = useQueryClient();
    const steer = useMutation({
        mutationFn: (act: 'go' | 'pause' | 'cancel') =>
            answer(server.POST('/api/cuts/{id}/{act}', { params: { path: { id: run.id, act } } })),
        onSettled: () => client.invalidateQueries({ queryKey: ['cut-room'] }),
    });
    useCutKeys({
        p: () => steer.mutate(run.wanted === 'pause' ? 'go' : 'pause'),
        'Ctrl+Backspace': () => steer.mutate('cancel'),
    });
    return (
        <div className="mt-2 border-t border-dashed border-seam pt-2" role="group" aria-label="Now cutting">
            <p className="truncate text-sm font-semibold">{run.title}</p>
            <div
                role="progressbar"
                aria-label="Cutting progress"
                aria-valuemin={0}
                aria-valuemax={run.rings}
                aria-valuenow={run.done}
                className="mt-1 h-2 rounded-full bg-tape"
            >
                <div
                    className="h-full rounded-full bg-marigold-deep"
                    style={{ width: `${(100 * run.done) / Math.max(1, run.rings)}%` }}
                />
            </div>
            <p className="text-xs text-quiet">
                {run.state} · {run.done} of {run.rings} cuts · {showTime(run.secondsLeft)} left
            </p>
            {run.reason && <p className="mt-1 text-xs font-semibold text-madder">{run.reason}</p>}
            <div className="mt-2 flex gap-1.5">
                {run.wanted === 'pause' ? (
                    <Button small onClick={() => steer.mutate('go')}>
                        Go on
                    </Button>
                ) : (
                    <Button small onClick={() => steer.mutate('pause')}>
                        Pause
                    </Button>
                )}
                <Button small look="away" onClick={() => steer.mutate('cancel')}>
                    Cancel the cut
                </Button>
            </div>
        </div>
    );
}

/** How well what was cut last came out, by what the cutter wrote down. */
function Last({ run: { design, film, title, within, off, offPieces, rings, stock } }: { run: CutRunCard }) {
    const client = useQueryClient();
    const again = useMutation({
        mutationFn: () => answer(server.POST('/api/cuts', { body: { design, film, pieces: offPieces } })),
        onSettled: () => client.invalidateQueries({ queryKey: ['cut-room'] }),
    });
    return (
        <div className="mt-2 border-t border-dashed border-seam pt-2" role="group" aria-label="Last cut">
            <p className="truncate text-sm font-semibold">{title}</p>
            {within === null ? (
                <p className="text-xs text-quiet">Cut; the cutter wrote down nothing of where its tip was.</p>
            ) : off === 0 ? (
                <p className="text-xs font-semibold text-sage-deep">
                    Cut as planned: the tip was never more than {within / 1000} mm off.
                </p>
            ) : (
                <p className="text-xs font-semibold text-madder">
                    {off} of {rings} cuts are off by up to {within / 1000} mm: the film lay crooked or slipped, or the
                    blade trails. They are drawn in red. Set the film straight and cut the layer again.
                </p>
            )}
            {design !== '' && off > 0 && offPieces.length > 0 && (
                <Button small className="mt-1.5" disabled={again.isPending} onClick={() => again.mutate()}>
                    {offPieces.length === 1 ? 'Cut that piece again' : `Cut those ${offPieces.length} pieces again`}
                </Button>
            )}
            {design === '' && stock === '' && <HowItWas film={film} />}
        </div>
    );
}

/** Whether a test cut came out well, for the rack to remember. */
function HowItWas({ film }: { film: string }) {
    const client = useQueryClient();
    const mark = useMutation({
        mutationFn: (how: 'good' | 'bad') =>
            server.POST('/api/test-cuts/{film}/{how}', { params: { path: { film, how } } }),
        onSettled: () => client.invalidateQueries({ queryKey: ['cut-layers'] }),
    });
    return (
        <div className="mt-2 flex items-center gap-1.5 text-xs">
            {mark.isSuccess ? (
                'The film rack remembers it.'
            ) : (
                <>
                    <Button small onClick={() => mark.mutate('good')}>
                        It came out well
                    </Button>
                    <Button small onClick={() => mark.mutate('bad')}>
                        It did not
                    </Button>
                </>
            )}
        </div>
    );
}
