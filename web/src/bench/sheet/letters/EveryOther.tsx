import type { Line } from '../../../api/client';
import { withAlternateFilm } from '../../model/edits';
import { FilmChoice } from '../../shared/FilmChoice';
import { Row } from '../../shared/Row';
import { useBenchStore } from '../../state/store';

/** Every other letter in another film. */
export function EveryOther({ line }: { line: Line }) {
    const { change } = useBenchStore().getState();
    return (
        <Row name="Every other">
            <FilmChoice
                label="Film of every other letter"
                value={alternateOf(line)}
                onChange={(film) => film && change(withAlternateFilm(line.id, film))}
            />
        </Row>
    );
}

/** The film of every other letter, by default the line's. */
function alternateOf(line: Line): string {
    const seen = Array.from(line.lettering.words).flatMap((character, at) => (character.trim() === '' ? [] : [at]));
    const films = seen.map((at) => line.lettering.letters.find((letter) => letter.at === at)?.film ?? '');
    const other = films[1] ?? '';
    return other !== '' && films.every((film, at) => film === (at % 2 === 1 ? other : '')) ? other : line.film;
}
