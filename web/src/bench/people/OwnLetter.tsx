import type { Letter, Line } from '../../api/client';
import { NumberField } from '../../ui/NumberField';
import { LetterForms } from '../shared/LetterForms';
import type { OwnLetter as OwnLetterSetting } from '../model/own';

interface Props {
    line: Line;
    words: string;
    letters: readonly OwnLetterSetting[];
    at: number;
    onChange: (to: Partial<Letter>) => void;
}

const plain: Letter = { at: 0, kern: 0, along: 0, across: 0, turn: 0, scale: 100, features: [], film: '', glyph: -1 };

/** One letter of a person's line: moved, turned, or another form of it. */
export function OwnLetter({ line, words, letters, at, onChange }: Props) {
    const own = letters.find((letter) => letter.at === at);
    // The line with this person's words.
    const theirs: Line = {
        ...line,
        lettering: { ...line.lettering, words, letters: letters.map((letter) => ({ ...plain, ...letter })) },
    };
    const field = (label: string, key: 'along' | 'across' | 'turn', unit: string, most: number) => (
        <span className="grid gap-0.5 text-xs text-quiet">
            {label}
            <NumberField
                label={`${label} of this letter`}
                value={own?.[key] ?? 0}
                unit={unit}
                least={-most}
                most={most}
                step={key === 'turn' ? 1 : 5}
                onChange={(value) => onChange({ [key]: value })}
            />
        </span>
    );
    return (
        <>
            <span className="flex gap-2">
                {field('Right', 'along', '‰', 1000)}
                {field('Up', 'across', '‰', 1000)}
                {field('Turn', 'turn', '°', 180)}
            </span>
            <LetterForms line={theirs} at={at} onChoose={(features) => onChange({ features })} />
        </>
    );
}
