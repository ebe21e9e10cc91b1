import type { Line } from '../../../api/client';
import { faceOf } from '../../../type/fontFaces';
import { lettersAlike } from '../../model/edits';
import { useBench, useBenchStore } from '../../state/store';

/** A line's letters to choose from; letters with settings are darker. */
export function LetterRow({ line, chosen }: { line: Line; chosen: number | null }) {
    const { look } = useBenchStore().getState();
    const { words, letters, font } = line.lettering;
    const alike = useBench((bench) => bench.alike);
    const places = chosen === null ? [] : alike ? lettersAlike(line, chosen) : [chosen];
    const lookOf = (at: number) =>
        places.includes(at)
            ? 'border-marigold bg-held'
            : letters.some((other) => other.at === at)
              ? 'border-seam bg-tape'
              : 'border-transparent hover:border-seam';
    return (
        <div
            className="mb-1.5 flex max-h-16 flex-wrap gap-0.5 overflow-y-auto"
            role="group"
            aria-label="Letters of the line"
            data-field="letters"
        >
            {Array.from(words).map((character, at) =>
                character.trim() === '' ? (
                    <span key={at} className="w-2" />
                ) : (
                    <button
                        key={at}
                        aria-label={`Letter ${at + 1}: ${character}`}
                        aria-pressed={places.includes(at)}
                        className={`min-w-5.5 rounded-[2px] border px-1 text-[17px] leading-6 ${lookOf(at)}`}
                        style={{ fontFamily: `'${faceOf(font)}', var(--font-sans)` }}
                        onClick={() => look({ letter: at === chosen ? null : at, alike: places.includes(at) && alike })}
                    >
                        {character}
                    </button>
                ),
            )}
        </div>
    );
}
