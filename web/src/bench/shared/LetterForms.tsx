import { useQuery } from '@tanstack/react-query';
import { answer, server, type Line } from '../../api/client';
import { useBench } from '../state/store';
import { featureName } from './features';

interface Props {
    line: Line;
    at: number;
    onChoose: (features: string[]) => void;
}

/** The letter's word with each of the font's forms of that letter. */
export function LetterForms({ line, at, onChoose }: Props) {
    const design = useBench((bench) => bench.design);
    const { lettering } = line;
    const letters = lettering.letters.map((other) => (other.at === at ? { ...other, features: [] } : other));
    const others = { ...line, lettering: { ...lettering, letters } };
    const now = lettering.letters.find((letter) => letter.at === at)?.features ?? [];
    const forms = useQuery({
        queryKey: ['forms', others, at],
        queryFn: () =>
            answer(
                server.POST('/api/letter-forms', {
                    body: { document: { ...design, lines: [others] }, line: line.id, at },
                }),
            ),
        staleTime: Infinity,
    });
    if (!forms.data) {
        return (
            <p className="mt-1.5 text-xs text-quiet">
                {forms.isError ? 'The other forms can’t be fetched now.' : 'Looking for other forms…'}
            </p>
        );
    }
    if (forms.data.length < 2) {
        return <p className="mt-1.5 text-xs text-quiet">The font has one form of this letter.</p>;
    }
    return (
        <div
            role="group"
            aria-label="Forms of the letter"
            className="mt-1.5 grid max-h-24 grid-cols-3 gap-1 overflow-y-auto"
        >
            {forms.data.map(({ features, path, left, top, width, height }) => {
                const taken = features.join() === now.join();
                const name = features.map(featureName).join(', ') || 'as set';
                return (
                    <button
                        key={name}
                        aria-label={`Form ${name}`}
                        aria-pressed={taken}
                        title={name}
                        className={`card flex flex-col items-center p-1 hover:border-quiet ${taken ? 'border-marigold! bg-held!' : ''}`}
                        onClick={() => onChoose(features)}
                    >
                        <svg aria-hidden viewBox={`${left} ${top} ${width} ${height}`} className="h-8 w-full">
                            <path d={path} className="fill-ink" fillRule="evenodd" />
                        </svg>
                        <span className="w-full truncate text-center text-2xs text-quiet">{name}</span>
                    </button>
                );
            })}
        </div>
    );
}
