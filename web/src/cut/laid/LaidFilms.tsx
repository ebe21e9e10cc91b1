import { useState } from 'react';
import { Refusal, type CutRunCard, type FilmLayoutCard } from '../../api/client';
import { Button } from '../../ui/Button';
import { Message } from '../../ui/Message';
import { metres } from '../times';
import { LaidFilm } from './LaidFilm';
import { LaidMat } from './LaidMat';
import { PieceList } from './PieceList';
import type { useDesk } from './useLayouts';

interface Props {
    films: readonly FilmLayoutCard[];
    desk: ReturnType<typeof useDesk>;
    chosen: FilmLayoutCard | undefined;
    piece: number | null;
    run: CutRunCard | undefined;
    onChoose: (film: string) => void;
    onPiece: (number: number | null) => void;
}

/** All films that are laid out, at one scale; while better layouts are looked for, they change by themselves. */
export function LaidFilms({ films, desk, chosen, piece, run, onChoose, onPiece }: Props) {
    const longest = Math.max(1, ...films.map(({ length }) => length));
    const widest = Math.max(1, ...films.map(({ width }) => width));
    const scale = Math.min(640 / (longest + 100_000), 300 / widest);
    if (films.length === 0) {
        return (
            <Message within title="Nothing is laid out">
                Tick jobs on the left, or open one of their designs.
            </Message>
        );
    }
    return (
        <>
            <p role="status" className="mt-1 text-sm font-semibold text-madder">
                {desk.move.error instanceof Refusal && desk.move.error.problem.detail}
            </p>
            {films[0]?.mat ? (
                <LaidMat
                    films={films}
                    mat={films[0].mat}
                    chosen={chosen?.film}
                    piece={piece}
                    run={run}
                    onChoose={onChoose}
                    onPiece={onPiece}
                    onMove={(film, number, spot) => desk.move.mutate({ film, number, spot })}
                />
            ) : (
                <div className="mt-2 grid gap-2">
                    {films.map((film) => (
                        <LaidFilm
                            key={film.film}
                            film={film}
                            scale={Math.max(scale, 110 / film.width)}
                            chosen={film.film === chosen?.film}
                            piece={piece}
                            run={run}
                            onChoose={() => onChoose(film.film)}
                            onPiece={onPiece}
                            onMove={(number, spot) => desk.move.mutate({ film: film.film, number, spot })}
                        />
                    ))}
                </div>
            )}
            <Progress films={films} desk={desk} />
        </>
    );
}

function Progress({ films, desk }: Pick<Props, 'films' | 'desk'>) {
    const [listed, setListed] = useState(false);
    const sum = (of: (film: FilmLayoutCard) => number) => films.reduce((all, film) => all + of(film), 0);
    const open = films.filter(({ state }) => state !== 'done');
    const [length, boxes] = [sum((film) => film.length), sum((film) => film.boxes)];
    return (
        <div role="group" aria-label="Progress" className="mt-3 flex flex-wrap items-baseline gap-x-4 text-sm">
            <span>
                Laid out by shape <b>{metres(length)}</b>
            </span>
            {boxes > length && (
                <span className="text-xs text-quiet">
                    as boxes {metres(boxes)} · <b className="text-sage-deep">{metres(boxes - length)} saved</b>
                </span>
            )}
            {open.length > 0 && (
                <>
                    <span className="text-xs text-quiet">
                        still improving · {Math.round(Math.max(...films.map(({ seconds }) => seconds)))} s
                    </span>
                    <Button
                        look="words"
                        onClick={() => open.forEach(({ film }) => desk.steer.mutate({ film, act: 'stop' }))}
                    >
                        Stop here
                    </Button>
                </>
            )}
            <Button look="words" className="ml-auto" onClick={() => setListed(true)}>
                Pieces by number
            </Button>
            <PieceList films={films} open={listed} onClose={() => setListed(false)} />
        </div>
    );
}
