import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import type { Line } from '../../../api/client';
import { fonts } from '../../../api/queries';
import { Button } from '../../../ui/Button';
import { isLine, withCardFilm, withLine, type Card } from '../../model/edits';
import { FilmChoice } from '../../shared/FilmChoice';
import { FontChoice } from '../../shared/FontChoice';
import { useBenchStore } from '../../state/store';
import { filmOf } from './films';

const TryOutDialog = lazy(() =>
    import('../tryout/TryOutDialog').then(({ TryOutDialog }) => ({ default: TryOutDialog })),
);

/** A line's font and film, or a form's film. */
export function FilmRow({ card }: { card: Card }) {
    const { change } = useBenchStore().getState();
    const film = filmOf(card);
    return isLine(card) || film !== null ? (
        <span className="flex gap-1.5">
            {isLine(card) && <Font line={card} />}
            {film !== null && (
                <FilmChoice
                    label="Film"
                    className={isLine(card) ? 'w-24 shrink-0' : 'flex-1'}
                    value={film}
                    onChange={(next) => next && change(withCardFilm(card.id, next))}
                />
            )}
        </span>
    ) : null;
}

function Font({ line }: { line: Line }) {
    const typeCase = useQuery(fonts).data ?? [];
    const { change } = useBenchStore().getState();
    const [trying, setTrying] = useState(false);
    const setFont = (font: string) => change(withLine(line.id, ({ lettering }) => (lettering.font = font)));
    return (
        <>
            <FontChoice
                words={line.lettering.words}
                value={line.lettering.font}
                typeCase={typeCase}
                onChange={setFont}
            />
            <Button
                small
                aria-label="Try-out"
                title="Try-out: the words in several fonts side by side"
                onClick={() => setTrying(true)}
            >
                Aa
            </Button>
            {trying && (
                <Suspense>
                    <TryOutDialog
                        line={line}
                        typeCase={typeCase}
                        onClose={() => setTrying(false)}
                        onChoose={(font) => {
                            setFont(font);
                            setTrying(false);
                        }}
                    />
                </Suspense>
            )}
        </>
    );
}
